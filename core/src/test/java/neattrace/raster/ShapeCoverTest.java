package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Rectangle;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Covers against areas that are known, by formula or by JTS. */
class ShapeCoverTest {

    private static double sum(ShapeCover cover) {
        double[] sum = {0};
        cover.forEach((x, y, value) -> sum[0] += value / 255.0);
        return sum[0];
    }

    @Test
    void aRectangleCoversItsPixelsByTheirShare() {
        ShapeCover cover = ShapeCover.of(new Rectangle2D.Double(3.25, 4.5, 2.5, 1.25), 20, 20, 0);
        int[][] found = new int[20][20];
        cover.forEach((x, y, value) -> found[y][x] = value);
        assertThat(found[4][3]).isCloseTo((int) (255 * 0.75 * 0.5), within(3));
        assertThat(found[4][4]).isCloseTo((int) (255 * 0.5), within(3));
        assertThat(found[5][4]).isCloseTo((int) (255 * 0.75), within(3));
        assertThat(found[6][4]).isZero();
        assertThat(sum(cover)).isCloseTo(2.5 * 1.25, within(0.03));
    }

    @Test
    void aDiscCoversItsArea() {
        for (double radius : new double[] {0.8, 3, 12.3}) {
            ShapeCover cover =
                    ShapeCover.of(
                            new Ellipse2D.Double(
                                    20.3 - radius, 19.6 - radius, 2 * radius, 2 * radius),
                            40,
                            40,
                            0);
            double area = Math.PI * radius * radius;
            assertThat(sum(cover)).isCloseTo(area, within(0.02 * area + 0.02));
        }
    }

    @Test
    void randomPolygonsCoverWhatJtsSaysTheyDo() {
        Random random = new Random(3);
        GeometryFactory factory = new GeometryFactory();
        for (int round = 0; round < 30; round++) {
            Coordinate[] corners = new Coordinate[4];
            Path2D path = new Path2D.Double();
            for (int i = 0; i < 3; i++) {
                corners[i] =
                        new Coordinate(2 + 60 * random.nextDouble(), 2 + 60 * random.nextDouble());
                if (i == 0) {
                    path.moveTo(corners[i].x, corners[i].y);
                } else {
                    path.lineTo(corners[i].x, corners[i].y);
                }
            }
            corners[3] = corners[0].copy();
            path.closePath();
            Polygon triangle = factory.createPolygon(corners);
            double area = triangle.getArea();
            assertThat(sum(ShapeCover.of(path, 64, 64, 0)))
                    .isCloseTo(area, within(0.01 * area + 0.3));
        }
    }

    @Test
    void partsOfOneShapeThatAbutLeaveNoSeam() {
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        path.append(new Rectangle2D.Double(4, 4, 6.5, 10), false);
        path.append(new Rectangle2D.Double(10.5, 4, 6.5, 10), false);
        int[] row = new int[24];
        ShapeCover.of(path, 24, 24, 0).forEach((x, y, value) -> row[x] = y == 8 ? value : row[x]);
        for (int x = 4; x < 17; x++) {
            assertThat(row[x]).isEqualTo(255);
        }
    }

    @Test
    void onlyWhatLiesOnTheSheetIsCovered() {
        Rectangle2D far = new Rectangle2D.Double(100, 100, 5, 5);
        assertThat(ShapeCover.of(far, 50, 50, 2).width()).isZero();
        ShapeCover half = ShapeCover.of(new Rectangle2D.Double(-5, -5, 10, 10), 50, 50, 0);
        assertThat(sum(half)).isCloseTo(25, within(0.01));
        half.forEach((x, y, value) -> assertThat(x >= 0 && y >= 0).isTrue());
        Rectangle2D huge = new Rectangle2D.Double(-1e9, -1e9, 2e9, 2e9);
        assertThat(sum(ShapeCover.of(huge, 30, 20, 0))).isCloseTo(600, within(0.01));
    }

    @Test
    void severalShapesAreOneCoverWithinABox() {
        List<Rectangle2D> two =
                List.of(new Rectangle2D.Double(1, 1, 3, 3), new Rectangle2D.Double(20, 20, 3, 3));
        assertThat(sum(ShapeCover.of(two, new Rectangle(0, 0, 10, 10)))).isCloseTo(9, within(0.01));
        assertThat(sum(ShapeCover.of(two, new Rectangle(0, 0, 30, 30))))
                .isCloseTo(18, within(0.01));
        assertThat(ShapeCover.of(two, new Rectangle(5, 5, 0, 4)).cover()).isEmpty();
    }

    @Test
    void bandsTakeEveryRowOnce() {
        for (int height : new int[] {1, 255, 256, 257, 1000}) {
            BitSet rows = new BitSet();
            RowBands.forEach(
                    height,
                    (from, to) -> {
                        synchronized (rows) {
                            for (int y = from; y < to; y++) {
                                assertThat(rows.get(y)).isFalse();
                                rows.set(y);
                            }
                        }
                    });
            assertThat(rows.cardinality()).isEqualTo(height);
        }
    }
}
