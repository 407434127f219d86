package neattrace.trace.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.InkEdit;
import neattrace.trace.InkEditor;
import neattrace.trace.centre.CentrelineFinder;
import org.junit.jupiter.api.Test;

/** Edits of drawings whose lines are known; one mm is ten px here. */
class LineMenderTest {

    private static final double PX_PER_MM = 10;

    private static LineMender mender(InkMap map) {
        return new LineMender(CentrelineFinder.find(map, Progress.SILENT), PX_PER_MM);
    }

    private static InkMap with(InkMap map, Optional<InkEdit> edit) {
        assertThat(edit).isPresent();
        InkEditor.Edited edited = InkEditor.apply(map, List.of(edit.get()), PX_PER_MM, false);
        assertThat(edited.adrift()).isEmpty();
        return edited.map();
    }

    private static Point mm(double x, double y) {
        return new Point(x / PX_PER_MM, y / PX_PER_MM);
    }

    private static int pieces(InkMap map) {
        return RunLabels.of(map, true, true).count();
    }

    /** The ink across a vertical cut, px. */
    private static double across(InkMap map, int x, int fromY, int toY) {
        double sum = 0;
        for (int y = fromY; y < toY; y++) {
            sum += (map.coverage()[y * map.width() + x] & 0xff) / 255.0;
        }
        return sum;
    }

    /** The ink across a horizontal cut, px. */
    private static double down(InkMap map, int y, int fromX, int toX) {
        double sum = 0;
        for (int x = fromX; x < toX; x++) {
            sum += (map.coverage()[y * map.width() + x] & 0xff) / 255.0;
        }
        return sum;
    }

    @Test
    void anOverhangIsTrimmedBackToTheCrossing() {
        InkMap map = DrawnInk.crossing(110);
        InkMap trimmed = with(map, mender(map).takeAway(mm(200, 118), 0.5));
        assertThat(down(trimmed, 120, 180, 220)).isLessThan(0.05);
        assertThat(down(trimmed, 200, 180, 220)).isCloseTo(6, within(0.1));
        assertThat(across(trimmed, 200, 130, 152)).isCloseTo(5, within(0.8));
        assertThat(across(trimmed, 150, 130, 170)).isCloseTo(6, within(0.05));
        assertThat(pieces(trimmed)).isEqualTo(1);
    }

    @Test
    void aDotIsTakenAwayAndNothingElse() {
        InkMap map =
                DrawnInk.of(
                        200,
                        100,
                        g -> {
                            g.fill(new Ellipse2D.Double(40, 20, 8, 8));
                            DrawnInk.pen(5, new Line2D.Double(10, 60, 190, 60)).accept(g);
                        });
        InkMap clean = with(map, mender(map).takeAway(mm(44, 24), 0.2));
        assertThat(pieces(clean)).isEqualTo(1);
        assertThat(across(clean, 44, 0, 40)).isZero();
        assertThat(across(clean, 44, 40, 80)).isCloseTo(5, within(0.05));
    }

    @Test
    void aLineThatTouchesNothingIsTakenAwayWhole() {
        InkMap map =
                DrawnInk.lines(
                        300,
                        100,
                        4,
                        new Line2D.Double(20, 30, 120, 40),
                        new Line2D.Double(20, 70, 280, 70));
        InkMap clean = with(map, mender(map).takeAway(mm(60, 34), 0.2));
        assertThat(pieces(clean)).isEqualTo(1);
    }

    @Test
    void endsAreJoinedAlongTheirOwnDirections() {
        // Two stretches of one circle with a gap of 30 degrees between them.
        double r = 80;
        InkMap map =
                DrawnInk.lines(
                        300,
                        300,
                        6,
                        new java.awt.geom.Arc2D.Double(
                                150 - r,
                                150 - r,
                                2 * r,
                                2 * r,
                                105,
                                330,
                                java.awt.geom.Arc2D.OPEN));
        Point one =
                mm(150 + r * Math.cos(Math.toRadians(75)), 150 - r * Math.sin(Math.toRadians(75)));
        Point two =
                mm(
                        150 + r * Math.cos(Math.toRadians(105)),
                        150 - r * Math.sin(Math.toRadians(105)));
        InkMap joined = with(map, mender(map).join(one, two, 1));
        // The middle of the gap lies on the circle.
        double sum = 0;
        double moment = 0;
        for (int y = 50; y < 90; y++) {
            double ink = (joined.coverage()[y * 300 + 150] & 0xff) / 255.0;
            sum += ink;
            moment += ink * (y + 0.5);
        }
        assertThat(sum).isCloseTo(6, within(0.15));
        assertThat(moment / sum).isCloseTo(150 - r, within(0.6));
    }

