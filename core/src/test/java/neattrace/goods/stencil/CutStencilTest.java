package neattrace.goods.stencil;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;

/** Told by JTS from polygons; what makes stencils looks at pixels. */
@Tag("thorough")
class CutStencilTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Envelope SHEET = new Envelope(0, 100, 0, 100);

    private static Geometry disc(double x, double y, double radius) {
        return FACTORY.createPoint(new Coordinate(x, y)).buffer(radius, 32);
    }

    private static Geometry ring(double x, double y, double outer, double inner) {
        return disc(x, y, outer).difference(disc(x, y, inner));
    }

    private static Geometry box(double x, double y, double width, double height) {
        return FACTORY.toGeometry(new Envelope(x, x + width, y, y + height));
    }

    private static CutStencil cut(Geometry ink, StencilRecipe recipe) {
        return CutStencil.of(SHEET, ink, recipe, 2, UnaryOperator.identity(), Progress.SILENT);
    }

    private static CutStencil cut(Geometry ink) {
        return cut(ink, StencilRecipe.USUAL);
    }

    private static int pieces(CutStencil stencil) {
        int pieces = 0;
        for (Object one : PolygonExtracter.getPolygons(stencil.sheet().difference(stencil.cut()))) {
            pieces += ((Polygon) one).getArea() > 1e-4 ? 1 : 0;
        }
        return pieces;
    }

    @Test
    void withoutIslandsNothingIsTied() {
        Geometry ink = disc(50, 50, 20);
        CutStencil stencil = cut(ink);
        assertThat(stencil.ties()).isEmpty();
        assertThat(stencil.isOnePiece()).isTrue();
        assertThat(stencil.cut().symDifference(ink).getArea()).isLessThan(1e-9);
    }

    @Test
    void anEmptyDrawingCutsNothing() {
        CutStencil stencil = cut(FACTORY.createMultiPolygon());
        assertThat(stencil.cut().isEmpty()).isTrue();
        assertThat(stencil.isOnePiece()).isTrue();
    }

    @Test
    void anIslandHangsByTwoTiesOnDifferentSides() {
        CutStencil stencil = cut(ring(50, 50, 20, 15));
        assertThat(stencil.islands()).hasSize(1);
        assertThat(stencil.ties()).hasSize(2);
        assertThat(pieces(stencil)).isEqualTo(1);
        assertThat(stencil.isOnePiece()).isTrue();
        Point a = stencil.ties().get(0).middle().minus(new Point(50, 50));
        Point b = stencil.ties().get(1).middle().minus(new Point(50, 50));
        double turn = Math.toDegrees(Math.acos(a.unit().dot(b.unit())));
        assertThat(turn).isGreaterThanOrEqualTo(90);
        for (Tie tie : stencil.ties()) {
            assertThat(tie.lengthMm()).isCloseTo(5, within(0.15));
            assertThat(tie.shape().getArea()).isCloseTo(2.5 * 5.3, within(0.6));
        }
        // What is not cut is the ties and nothing else.
        double kept = stencil.away().getArea() - stencil.cut().getArea();
        assertThat(kept).isCloseTo(2 * 2.5 * 5, within(0.8));
        assertThat(stencil.tieMm2()).isCloseTo(kept, within(0.3));
    }

    /** A disc of 2.5 cm holds by two ties, one of 6 cm does not, and wants more at its far side. */
    @Test
    void tiesHoldByWeightAndLever() {
        assertThat(cut(ring(50, 50, 17, 12.5)).islands().get(0).isHeavy()).isFalse();
        Island large = cut(ring(50, 50, 35, 30)).islands().get(0);
        assertThat(large.ties()).isEqualTo(2);
        assertThat(large.isHeavy()).isTrue();
        assertThat(large.reachMm()).isGreaterThan(25);
        List<TieChoice> more = new ArrayList<>();
        for (int k = 0; k < 6; k++) {
            double turn = Math.toRadians(60 * k);
            Point at = new Point(50 + 32.5 * Math.cos(turn), 50 + 32.5 * Math.sin(turn));
            more.add(new TieChoice(at, true));
        }
        Island held =
                cut(ring(50, 50, 35, 30), StencilRecipe.USUAL.withTies(more)).islands().get(0);
        assertThat(held.ties()).isGreaterThanOrEqualTo(6);
        assertThat(held.reachMm()).isLessThan(6);
        assertThat(held.isHeavy()).isFalse();
    }

    /** A tongue of paper that reaches far into what is cut away. */
    @Test
    void aLongTipBends() {
        Geometry ink = box(20, 20, 60, 60).difference(box(20, 49.5, 40, 1));
        CutStencil stencil = cut(ink);
        assertThat(stencil.webs()).anyMatch(Web::bends);
        assertThat(cut(box(20, 20, 60, 60).difference(box(20, 49.5, 3, 1))).webs())
                .noneMatch(Web::bends);
    }

    /**
     * All that is shorter than the way out to the sheet are rings within: it must be held all the
     * same.
     */
    @Test
    void whatHoldsManyIslandsIsItselfHeld() {
        Geometry ink = box(5, 5, 90, 90).difference(box(13, 13, 74, 74));
        for (int k = 0; k < 4; k++) {
            double x = 20 + k % 2 * 32;
            double y = 20 + k / 2 * 32;
            ink = ink.union(box(x, y, 28, 28).difference(box(x + 6, y + 6, 16, 16)));
        }
        CutStencil stencil = cut(ink);
        assertThat(stencil.islands()).hasSize(5);
        assertThat(pieces(stencil)).isEqualTo(1);
        assertThat(stencil.isOnePiece()).isTrue();
        assertThat(stencil.islands()).allMatch(one -> one.ties() >= 2);
    }

    @Test
    void tiesRunWhereItIsNarrow() {
        // A ring that is 2 mm wide at the left and right, 8 mm above and below.
        Geometry ink = box(20, 20, 60, 60).difference(box(22, 28, 56, 44));
        CutStencil stencil = cut(ink);
        assertThat(stencil.ties()).hasSize(2);
        assertThat(stencil.ties()).allMatch(tie -> tie.lengthMm() < 2.3);
        assertThat(stencil.ties())
                .anyMatch(tie -> tie.middle().x() < 30)
                .anyMatch(tie -> tie.middle().x() > 70);
    }

    @Test
    void neighboursShareATie() {
        // Nine rooms between walls of 2 mm: 18 ties if each had two of its own.
        Geometry ink = box(20, 20, 62, 62);
        for (int i = 0; i < 9; i++) {
            ink = ink.difference(box(22 + 20 * (i % 3), 22 + 20 * (i / 3), 18, 18));
        }
        CutStencil stencil = cut(ink);
        assertThat(stencil.islands()).hasSize(9).allMatch(one -> one.ties() >= 2);
        assertThat(stencil.ties()).hasSizeLessThanOrEqualTo(11);
        assertThat(pieces(stencil)).isEqualTo(1);
        assertThat(stencil.tieMm2()).isLessThan(0.7 * 18 * 2 * 2.5);
    }

    @Test
    void anIslandWithinAnIslandHangsOnIt() {
        CutStencil stencil = cut(ring(50, 50, 40, 36).union(ring(50, 50, 20, 16)));
        assertThat(stencil.islands()).hasSize(2).allMatch(one -> one.ties() >= 2);
        assertThat(pieces(stencil)).isEqualTo(1);
    }

    @Test
    void tinyIslandsFallOut() {
        Geometry ink = disc(50, 50, 20).difference(disc(50, 50, 0.4)).difference(disc(60, 50, 3));
        CutStencil stencil = cut(ink);
        assertThat(stencil.dropped()).hasSize(1);
        assertThat(stencil.islands()).hasSize(1);
        CutStencil all = cut(ink, StencilRecipe.USUAL.withDropMm2(0));
        assertThat(all.dropped()).isEmpty();
        assertThat(all.islands()).hasSize(2);
        assertThat(pieces(all)).isEqualTo(1);
    }

    @Test
    void aPersonPutsTiesAndRefusesThem() {
        Geometry ink = ring(50, 50, 20, 15);
        Point top = new Point(50, 32.5);
        CutStencil put = cut(ink, StencilRecipe.USUAL.withTies(List.of(new TieChoice(top, true))));
        assertThat(put.ties()).anyMatch(tie -> tie.byHand() && tie.middle().distance(top) < 3);
        Point first = cut(ink).ties().get(0).middle();
        CutStencil refused =
                cut(ink, StencilRecipe.USUAL.withTies(List.of(new TieChoice(first, false))));
        assertThat(refused.ties()).hasSize(2);
        assertThat(refused.ties()).noneMatch(tie -> tie.middle().distance(first) < 2.5);
        assertThat(pieces(refused)).isEqualTo(1);
    }

    @Test
    void tiesWiderThanTheShapesStillHold() {
        CutStencil stencil =
                cut(ring(50, 50, 3, 2), StencilRecipe.USUAL.withTieMm(12).withDropMm2(0));
        assertThat(pieces(stencil)).isEqualTo(1);
        assertThat(stencil.isOnePiece()).isTrue();
    }

    @Test
    void narrowWebsAreFoundAndThickened() {
        // Two slots of 6 mm with a wall of 1 mm between them.
        Geometry ink = box(20, 40, 6, 20).union(box(27, 40, 6, 20));
        CutStencil thin = cut(ink);
        assertThat(thin.webs()).filteredOn(Web::holds).hasSize(1);
        Web web = thin.webs().stream().filter(Web::holds).findFirst().orElseThrow();
        assertThat(web.widthMm()).isCloseTo(1, within(0.2));
        assertThat(web.at().x()).isCloseTo(26.5, within(0.3));
        assertThat(web.at().y()).isBetween(38.0, 62.0);
        CutStencil thick = cut(ink, StencilRecipe.USUAL.withThickened(true));
        assertThat(thick.webs()).noneMatch(one -> one.holds() && one.widthMm() < 1.7);
        Geometry rest = thick.sheet().difference(thick.cut());
        Geometry across = box(20, 50, 13, 0.01);
        double wall =
                rest.intersection(across)
                        .intersection(box(23, 49, 7, 2))
                        .getEnvelopeInternal()
                        .getWidth();
        assertThat(wall).isCloseTo(2, within(0.25));
    }

    @Test
    void wallsThatAreWideEnoughAreNoWebs() {
        assertThat(cut(box(20, 40, 6, 20).union(box(29, 40, 6, 20))).webs()).noneMatch(Web::holds);
    }

    /** Connectivity by JTS, of rooms at random. */
    @Test
    void randomDrawingsStayInOnePiece() {
        Random random = new Random(11);
        for (int k = 0; k < 25; k++) {
            List<Geometry> rings = new ArrayList<>();
            int n = 1 + random.nextInt(9);
            for (int i = 0; i < n; i++) {
                double outer = 4 + 18 * random.nextDouble();
                rings.add(
                        ring(
                                25 + 50 * random.nextDouble(),
                                25 + 50 * random.nextDouble(),
                                outer,
                                outer * (0.5 + 0.45 * random.nextDouble())));
            }
            CutStencil stencil = cut(FACTORY.buildGeometry(rings).union());
            assertThat(pieces(stencil)).describedAs("drawing %d", k).isEqualTo(1);
            assertThat(stencil.isOnePiece()).isTrue();
            assertThat(stencil.islands())
                    .filteredOn(one -> one.shape().getArea() > 1)
                    .allMatch(one -> one.ties() >= 2);
        }
    }

    @Test
    void theSameComesOutEveryTime() {
        Geometry ink = ring(40, 40, 20, 17).union(ring(60, 60, 20, 17));
        assertThat(cut(ink).ties()).isEqualTo(cut(ink).ties());
    }
}
