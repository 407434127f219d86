package neattrace.goods.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** What cut lines promise, measured by other means than those they are made with. */
@Tag("thorough")
class CutLineTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A star-shaped blob with bumps, nooks and a spike, about 40 mm wide. */
    private static Geometry blob(long seed) {
        Random random = new Random(seed);
        int n = 14 + random.nextInt(30);
        double[] xy = new double[2 * n];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double radius = 8 + 14 * random.nextDouble();
            xy[2 * i] = 40 + radius * Math.cos(angle);
            xy[2 * i + 1] = 40 + radius * Math.sin(angle);
        }
        return PrintedShape.of(
                List.of(new Outline(CubicLoop.polygon(xy), List.of())), List.of(), true);
    }

    private static Geometry box(double x, double y, double width, double height) {
        return FACTORY.createPolygon(
                new Coordinate[] {
                    new Coordinate(x, y),
                    new Coordinate(x + width, y),
                    new Coordinate(x + width, y + height),
                    new Coordinate(x, y + height),
                    new Coordinate(x, y)
                });
    }

    /** By the JDK's distance of a point from a segment. */
    private static double distance(Point at, Geometry shape) {
        double least = Double.MAX_VALUE;
        Coordinate[] ring = shape.getCoordinates();
        for (int i = 0; i + 1 < ring.length; i++) {
            least =
                    Math.min(
                            least,
                            Line2D.ptSegDist(
                                    ring[i].x,
                                    ring[i].y,
                                    ring[i + 1].x,
                                    ring[i + 1].y,
                                    at.x(),
                                    at.y()));
        }
        return least;
    }

    private static List<Point> points(CubicLoop loop) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            for (int k = 0; k < 20; k++) {
                points.add(loop.at(i, k / 20.0));
            }
        }
        return points;
    }

    /** The radius of the circle through three near points of a curve. */
    private static double leastRadius(CubicLoop loop) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < loop.size(); i++) {
            for (int k = 1; k < 60; k++) {
                Point a = loop.at(i, (k - 0.9) / 60);
                Point b = loop.at(i, k / 60.0);
                Point c = loop.at(i, (k + 0.9) / 60);
                double twice = Math.abs(b.minus(a).cross(c.minus(a)));
                double sides = a.distance(b) * b.distance(c) * c.distance(a);
                least = twice > 1e-12 ? Math.min(least, sides / (2 * twice)) : least;
            }
        }
        return least;
    }

    @ParameterizedTest
    @CsvSource({"2.5, 1", "2, 1", "4, 2", "1, 0.5", "3, 3", "10, 1"})
    void keepsTheBorderAndTheRadiusInFewCurves(double border, double radius) {
        CutRecipe recipe = CutRecipe.USUAL.withBorderMm(border).withRadiusMm(radius);
        for (long seed = 1; seed <= 8; seed++) {
            Geometry silhouette = blob(seed);
            List<StickerCut> cuts = CutLine.of(silhouette, recipe);
            assertThat(cuts).hasSize(1);
            StickerCut cut = cuts.get(0);
            assertThat(cut.area().isSimple()).isTrue();
            assertThat(cut.area().isValid()).isTrue();
            assertThat(cut.area().contains(silhouette)).isTrue();
            for (Point at : points(cut.outside())) {
                assertThat(distance(at, silhouette)).isGreaterThan(border - 0.05);
            }
            assertThat(leastRadius(cut.outside())).isGreaterThan(0.98 * radius);
            assertThat(cut.outside().size())
                    .isLessThanOrEqualTo((int) Math.max(4, 0.12 * cut.outside().length(0.01)));
        }
    }

    @Test
    void runsAtTheBorderWhereNothingAsksForMore() {
        Geometry silhouette = box(0, 0, 40, 30);
        CubicLoop cut = CutLine.of(silhouette, CutRecipe.USUAL).get(0).outside();
        for (Point at : points(cut)) {
            assertThat(distance(at, silhouette)).isEqualTo(2.5, within(0.12));
        }
    }

    @Test
    void closesAnInletThatABladeCannotFollow() {
        Geometry slit = box(0, 0, 40, 30).difference(box(19.9, -1, 0.2, 20));
        StickerCut cut = CutLine.of(slit, CutRecipe.USUAL).get(0);
        assertThat(cut.area().contains(box(19, 1, 2, 20))).isTrue();
    }

    @Test
    void joinsNearPiecesAndLeavesFarOnesOnTheirOwn() {
        Geometry near = box(0, 0, 20, 20).union(box(25, 0, 20, 20));
        Geometry far = box(0, 0, 20, 20).union(box(45, 0, 10, 10));
        assertThat(CutLine.of(near, CutRecipe.USUAL)).hasSize(1);
        assertThat(CutLine.of(far, CutRecipe.USUAL)).hasSize(2);
        assertThat(CutLine.of(far, CutRecipe.USUAL.withLoose(Loose.LEAVE))).hasSize(1);
    }

    @Test
    void aBridgeIsAsWideAsANeckMustBe() {
        Geometry far = box(0, 0, 20, 20).union(box(45, 0, 10, 20));
        List<StickerCut> cuts = CutLine.of(far, CutRecipe.USUAL.withLoose(Loose.BRIDGE));
        assertThat(cuts).hasSize(1);
        Geometry across = box(35, -20, 0.01, 60).intersection(cuts.get(0).area());
        assertThat(across.getEnvelopeInternal().getHeight()).isGreaterThan(3.9);
    }

    @Test
    void aNeckThatTearsIsWidened() {
        Geometry dumbbell = box(0, 0, 20, 20).union(box(40, 0, 20, 20)).union(box(19, 10, 22, 0.5));
        CutRecipe recipe = CutRecipe.USUAL.withBorderMm(1);
        Geometry across =
                box(30, -20, 0.01, 60).intersection(CutLine.of(dumbbell, recipe).get(0).area());
        assertThat(across.getEnvelopeInternal().getHeight()).isGreaterThan(3.9);
    }

    @Test
    void holesAreDroppedUnlessWanted() {
        Geometry ring = box(0, 0, 40, 40).difference(box(10, 10, 20, 20));
        assertThat(CutLine.of(ring, CutRecipe.USUAL).get(0).holes()).isEmpty();
        StickerCut cut = CutLine.of(ring, CutRecipe.USUAL.withHoles(true)).get(0);
        assertThat(cut.holes()).hasSize(1);
        assertThat(leastRadius(cut.holes().get(0))).isGreaterThan(0.98);
        for (Point at : points(cut.holes().get(0))) {
            assertThat(distance(at, ring)).isGreaterThan(2.45);
        }
    }

    @Test
    void staysWhereItWasPulled() {
        Geometry silhouette = box(0, 0, 40, 30);
        Pull pull = new Pull(new Point(20, -2.5), new Point(20, -8));
        CubicLoop cut = CutLine.of(silhouette, CutRecipe.USUAL, List.of(pull)).get(0).outside();
        double nearest =
                points(cut).stream().mapToDouble(at -> at.distance(pull.to())).min().orElseThrow();
        assertThat(nearest).isLessThan(0.5);
        assertThat(leastRadius(cut)).isGreaterThan(0.98);
        StickerCut pulled = CutLine.of(silhouette, CutRecipe.USUAL, List.of(pull)).get(0);
        assertThat(pulled.area().contains(silhouette)).isTrue();
    }

    /** The line lies elsewhere with another border; where it was pulled it goes all the same. */
    @Test
    void staysWhereItWasPulledWhateverTheBorder() {
        Geometry silhouette = box(0, 0, 40, 30);
        Pull pull = new Pull(new Point(20, -2.5), new Point(20, -8));
        for (double border : new double[] {1, 2.5, 4.5}) {
            CutRecipe recipe = CutRecipe.USUAL.withBorderMm(border);
            CubicLoop cut = CutLine.of(silhouette, recipe, List.of(pull)).get(0).outside();
            double nearest =
                    points(cut).stream()
                            .mapToDouble(at -> at.distance(pull.to()))
                            .min()
                            .orElseThrow();
            assertThat(nearest).isLessThan(0.5);
        }
    }

    @Test
    void aPullInwardsLeavesNothingOfTheDrawingOut() {
        Geometry silhouette = box(0, 0, 40, 30);
        Pull pull = new Pull(new Point(20, -2.5), new Point(20, 8));
        StickerCut pulled = CutLine.of(silhouette, CutRecipe.USUAL, List.of(pull)).get(0);
        assertThat(pulled.area().buffer(0.1).contains(silhouette)).isTrue();
    }

    @Test
    void drawsRoundNothingNoLine() {
        assertThat(CutLine.of(FACTORY.createMultiPolygon(), CutRecipe.USUAL)).isEmpty();
    }

    @Test
    void fiveHundredSpecksEachHaveTheirLine() {
        List<Geometry> specks = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            specks.add(box(10 * (i % 50), 10 * (i / 50), 0.2, 0.2));
        }
        Geometry all = FACTORY.buildGeometry(specks);
        List<StickerCut> cuts = CutLine.of(all, CutRecipe.USUAL);
        assertThat(cuts).hasSize(500).allMatch(StickerCut::isSmall);
        assertThat(cuts.get(7).widthMm()).isEqualTo(5.2, within(0.15));
    }

    @Test
    void acceptsWideBordersAndNone() {
        Geometry silhouette = blob(3);
        StickerCut wide = CutLine.of(silhouette, CutRecipe.USUAL.withBorderMm(50)).get(0);
        for (Point at : points(wide.outside())) {
            assertThat(distance(at, silhouette)).isGreaterThan(49.95);
        }
        StickerCut none = CutLine.of(silhouette, CutRecipe.USUAL.withBorderMm(0)).get(0);
        assertThat(leastRadius(none.outside())).isGreaterThan(0.98);
    }

    @Test
    void refusesWhatNoBladeDoes() {
        assertThatThrownBy(() -> CutRecipe.USUAL.withBorderMm(51))
                .hasMessageContaining("0.0 to 50.0 mm");
        assertThatThrownBy(() -> CutRecipe.USUAL.withRadiusMm(Double.NaN))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
