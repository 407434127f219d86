package neattrace.goods.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintShape;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Numbers, their leaders and their key, from areas whose shape is known. */
class PageNumbersTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Envelope ROOM = new Envelope(0, 200, 0, 200);

    private static Polygon box(double x, double y, double width, double height) {
        return (Polygon) FACTORY.toGeometry(new Envelope(x, x + width, y, y + height));
    }

    private static PageArea area(int label, Polygon paper, int swatch) {
        MaximumInscribedCircle circle = new MaximumInscribedCircle(paper, 0.001);
        Coordinate at = circle.getCenter().getCoordinate();
        return new PageArea(
                label, paper, new Point(at.x, at.y), circle.getRadiusLine().getLength(), swatch);
    }

    /** Boxes on a page with ink all round each, 1 mm wide. */
    private static PageAreas areas(List<Polygon> papers, int swatches) {
        List<PageArea> areas = new ArrayList<>();
        Geometry ink = FACTORY.createPolygon();
        Geometry inside = FACTORY.createPolygon();
        for (int i = 0; i < papers.size(); i++) {
            areas.add(area(i, papers.get(i), 1 + i % swatches));
            ink = ink.union(papers.get(i).buffer(1).difference(papers.get(i)));
            inside = inside.union(papers.get(i).buffer(1));
        }
        Geometry outside = FACTORY.toGeometry(ROOM).difference(inside);
        return new PageAreas(ink, areas, List.of((Polygon) outside.getGeometryN(0)));
    }

    private static List<PlacedNumber> placed(PageAreas areas, int swatches) {
        Map<Integer, Integer> numberOf = new HashMap<>();
        for (int k = 1; k <= swatches; k++) {
            numberOf.put(k, k);
        }
        return new NumberPlacer(new AffineTransformation(), numberOf).place(areas, ROOM);
    }

    @Property(tries = 60, seed = "20261")
    void aNumberAsHighAsItMayBeLiesInItsEllipse(
            @ForAll @IntRange(min = 1, max = 120) int number,
            @ForAll @DoubleRange(min = 1, max = 9) double a,
            @ForAll @DoubleRange(min = 1, max = 9) double b) {
        Digits digits = Digits.of(number);
        double high = digits.within(a, b, 0.25);
        if (high <= 0) {
            // Then not even a dot with so much round it lies within.
            assertThat(Math.hypot(0.25 / a, 0.25 / b)).isGreaterThanOrEqualTo(0.99);
            return;
        }
        Envelope box = digits.box(0, 0, high, 0.25);
        double corner = Math.hypot(box.getMaxX() / a, box.getMaxY() / b);
        assertThat(corner).isCloseTo(1, within(1e-6));
        assertThat(digits.at(0, 0, high).getEnvelopeInternal().getHeight())
                .isCloseTo(high, within(1e-6));
    }

    @Test
    void roomyAreasHaveTheirNumberInside() {
        PageAreas areas =
                areas(List.of(box(20, 20, 30, 30), box(60, 20, 12, 40), box(90, 30, 40, 6)), 3);
        List<PlacedNumber> placed = placed(areas, 3);
        assertThat(placed).hasSize(3).allMatch(one -> one.leader().isEmpty());
        for (int i = 0; i < 3; i++) {
            PlacedNumber one = placed.get(i);
            assertThat(areas.areas().get(i).paper().contains(one.letters())).isTrue();
            assertThat(one.number()).isEqualTo(i + 1);
            assertThat(one.heightMm())
                    .isBetween(NumberPlacer.LEGIBLE_MM, NumberPlacer.USUAL_MM + 1e-4);
        }
    }

    @Test
    void bareAreasHaveNone() {
        assertThat(placed(areas(List.of(box(20, 20, 30, 30)), 1), 0)).isEmpty();
    }

    /** Two dozen slivers side by side: numbers beside them keep off ink and one another. */
    @Test
    void numbersOfSliversStandBesideThemApartFromOneAnother() {
        List<Polygon> slivers = new ArrayList<>();
        for (int k = 0; k < 24; k++) {
            slivers.add(box(40 + 4 * k, 90, 1.2, 20));
        }
        PageAreas areas = areas(slivers, 4);
        List<PlacedNumber> placed = placed(areas, 4);
        assertThat(placed).hasSizeGreaterThan(12).allMatch(one -> one.leader().isPresent());
        for (int i = 0; i < placed.size(); i++) {
            Geometry letters = placed.get(i).letters();
            assertThat(letters.intersects(areas.ink())).isFalse();
            assertThat(ROOM.contains(letters.getEnvelopeInternal())).isTrue();
            for (int k = i + 1; k < placed.size(); k++) {
                assertThat(letters.intersects(placed.get(k).letters())).isFalse();
                assertThat(letters.intersects(placed.get(k).leader().orElseThrow())).isFalse();
            }
            Geometry leader = placed.get(i).leader().orElseThrow();
            assertThat(slivers).anyMatch(sliver -> sliver.intersects(leader));
        }
    }

    @Test
    void whereThereIsNoPaperNearNoNumberStands() {
        PageAreas alone =
                new PageAreas(
                        FACTORY.toGeometry(ROOM).difference(box(100, 100, 1, 1)),
                        List.of(area(0, box(100, 100, 1, 1), 1)),
                        List.of());
        assertThat(placed(alone, 1)).isEmpty();
    }

    private static List<Swatch> swatches(int count) {
        List<Swatch> swatches = new ArrayList<>();
        Random random = new Random(2);
        for (int k = 1; k <= count; k++) {
            String name = "Colour " + "x".repeat(random.nextInt(14)) + k;
            swatches.add(new Swatch(k, name, new Cmyk(k % 100, 20, 40, 0)));
        }
        return swatches;
    }

    private static List<Geometry> shapes(PrintLayer layer) {
        return layer.objects().stream()
                .map(PrintObject::shape)
                .map(shape -> ((PrintShape.Filled) shape).polygons())
                .toList();
    }

    @Property(tries = 12, seed = "20261")
    void aKeyKeepsToItsWidthAndHeightAndNothingInItOverlaps(
            @ForAll @IntRange(min = 1, max = 30) int count,
            @ForAll @DoubleRange(min = 60, max = 190) double width) {
        PageKey key = new PageKey(swatches(count), width);
        List<PrintLayer> layers = key.layers(10, 20, PressProfile.bundled());
        // A square for each swatch, and a layer of rims and words.
        assertThat(layers).hasSize(count + 1);
        Envelope all = new Envelope();
        List<Geometry> squares = new ArrayList<>();
        for (PrintLayer layer : layers.subList(0, count)) {
            squares.addAll(shapes(layer));
        }
        List<Geometry> black = shapes(layers.get(count));
        black.forEach(one -> all.expandToInclude(one.getEnvelopeInternal()));
        assertThat(all.getMinX()).isGreaterThan(9.9);
        assertThat(all.getMaxX()).isLessThan(10 + width + 0.5);
        assertThat(all.getMinY()).isGreaterThan(19.9);
        assertThat(all.getMaxY()).isLessThan(20 + key.heightMm() + 1);
        for (int i = 0; i < squares.size(); i++) {
            Geometry words = black.get(2 * i + 1);
            for (Geometry square : squares) {
                assertThat(words.intersects(square)).isFalse();
            }
        }
    }

    @Test
    void anEmptyKeyTakesNoRoom() {
        PageKey key = new PageKey(List.of(), 100);
        assertThat(key.heightMm()).isZero();
        assertThat(key.layers(0, 0, PressProfile.bundled())).isEmpty();
    }

    @Test
    void aFlatLineIsAsLongAndAsWideAsItIs() {
        Geometry line = FlatLine.of(new Coordinate(1, 1), new Coordinate(4, 5), 0.5);
        assertThat(line.getArea()).isCloseTo(2.5, within(1e-9));
        assertThat(line.contains(FACTORY.createPoint(new Coordinate(2.5, 3)))).isTrue();
    }

    @Test
    void smallIsWhatNoCircleFitsInAtTheSizeItComesOut() {
        PageArea one = area(0, box(0, 0, 10, 3), 0);
        assertThat(one.radiusMm()).isCloseTo(1.5, within(0.01));
        assertThat(one.isSmall(3.1, 1)).isTrue();
        assertThat(one.isSmall(2.9, 1)).isFalse();
        assertThat(one.isSmall(3.1, 1.2)).isFalse();
        assertThat(one.squareMm()).isCloseTo(30, within(1e-9));
    }
}