    @Test
    void anEndIsLedOnToTheLineItShouldMeet() {
        InkMap map =
                DrawnInk.lines(
                        300,
                        300,
                        6,
                        new Line2D.Double(40, 60, 260, 60),
                        new Line2D.Double(150, 90, 150, 250));
        assertThat(pieces(map)).isEqualTo(2);
        InkMap joined = with(map, mender(map).join(mm(150, 91), mm(151, 62), 0.8));
        assertThat(pieces(joined)).isEqualTo(1);
        assertThat(down(joined, 75, 130, 170)).isCloseTo(6, within(0.15));
    }

    @Test
    void aStretchIsRedrawnWithItsOwnWidth() {
        InkMap map = DrawnInk.lines(400, 200, 6, new Line2D.Double(40, 100, 360, 100));
        List<Point> hand =
                List.of(mm(120, 100), mm(150, 85), mm(200, 75), mm(250, 85), mm(280, 100));
        InkMap redrawn = with(map, mender(map).redraw(hand, 0.5));
        assertThat(across(redrawn, 200, 95, 110)).isLessThan(0.1);
        assertThat(across(redrawn, 200, 60, 95)).isCloseTo(6, within(0.2));
        assertThat(across(redrawn, 80, 80, 120)).isCloseTo(6, within(0.05));
        assertThat(pieces(redrawn)).isEqualTo(1);
    }

    @Test
    void anEndIsRedrawnAndTheOldOneGoes() {
        InkMap map = DrawnInk.lines(400, 200, 6, new Line2D.Double(40, 100, 360, 100));
        List<Point> hand = List.of(mm(250, 100), mm(280, 110), mm(310, 130), mm(330, 160));
        InkMap redrawn = with(map, mender(map).redraw(hand, 0.5));
        assertThat(across(redrawn, 340, 80, 120)).isLessThan(0.1);
        assertThat(redrawn.isInk(329, 157)).isTrue();
        assertThat(pieces(redrawn)).isEqualTo(1);
    }

    @Test
    void whereNoLineIsANewOneOfUsualWidthIsDrawn() {
        InkMap map = DrawnInk.lines(400, 200, 6, new Line2D.Double(40, 160, 360, 160));
        InkMap drawn =
                with2(map, mender(map).redraw(List.of(mm(60, 40), mm(200, 60), mm(340, 40)), 0.3));
        assertThat(across(drawn, 200, 20, 100)).isCloseTo(6, within(0.3));
        assertThat(pieces(drawn)).isEqualTo(2);
    }

    /** A line on bare paper holds on to nothing, which is no fault here. */
    private static InkMap with2(InkMap map, Optional<InkEdit> edit) {
        return InkEditor.apply(map, List.of(edit.orElseThrow()), PX_PER_MM, false).map();
    }

    @Test
    void aBrushThickensTheLineAtItsBeginningOnly() {
        InkMap map = DrawnInk.crossing(110);
        List<Point> brush = List.of(mm(120, 150), mm(200, 150), mm(280, 150));
        InkMap thick = with(map, mender(map).brush(brush, 2, 1.5, 0.5));
        assertThat(across(thick, 160, 130, 170)).isCloseTo(9, within(0.3));
        assertThat(down(thick, 170, 180, 220)).isCloseTo(6, within(0.1));
        assertThat(down(thick, 128, 180, 220)).isCloseTo(6, within(0.1));
        assertThat(across(thick, 60, 130, 170)).isCloseTo(6, within(0.05));
    }

    @Test
    void aBrushThinsTheLineAndLeavesTheOneThatCrosses() {
        InkMap map = DrawnInk.crossing(110);
        List<Point> brush = List.of(mm(120, 150), mm(200, 150), mm(280, 150));
        InkMap thin = with(map, mender(map).brush(brush, 2, 0.5, 0.5));
        assertThat(across(thin, 160, 130, 170)).isCloseTo(3, within(0.3));
        assertThat(down(thin, 160, 180, 220)).isCloseTo(6, within(0.3));
        assertThat(down(thin, 140, 180, 220)).isCloseTo(6, within(0.3));
        assertThat(pieces(thin)).isEqualTo(1);
    }

    @Test
    void aWholeStrokeGetsOneWidthThroughItsCrossing() {
        InkMap map = DrawnInk.crossing(110);
        InkMap even = with(map, mender(map).oneWidth(mm(80, 150), 0.3, 0.5));
        for (int x : new int[] {60, 120, 280, 340}) {
            assertThat(across(even, x, 130, 170)).isCloseTo(3, within(0.1));
        }
        assertThat(down(even, 200, 180, 220)).isCloseTo(6, within(0.05));
        assertThat(pieces(even)).isEqualTo(1);
    }

    @Test
    void freeEndsThinOut() {
        InkMap map = DrawnInk.lines(400, 100, 8, new Line2D.Double(40, 50, 360, 50));
        InkMap tapered = with(map, mender(map).taper(mm(200, 50), 0.3, 0.5));
        assertThat(across(tapered, 200, 30, 70)).isCloseTo(8, within(0.1));
        double reach = 0.3 * 312;
        double expected = 8 * Math.sin(Math.PI / 2 * 40 / reach);
        assertThat(across(tapered, 84, 30, 70)).isCloseTo(expected, within(0.4));
        assertThat(across(tapered, 50, 30, 70)).isLessThan(2.5);
    }

