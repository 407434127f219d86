package neattrace.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Line2D;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

/** One mm is ten px here. */
class InkEditorTest {

    private static final double PX_PER_MM = 10;

    private static InkShape box(double x, double y, double width, double height) {
        return new InkShape.Area(
                List.of(new double[] {x, y, x + width, y, x + width, y + height, x, y + height}));
    }

    private static InkShape stroke(double width, double... xy) {
        int n = xy.length / 2;
        double[] x = new double[n];
        double[] y = new double[n];
        double[] wide = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = xy[2 * i];
            y[i] = xy[2 * i + 1];
            wide[i] = width;
        }
        return new InkShape.Stroke(x, y, wide);
    }

    private static InkEdit wipe(InkShape shape) {
        return new InkEdit("Wiped", new Point(0, 0), List.of(shape), List.of());
    }

    private static InkEdit draw(InkShape shape) {
        return new InkEdit("Drawn", new Point(0, 0), List.of(), List.of(shape));
    }

    private static InkMap line() {
        return DrawnInk.lines(200, 100, 6, new Line2D.Double(20, 50, 180, 50));
    }

    private static InkMap apply(InkMap map, InkEdit... edits) {
        return InkEditor.apply(map, List.of(edits), PX_PER_MM, false).map();
    }

    private static int at(InkMap map, int x, int y) {
        return map.coverage()[y * map.width() + x] & 0xff;
    }

    @Test
    void wipingAHalfCoveredPixelLeavesHalfOfItsInk() {
        InkMap wiped = apply(line(), wipe(box(5, 4, 1.05, 2)));
        assertThat(at(wiped, 55, 50)).isZero();
        assertThat(at(wiped, 60, 50)).isCloseTo(128, within(4));
        assertThat(at(wiped, 62, 50)).isEqualTo(255);
        assertThat(at(wiped, 49, 50)).isEqualTo(255);
    }

    @Test
    void drawingOverInkAddsNothingToItAndOverPaperItsShare() {
        InkMap drawn = apply(line(), draw(box(5, 5.3, 2, 1.05)));
        assertThat(at(drawn, 60, 50)).isEqualTo(255);
        assertThat(at(drawn, 60, 60)).isEqualTo(255);
        assertThat(at(drawn, 60, 63)).isCloseTo(128, within(4));
        assertThat(at(drawn, 60, 65)).isZero();
    }

    @Test
    void oneEditWipesBeforeItDraws() {
        InkEdit both =
                new InkEdit(
                        "Replaced",
                        new Point(10, 5),
                        List.of(box(8, 4, 4, 2)),
                        List.of(box(9, 4.5, 2, 1)));
        InkMap map = apply(line(), both);
        assertThat(at(map, 85, 50)).isZero();
        assertThat(at(map, 100, 50)).isEqualTo(255);
    }

    @Test
    void editsAreLaidInTheirOrder() {
        InkEdit wipe = wipe(box(8, 4, 4, 2));
        InkEdit draw = draw(box(9, 4, 2, 2));
        assertThat(at(apply(line(), wipe, draw), 100, 50)).isEqualTo(255);
        assertThat(at(apply(line(), draw, wipe), 100, 50)).isZero();
    }

    @Test
    void theInkItselfIsNeverWrittenTo() {
        InkMap map = line();
        byte[] before = map.coverage().clone();
        apply(map, wipe(box(0, 0, 20, 10)));
        assertThat(map.coverage()).isEqualTo(before);
        assertThat(apply(map)).isSameAs(map);
    }

    @Test
    void blackAndWhiteStaysBlackAndWhite() {
        InkMap map = DrawnInk.oneBit(line());
        InkMap edited =
                InkEditor.apply(
                                map,
                                List.of(draw(stroke(0.45, 3, 3, 15, 7)), wipe(box(5, 4, 1, 2))),
                                PX_PER_MM,
                                true)
                        .map();
        for (byte value : edited.coverage()) {
            assertThat(value & 0xff).isIn(0, 255);
        }
    }

    @Test
    void whatFindsNoInkIsAdrift() {
        InkEdit nothingToWipe = wipe(box(1, 8, 2, 1));
        InkEdit nothingToHoldOnTo = draw(stroke(0.5, 2, 9, 5, 9));
        InkEdit sound = draw(stroke(0.5, 10, 5, 10, 9));
        InkEditor.Edited edited =
                InkEditor.apply(
                        line(), List.of(nothingToWipe, nothingToHoldOnTo, sound), PX_PER_MM, false);
        assertThat(edited.adrift()).containsExactly(nothingToWipe, nothingToHoldOnTo);
        assertThat(at(edited.map(), 30, 90)).as("it does what it can").isEqualTo(255);
    }

    @Test
    void editsFarOffTheSheetChangeNothing() {
        InkMap map = line();
        InkMap edited = apply(map, wipe(box(500, 500, 10, 10)), draw(stroke(1, -90, -90, -80, 0)));
        assertThat(edited.coverage()).isEqualTo(map.coverage());
    }

    @Test
    void severalEditsInOneWipeFirst() {
        InkEdit all = InkEdit.all("Both", List.of(draw(box(9, 4, 2, 2)), wipe(box(8, 4, 4, 2))));
        InkMap map = apply(line(), all);
        assertThat(at(map, 85, 50)).isZero();
        assertThat(at(map, 100, 50)).isEqualTo(255);
        assertThat(all.what()).isEqualTo("Both");
    }

    @Test
    void anEditMovesWithThePage() {
        UnaryOperator<Point> map = p -> new Point(2 * p.x() + 1, 2 * p.y() - 3);
        InkEdit moved = draw(stroke(0.5, 1, 2, 3, 4)).moved(map, 2);
        InkShape.Stroke stroke = (InkShape.Stroke) moved.drawn().get(0);
        assertThat(stroke.x()).containsExactly(3, 7);
        assertThat(stroke.y()).containsExactly(1, 5);
        assertThat(stroke.width()).containsExactly(1, 1);
        InkShape.Area area = (InkShape.Area) wipe(box(1, 2, 3, 4)).moved(map, 2).wiped().get(0);
        assertThat(area.rings().get(0)).startsWith(3, 1, 9, 1);
    }

    @Test
    void shapesThatAreNoneAreRefused() {
        assertThatThrownBy(() -> new InkEdit("Nothing", new Point(0, 0), List.of(), List.of()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> stroke(-1, 0, 0, 1, 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> stroke(1, Double.NaN, 0))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> stroke(1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new InkShape.Area(List.of(new double[] {0, 0, 1, 1})))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new InkShape.Area(List.of(new double[] {0, 0, 1e9, 1, 1, 1})))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void shapesAreEqualByWhatTheyHold() {
        assertThat(stroke(0.5, 1, 2, 3, 4)).isEqualTo(stroke(0.5, 1, 2, 3, 4));
        assertThat(stroke(0.5, 1, 2, 3, 4)).hasSameHashCodeAs(stroke(0.5, 1, 2, 3, 4));
        assertThat(stroke(0.5, 1, 2, 3, 4)).isNotEqualTo(stroke(0.6, 1, 2, 3, 4));
        assertThat(box(1, 2, 3, 4)).isEqualTo(box(1, 2, 3, 4)).isNotEqualTo(box(1, 2, 3, 5));
        assertThat(box(1, 2, 3, 4)).hasSameHashCodeAs(box(1, 2, 3, 4));
    }

    @Test
    void aDotOfAPenHasItsArea() {
        for (double radius : new double[] {0.2, 1, 3}) {
            InkMap map = apply(DrawnInk.of(100, 100, g -> {}), draw(stroke(2 * radius, 5, 5)));
            double sum = 0;
            for (byte value : map.coverage()) {
                sum += (value & 0xff) / 255.0;
            }
            double area = Math.PI * radius * radius * PX_PER_MM * PX_PER_MM;
            assertThat(sum).isCloseTo(area, within(0.01 * area + 0.1));
        }
    }
}
