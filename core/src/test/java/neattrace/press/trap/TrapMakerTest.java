package neattrace.press.trap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.triangulate.VoronoiDiagramBuilder;

/** What is expected is worked out by hand on squares, and with JTS on random maps. */
@Tag("thorough")
class TrapMakerTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final InkLook LOOK = new InkLook(PressProfile.bundled());
    private static final Tints YELLOW = Tints.of(new Cmyk(0, 0, 90, 0));
    private static final Tints BLUE = Tints.of(new Cmyk(90, 60, 0, 0));
    private static final double WIDE = 0.3;

    private static Polygon box(double left, double top, double right, double bottom) {
        return (Polygon) FACTORY.toGeometry(new Envelope(left, right, top, bottom));
    }

    private static Trapping trapping(List<Inked> shapes, List<Polygon> black) {
        return TrapMaker.of(shapes, black, new TrapRule(WIDE, WIDE, 300), LOOK);
    }

    private static Trapping squares(Tints left, Tints right) {
        return trapping(
                List.of(new Inked(box(0, 0, 10, 10), left), new Inked(box(10, 0, 20, 10), right)),
                List.of());
    }

    @Test
    void theLighterSpreadsUnderTheDarker() {
        for (boolean turn : new boolean[] {false, true}) {
            Trapping trapping = turn ? squares(BLUE, YELLOW) : squares(YELLOW, BLUE);
            assertThat(trapping.traps()).hasSize(1);
            Trap trap = trapping.traps().get(0);
            Envelope strip = trap.strip().getEnvelopeInternal();
            assertThat(strip.getMinX()).isCloseTo(turn ? 9.69 : 10, within(1e-3));
            assertThat(strip.getMaxX()).isCloseTo(turn ? 10 : 10.31, within(1e-3));
            assertThat(trap.tints().process()).isEqualTo(new Cmyk(90, 60, 90, 0));
            assertThat(trap.seam().getLength()).isCloseTo(10, within(1e-3));
        }
    }

    @Test
    void equalsMeetHalfWay() {
        Tints one = Tints.full(Colorant.spot("One", new Lab(60, 50, 0)));
        Tints other = Tints.full(Colorant.spot("Other", new Lab(61, -50, 0)));
        List<Trap> traps = squares(one, other).traps();
        assertThat(traps).hasSize(2);
        Envelope both = new Envelope();
        traps.forEach(trap -> both.expandToInclude(trap.strip().getEnvelopeInternal()));
        assertThat(both.getMinX()).isCloseTo(10 - 0.16, within(1e-3));
        assertThat(both.getMaxX()).isCloseTo(10 + 0.16, within(1e-3));
    }

    @Test
    void coloursThatShareEnoughInkNeedNone() {
        assertThat(squares(YELLOW, Tints.of(new Cmyk(80, 0, 90, 0))).traps()).isEmpty();
        assertThat(squares(YELLOW, YELLOW).traps()).isEmpty();
        assertThat(squares(YELLOW, Tints.of(new Cmyk(80, 0, 10, 0))).traps()).hasSize(1);
    }

    @Test
    void noDrawingsOutsideChangesAndPaperIsNoColour() {
        List<Inked> shapes =
                List.of(
                        new Inked(box(0, 0, 10, 10), YELLOW),
                        new Inked(box(10, 2, 20, 8), BLUE),
                        new Inked(box(12, 3, 14, 5), Tints.of(Cmyk.PAPER)));
        Geometry outside = box(0, 0, 10, 10).union(box(10, 2, 20, 8)).difference(box(12, 3, 14, 5));
        for (Trap trap : trapping(shapes, List.of()).traps()) {
            assertThat(trap.strip().difference(outside.buffer(1e-3)).getArea()).isZero();
        }
    }

    @Test
    void whereBlackCoversTheSeamThereIsNone() {
        List<Inked> shapes =
                List.of(new Inked(box(0, 0, 10, 10), YELLOW), new Inked(box(10, 0, 20, 10), BLUE));
        assertThat(trapping(shapes, List.of(box(9.5, -1, 10.5, 11))).traps()).isEmpty();
        assertThat(trapping(shapes, List.of(box(9.9, -1, 10.1, 11))).traps())
                .as("black is too thin to cover it wherever it lies")
                .hasSize(1);
        List<Trap> half = trapping(shapes, List.of(box(9.5, -1, 10.5, 5))).traps();
        assertThat(half.get(0).seam().getLength()).isCloseTo(5.3, within(0.05));
    }

    @Test
    void colourRunsOnBeneathThinBlackButNeverBeyondIt() {
        Polygon black = box(9.8, -1, 10.2, 11);
        List<Inked> runOn =
                trapping(List.of(new Inked(box(0, 0, 10, 10), YELLOW)), List.of(black)).runOn();
        assertThat(runOn).hasSize(1);
        assertThat(runOn.get(0).shape().getEnvelopeInternal().getMaxX())
                .as("0.3 mm and a hair beneath the black")
                .isCloseTo(10.11, within(1e-2));
        assertThat(black.buffer(1e-6).covers(runOn.get(0).shape())).isTrue();
        List<Inked> bold =
                trapping(List.of(new Inked(box(0, 0, 10, 10), YELLOW)), List.of(box(9, -1, 11, 11)))
                        .runOn();
        assertThat(bold)
                .as("it ends well beneath a bold line")
                .noneMatch(one -> one.shape().intersects(box(10.01, 1, 11, 9)));
    }

    @Test
    void heavyColoursAreLighterBeneathBlack() {
        Tints heavy = Tints.of(new Cmyk(90, 90, 60, 0));
        Trapping trapping =
                trapping(List.of(new Inked(box(0, 0, 10, 10), heavy)), List.of(box(4, 4, 6, 6)));
        assertThat(trapping.lightened()).hasSize(1);
        Inked less = trapping.lightened().get(0);
        assertThat(less.tints().total() + 100).isLessThanOrEqualTo(300);
        assertThat(less.tints().process().k()).isZero();
        assertThat(less.shape().getArea()).isCloseTo(4, within(0.1));
    }

    @Test
    void stripsKeepTheInkLimit() {
        Tints one = Tints.of(new Cmyk(100, 0, 0, 100));
        Tints other = Tints.of(new Cmyk(0, 100, 100, 0));
        squares(one, other)
                .traps()
                .forEach(trap -> assertThat(trap.tints().total()).isLessThanOrEqualTo(300));
    }

    @Test
    void whereTrapsCrossAllOfTheirInksLie() {
        Tints red = Tints.full(Colorant.spot("Red", new Lab(40, 60, 40)));
        Tints sand = Tints.full(Colorant.spot("Sand", new Lab(80, 5, 30)));
        Tints navy = Tints.full(Colorant.spot("Navy", new Lab(20, 0, -30)));
        List<Trap> traps =
                trapping(
                                List.of(
                                        new Inked(box(0, 0, 10, 10), sand),
                                        new Inked(box(10, 0, 20, 10), red),
                                        new Inked(box(0, 10, 20, 20), navy)),
                                List.of())
                        .traps();
        List<Inked> laid = TrapMaker.laid(traps, 0);
        Geometry corner = box(10.05, 10.05, 10.15, 10.15);
        assertThat(laid)
                .filteredOn(one -> one.shape().covers(corner))
                .singleElement()
                .satisfies(one -> assertThat(one.tints().total()).isEqualTo(300));
        assertThat(TrapMaker.laid(List.of(), 300)).isEmpty();
    }

    @Test
    void aTrapWiderThanTheShapeCoversItAndNoMore() {
        List<Trap> traps =
                TrapMaker.of(
                                List.of(
                                        new Inked(box(0, 0, 10, 10), YELLOW),
                                        new Inked(box(4, 4, 4.5, 6), BLUE)),
                                List.of(),
                                new TrapRule(5, 5, 0),
                                LOOK)
                        .traps();
        assertThat(traps).hasSize(1);
        assertThat(traps.get(0).strip().getArea()).isCloseTo(1, within(1e-3));
        assertThatThrownBy(() -> new TrapRule(5.1, 0, 0))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void withoutAWidthOrShapesThereAreNone() {
        assertThat(TrapMaker.of(List.of(), List.of(), new TrapRule(1, 1, 0), LOOK))
                .isEqualTo(Trapping.NONE);
        assertThat(
                        TrapMaker.of(
                                        List.of(
                                                new Inked(box(0, 0, 10, 10), YELLOW),
                                                new Inked(box(10, 0, 20, 10), BLUE)),
                                        List.of(),
                                        new TrapRule(0, 0.2, 300),
                                        LOOK)
                                .traps())
                .isEmpty();
    }

    /** Maps of random countries, each an ink: whatever plate moves whither, no paper shows. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noPaperShowsWhicheverPlateMoves(long seed) {
        Random chance = new Random(seed);
        List<Coordinate> sites = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            sites.add(new Coordinate(40 * chance.nextDouble(), 40 * chance.nextDouble()));
        }
        VoronoiDiagramBuilder builder = new VoronoiDiagramBuilder();
        builder.setSites(sites);
        builder.setClipEnvelope(new Envelope(0, 40, 0, 40));
        Geometry cells = builder.getDiagram(FACTORY);
        Polygon land = box(3, 3, 37, 37);
        List<Tints> inks = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            inks.add(Tints.full(Colorant.spot("Ink " + i, new Lab(30 + 13 * i, 40 - 20 * i, 20))));
        }
        List<Inked> shapes = new ArrayList<>();
        for (int i = 0; i < cells.getNumGeometries(); i++) {
            Geometry country = cells.getGeometryN(i).intersection(land);
            if (!country.isEmpty()) {
                shapes.add(new Inked(country, inks.get(chance.nextInt(inks.size()))));
            }
        }
        List<Trap> traps = trapping(shapes, List.of()).traps();
        double without = 0;
        double with = 0;
        for (Tints moved : inks) {
            for (int k = 0; k < 8; k++) {
                double dx = WIDE * Math.cos(k * Math.PI / 4);
                double dy = WIDE * Math.sin(k * Math.PI / 4);
                without = Math.max(without, paper(shapes, List.of(), moved, dx, dy, land));
                with = Math.max(with, paper(shapes, traps, moved, dx, dy, land));
            }
        }
        assertThat(without).as("without traps, mm2").isGreaterThan(2);
        assertThat(with).as("with traps, mm2").isLessThan(0.02);
    }

    /** How much of the inner land is bare when one plate moves. */
    private static double paper(
            List<Inked> shapes, List<Trap> traps, Tints moved, double dx, double dy, Polygon land) {
        List<Geometry> laid = new ArrayList<>();
        AffineTransformation shift = AffineTransformation.translationInstance(dx, dy);
        for (Inked one : shapes) {
            laid.add(one.tints() == moved ? shift.transform(one.shape()) : one.shape());
        }
        for (Inked trap : TrapMaker.laid(traps, 0)) {
            boolean own = trap.tints().shared(moved).total() > 0;
            boolean others = trap.tints().total() > (own ? 100 : 0);
            if (own) {
                laid.add(shift.transform(trap.shape()));
            }
            if (others) {
                laid.add(trap.shape());
            }
        }
        Geometry inner = land.buffer(-2 * WIDE);
        return OverlayNGRobust.overlay(inner, OverlayNGRobust.union(laid), OverlayNG.DIFFERENCE)
                .getArea();
    }
}
