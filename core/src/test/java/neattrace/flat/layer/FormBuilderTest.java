package neattrace.flat.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Form;
import neattrace.flat.layer.FormBuilder.Formed;
import neattrace.flat.layer.FormBuilder.Ground;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/** Two squares of 20 mm side by side on a page of 100 x 60 mm; areas judged by JTS. */
class FormBuilderTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final MultiPolygon LEFT = box(20, 20, 40, 40);
    private static final MultiPolygon RIGHT = box(40, 20, 60, 40);
    private static final Polygon PAGE = (Polygon) box(0, 0, 100, 60).getGeometryN(0);

    private static final MultiPolygon OUTSIDE =
            FACTORY.createMultiPolygon(
                    new Polygon[] {(Polygon) PAGE.difference(box(20, 20, 60, 40))});

    private static final Point FALL = FlatRecipe.USUAL.fall();

    private static MultiPolygon box(double x0, double y0, double x1, double y1) {
        return FACTORY.createMultiPolygon(
                new Polygon[] {(Polygon) FACTORY.toGeometry(new Envelope(x0, x1, y0, y1))});
    }

    private static Formed lay(Form... forms) {
        return FormBuilder.lay(
                Map.of(1, List.of(LEFT), 2, List.of(RIGHT)),
                List.of(forms),
                Set.of(1, 2, 7, 8, 9),
                FALL,
                place ->
                        place.x() < 20 || place.x() > 60 || place.y() < 20 || place.y() > 40
                                ? Optional.empty()
                                : Optional.of(new Ground(place.x() < 40 ? LEFT : RIGHT, 0)),
                PAGE,
                Optional.of(OUTSIDE));
    }

    private static double area(Formed formed, int swatch) {
        return formed.pieces().getOrDefault(swatch, List.of()).stream()
                .mapToDouble(Geometry::getArea)
                .sum();
    }

    @Test
    void anInsetKeepsItsDistanceAndTakesTheColourBeneathAway() {
        Formed formed = lay(new Form.Inset(new Point(25, 25), 4, 7));
        assertThat(area(formed, 7)).isCloseTo(12 * 12, within(1e-6));
        assertThat(area(formed, 1)).isCloseTo(400 - 144, within(1e-6));
        assertThat(area(formed, 2)).isEqualTo(400);
        assertThat(formed.lost()).isEmpty();
    }

    /** An outline runs beneath the ink; what is set in is measured from where paper begins. */
    @Test
    void formsAreMeasuredFromTheEdgeOfTheInk() {
        assertThat(Ground.of(LEFT, 400 - 80 * 0.5).beneathMm()).isCloseTo(0.5, within(1e-9));
        Formed formed =
                FormBuilder.lay(
                        Map.of(1, List.of(LEFT)),
                        List.of(new Form.Inset(new Point(25, 25), 3.5, 7)),
                        Set.of(1, 2, 7, 8, 9),
                        FALL,
                        place -> Optional.of(new Ground(LEFT, 0.5)),
                        PAGE,
                        Optional.of(OUTSIDE));
        assertThat(area(formed, 7)).isCloseTo(12 * 12, within(1e-6));
    }

    @Test
    void lightFromTheUpperLeftShadesTheLowerRight() {
        Formed formed = lay(new Form.Side(new Point(30, 30), Math.sqrt(8), false, 7));
        // What is left of the square when it is moved 2 mm up and 2 mm to the left.
        assertThat(area(formed, 7)).isCloseTo(400 - 18 * 18, within(1e-6));
        Geometry shaded = formed.pieces().get(7).get(0);
        assertThat(shaded.contains(FACTORY.createPoint(at(39, 39)))).isTrue();
        assertThat(shaded.contains(FACTORY.createPoint(at(21, 21)))).isFalse();
        Geometry lit = lay(new Form.Side(new Point(30, 30), 2, true, 7)).pieces().get(7).get(0);
        assertThat(lit.contains(FACTORY.createPoint(at(20.5, 20.5)))).isTrue();
    }

    @Test
    void whatLiesWithinAnAreaCastsNoSideOnIt() {
        MultiPolygon ring =
                FACTORY.createMultiPolygon(
                        new Polygon[] {(Polygon) LEFT.difference(box(27, 27, 33, 33))});
        Formed formed =
                FormBuilder.lay(
                        Map.of(1, List.of(ring)),
                        List.of(new Form.Side(new Point(22, 22), 2, false, 7)),
                        Set.of(1, 2, 7, 8, 9),
                        FALL,
                        place -> Optional.of(new Ground(ring, 0)),
                        PAGE,
                        Optional.of(OUTSIDE));
        double side = 2 / Math.sqrt(2);
        assertThat(area(formed, 7)).isCloseTo(400 - Math.pow(20 - side, 2), within(1e-6));
    }

    private static org.locationtech.jts.geom.Coordinate at(double x, double y) {
        return new org.locationtech.jts.geom.Coordinate(x, y);
    }

    @Test
    void aShadowTurnsEveryColourBeneathItIntoADarkerOneAndLeavesPaperAlone() {
        List<Point> ring =
                List.of(new Point(30, 10), new Point(50, 10), new Point(50, 30), new Point(30, 30));
        Formed formed = lay(new Form.Shade(ring, Map.of(1, 7, 2, 8)));
        assertThat(area(formed, 7)).isCloseTo(100, within(1e-6));
        assertThat(area(formed, 8)).isCloseTo(100, within(1e-6));
        assertThat(area(formed, 1) + area(formed, 2)).isCloseTo(600, within(1e-6));
    }

    @Test
    void aHighlightIsKeptToItsArea() {
        List<Point> ring =
                List.of(new Point(35, 22), new Point(55, 22), new Point(55, 32), new Point(35, 32));
        Formed formed = lay(new Form.Highlight(new Point(30, 30), ring, 7));
        assertThat(area(formed, 7)).isCloseTo(50, within(1e-6));
        assertThat(area(formed, 2)).isEqualTo(400);
    }

    @Test
    void theSilhouetteCastsItsShadowAwayFromTheLightAndUnderNothing() {
        Formed formed = lay(new Form.Cast(Math.sqrt(50), 7));
        // 40 x 20 moved by 5 mm each way, less what the silhouette itself hides.
        assertThat(area(formed, 7)).isCloseTo(800 - 35 * 15, within(1e-6));
        assertThat(area(formed, 1)).isEqualTo(400);
        Geometry cast = formed.pieces().get(7).get(0);
        assertThat(cast.getEnvelopeInternal().getMaxX()).isCloseTo(65, within(1e-9));
        assertThat(cast.getEnvelopeInternal().getMaxY()).isCloseTo(45, within(1e-9));
    }

    @Test
    void aFormThatFindsNothingIsToldNotDropped() {
        Form wide = new Form.Inset(new Point(25, 25), 11, 7);
        Form off = new Form.Inset(new Point(5, 5), 1, 7);
        assertThat(lay(wide, off).lost()).containsExactly(wide, off);
        assertThat(area(lay(wide, off), 1)).isEqualTo(400);
    }

    /**
     * The silhouette and the paper round it share edges at every place: shadows that end on an edge
     * leave lines and points besides shapes.
     */
    @Test
    void castShadowsFallInEveryLightAndSize() {
        Polygon page = (Polygon) box(0, 0, 100, 60).getGeometryN(0);
        MultiPolygon ink =
                FACTORY.createMultiPolygon(
                        new Polygon[] {
                            (Polygon) box(20, 20, 40, 40).getGeometryN(0),
                            (Polygon) box(50, 20, 60, 30).getGeometryN(0),
                            (Polygon) box(50, 35, 60, 45).getGeometryN(0)
                        });
        MultiPolygon around =
                FACTORY.createMultiPolygon(new Polygon[] {(Polygon) page.difference(ink)});
        MultiPolygon one = box(20, 20, 40, 40);
        MultiPolygon two = box(50, 20, 60, 30);
        for (int degrees = 0; degrees < 360; degrees += 15) {
            for (double mm : new double[] {0.5, 2, 5, 10, 20}) {
                Formed formed =
                        FormBuilder.lay(
                                Map.of(1, List.of(one), 2, List.of(two)),
                                List.of(new Form.Cast(mm, 9)),
                                Set.of(1, 2, 9),
                                FlatRecipe.USUAL.withLightDegrees(degrees).fall(),
                                place -> Optional.empty(),
                                page,
                                Optional.of(around));
                assertThat(formed.lost()).as("light %d, %s mm", degrees, mm).isEmpty();
                assertThat(area(formed, 9)).isPositive();
            }
        }
    }

    /** Without its colour a form leaves what it lies on alone. */
    @Test
    void aFormWhoseColourIsGoneIsLostAndLeavesNoHole() {
        Form inset = new Form.Inset(new Point(25, 25), 4, 33);
        Formed formed = lay(inset);
        assertThat(formed.lost()).containsExactly(inset);
        assertThat(area(formed, 1)).isEqualTo(400);
        Form.Shade half =
                new Form.Shade(
                        List.of(new Point(30, 25), new Point(50, 25), new Point(50, 35)),
                        Map.of(1, 33, 2, 7));
        Formed shaded = lay(half);
        assertThat(area(shaded, 1)).isEqualTo(400);
        assertThat(area(shaded, 7)).isPositive();
    }
}