    @Test
    void whereNothingIsNothingIsFound() {
        InkMap map = DrawnInk.crossing(110);
        LineMender mender = mender(map);
        assertThat(mender.takeAway(mm(60, 40), 0.5)).isEmpty();
        assertThat(mender.join(mm(60, 40), mm(90, 40), 0.5)).isEmpty();
        assertThat(mender.oneWidth(mm(60, 40), 1, 0.5)).isEmpty();
        assertThat(mender.brush(List.of(mm(60, 40)), 1, 2, 0.5)).isEmpty();
        assertThat(mender.redraw(List.of(mm(60, 40)), 0.5)).isEmpty();
        assertThat(mender.widthAt(mm(60, 40), 0.5)).isEmpty();
        assertThat(mender.strokeAt(mm(60, 40), 0.5)).isEmpty();
        assertThat(mender.lineAt(mm(60, 40), 0.5)).isEmpty();
    }

    @Test
    void aLineEndsAtItsMeetingAndAStrokeGoesOn() {
        LineMender mender = mender(DrawnInk.crossing(110));
        double line = length(mender.lineAt(mm(80, 150), 0.5));
        double stroke = length(mender.strokeAt(mm(80, 150), 0.5));
        assertThat(line * PX_PER_MM).isCloseTo(160, within(2.0));
        assertThat(stroke * PX_PER_MM).isCloseTo(320, within(2.0));
        assertThat(mender.widthAt(mm(80, 150), 0.5).orElseThrow() * PX_PER_MM)
                .isCloseTo(6, within(0.1));
    }

    private static double length(List<Point> path) {
        double length = 0;
        for (int i = 1; i < path.size(); i++) {
            length += path.get(i).distance(path.get(i - 1));
        }
        return length;
    }

    @Test
    void anEditWithoutItsLineIsAdrift() {
        InkMap map = DrawnInk.crossing(110);
        InkEdit edit = mender(map).takeAway(mm(200, 118), 0.5).orElseThrow();
        InkMap bare = DrawnInk.of(400, 300, g -> {});
        assertThat(InkEditor.apply(bare, List.of(edit), PX_PER_MM, false).adrift())
                .containsExactly(edit);
    }

    /** Two stretches of one line, 20 px apart, and beside them two bars 14 px apart. */
    private static InkMap gaps() {
        return DrawnInk.lines(
                400,
                300,
                6,
                new Line2D.Double(20, 60, 140, 60),
                new Line2D.Double(166, 60, 300, 60),
                new Line2D.Double(100, 120, 100, 280),
                new Line2D.Double(120, 120, 120, 280));
    }

    @Test
    void aGapBetweenEndsIsClosedAsThickAsTheLine() {
        InkMap map = gaps();
        InkMap closed = with(map, Optional.of(mender(map).closeGap(mm(143, 60), mm(163, 60))));
        assertThat(pieces(closed)).isEqualTo(pieces(map) - 1);
        assertThat(across(closed, 153, 40, 80)).isCloseTo(6, within(0.2));
    }

    @Test
    void aGapBetweenTheSidesOfLinesIsClosedStraightAcross() {
        InkMap map = gaps();
        InkMap closed = with(map, Optional.of(mender(map).closeGap(mm(103, 200), mm(117, 200))));
        assertThat(pieces(closed)).isEqualTo(pieces(map) - 1);
        assertThat(across(closed, 110, 180, 220)).isCloseTo(6, within(0.2));
        assertThat(down(closed, 200, 60, 97)).as("nothing comes out behind").isLessThan(0.5);
    }

    @Test
    void anEndRunsOnPastTheLineItShouldHaveMet() {
        InkMap map =
                DrawnInk.lines(
                        300,
                        200,
                        6,
                        new Line2D.Double(20, 100, 140, 100),
                        new Line2D.Double(160, 20, 160, 180));
        double past = 1.2;
        InkMap met = with(map, Optional.of(mender(map).runPast(mm(143, 100), mm(157, 100), past)));
        assertThat(pieces(met)).isEqualTo(1);
        assertThat(across(met, 150, 80, 120)).isGreaterThan(4);
        assertThat(across(met, 165, 80, 120)).as("a little stands out behind").isGreaterThan(1.5);
        assertThat(across(met, 175, 80, 120)).isLessThan(0.05);
        // Whichever side the gap is told from.
        InkMap turned =
                with(map, Optional.of(mender(map).runPast(mm(157, 100), mm(143, 100), past)));
        assertThat(across(turned, 165, 80, 120)).isGreaterThan(1.5);
    }
}
