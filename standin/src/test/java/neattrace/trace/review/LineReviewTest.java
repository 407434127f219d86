package neattrace.trace.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.InkEditor;
import neattrace.trace.LineLimits;
import neattrace.trace.LineNet;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.mend.LineMender;
import neattrace.trace.review.LineFinding.Kind;
import org.junit.jupiter.api.Test;

/** Drawings with one fault each, at a known place; one mm is twenty px here. */
class LineReviewTest {

    private static final double PX_PER_MM = 20;
    private static final LineLimits LIMITS = new LineLimits(0.2, 0.2, 0.11636);

    private static List<LineFinding> review(InkMap map) {
        LineNet net = CentrelineFinder.find(map, Progress.SILENT);
        return review(map, net, LIMITS);
    }

    private static List<LineFinding> review(InkMap map, LineNet net, LineLimits limits) {
        LineMender mender = new LineMender(net, PX_PER_MM);
        List<LineFinding> found =
                new ArrayList<>(LineReview.of(mender, map, net, map, PX_PER_MM, Progress.SILENT));
        found.addAll(LineReview.against(net, map, PX_PER_MM, limits, true));
        return found;
    }

    private static InkMap drawn(Consumer<Graphics2D> drawing) {
        return DrawnInk.of(500, 400, drawing);
    }

    private static Point mm(double x, double y) {
        return new Point(x / PX_PER_MM, y / PX_PER_MM);
    }

    private static LineFinding only(List<LineFinding> findings, Kind kind) {
        assertThat(findings).extracting(LineFinding::kind).containsOnly(kind);
        assertThat(findings).hasSize(1);
        return findings.get(0);
    }

    private static InkMap mended(InkMap map, LineFinding finding) {
        return InkEditor.apply(map, List.of(finding.fix().orElseThrow()), PX_PER_MM, false).map();
    }

    @Test
    void aSoundDrawingHasNoFindings() {
        InkMap map =
                drawn(
                        DrawnInk.pen(
                                7,
                                new Ellipse2D.Double(60, 50, 280, 200),
                                new Line2D.Double(20, 320, 480, 350)));
        assertThat(review(map)).isEmpty();
    }

    @Test
    void aLineThatBreaksIsJoined() {
        InkMap map =
                drawn(
                        DrawnInk.pen(
                                6,
                                new Line2D.Double(40, 100, 200, 130),
                                new Line2D.Double(218, 133.4, 400, 167)));
        LineFinding finding = only(review(map), Kind.BREAK);
        assertThat(finding.at().distance(mm(209, 131.7))).isLessThan(0.1);
        assertThat(finding.measureMm()).isCloseTo(12.3 / PX_PER_MM, within(0.05));
        InkMap mended = mended(map, finding);
        assertThat(RunLabels.of(mended, true, true).count()).isEqualTo(1);
    }

    @Test
    void aDashedLineIsNoBrokenLine() {
        Line2D[] dashes = new Line2D[6];
        for (int i = 0; i < dashes.length; i++) {
            dashes[i] = new Line2D.Double(40 + 60 * i, 100, 75 + 60 * i, 103);
        }
        assertThat(review(drawn(DrawnInk.pen(5, dashes)))).isEmpty();
    }

    @Test
    void aNubIsTakenOff() {
        InkMap map =
                drawn(
                        DrawnInk.pen(
                                8,
                                new Line2D.Double(40, 100, 460, 100),
                                new Line2D.Double(250, 98, 250, 103.2)));
        List<LineFinding> findings = review(map);
        LineFinding finding = only(findings, Kind.NUB);
        assertThat(finding.at().distance(mm(250, 105))).isLessThan(0.3);
        assertThat(mended(map, finding).isInk(250, 106)).isFalse();
        assertThat(mended(map, finding).isInk(250, 102)).isTrue();
    }

    @Test
    void aDentIsFilled() {
        InkMap map =
                drawn(
                        g -> {
                            DrawnInk.pen(10, new Line2D.Double(40, 100, 460, 100)).accept(g);
                            g.setColor(java.awt.Color.WHITE);
                            g.setComposite(java.awt.AlphaComposite.Clear);
                            g.fill(new Ellipse2D.Double(245, 98, 12, 12));
                        });
        LineFinding finding = only(review(map), Kind.DENT);
        assertThat(finding.at().distance(mm(251, 98))).isLessThan(0.2);
        InkMap mended = mended(map, finding);
        assertThat(mended.isInk(251, 103)).isTrue();
    }

    @Test
    void aCornerThatRanFullIsOpened() {
        InkMap map =
                drawn(
                        g -> {
                            DrawnInk.pen(
                                            6,
                                            new Line2D.Double(60, 200, 440, 120),
                                            new Line2D.Double(60, 200, 440, 280),
                                            new Line2D.Double(20, 200, 60, 200))
                                    .accept(g);
                            Path2D full = new Path2D.Double();
                            full.moveTo(60, 200);
                            full.lineTo(130, 185);
                            full.lineTo(130, 215);
                            full.closePath();
                            g.fill(full);
                        });
        List<LineFinding> findings = review(map);
        assertThat(findings).extracting(LineFinding::kind).contains(Kind.FILLED_CORNER);
    }

    @Test
    void aTaperThatWasCutIsDrawnOut() {
        Path2D shape = new Path2D.Double();
        shape.moveTo(40, 100);
        shape.lineTo(250, 88);
        shape.lineTo(400, 95);
        shape.lineTo(400, 105);
        shape.lineTo(250, 112);
        shape.closePath();
        LineFinding finding = only(review(drawn(g -> g.fill(shape))), Kind.CUT_TIP);
        assertThat(finding.at().x()).isCloseTo(400 / PX_PER_MM, within(0.4));
    }

    @Test
    void thinLinesAndTightGapsAreMeasured() {
        InkMap map =
                drawn(
                        g -> {
                            DrawnInk.pen(
                                            6,
                                            new Line2D.Double(40, 60, 460, 60),
                                            new Line2D.Double(40, 69, 460, 69))
                                    .accept(g);
                            DrawnInk.pen(3, new Line2D.Double(40, 300, 460, 320)).accept(g);
                        });
        List<LineFinding> findings = review(map);
        assertThat(findings).extracting(LineFinding::kind).containsExactly(Kind.THIN, Kind.TIGHT);
        assertThat(findings.get(0).measureMm()).isCloseTo(0.15, within(0.01));
        assertThat(findings.get(1).measureMm()).isCloseTo(0.15, within(0.03));
        InkMap mended = mended(map, findings.get(0));
        List<LineFinding> again = review(mended);
        assertThat(again).extracting(LineFinding::kind).containsExactly(Kind.TIGHT);
    }

    @Test
    void strokesSideBySideBecomeOne() {
        InkMap map =
                drawn(
                        DrawnInk.pen(
                                8,
                                new Line2D.Double(40, 60, 460, 80),
                                new Line2D.Double(40, 70, 460, 90)));
        List<LineFinding> findings = review(map);
        assertThat(findings)
                .as("a gap that is too narrow whatever they were meant to be")
                .extracting(LineFinding::kind)
                .containsExactly(Kind.STACKED, Kind.TIGHT);
        LineFinding finding = findings.get(0);
        InkMap mended = mended(map, finding);
        assertThat(mended.isInk(250, 75)).isTrue();
        assertThat(RunLabels.of(mended, true, true).count()).isEqualTo(1);
    }

    @Test
    void whatTheEyeCannotSeeDependsOnTheDistance() {
        InkMap map = drawn(DrawnInk.pen(5, new Line2D.Double(40, 60, 460, 80)));
        LineNet net = CentrelineFinder.find(map, Progress.SILENT);
        assertThat(review(map, net, LIMITS)).isEmpty();
        assertThat(review(map, net, new LineLimits(0.2, 0.2, 0.582)))
                .extracting(LineFinding::kind)
                .containsExactly(Kind.UNSEEN);
    }

    @Test
    void theTableOfWidthsKnowsThePens() {
        InkMap map =
                drawn(
                        g -> {
                            DrawnInk.pen(3, new Line2D.Double(40, 60, 460, 60)).accept(g);
                            DrawnInk.pen(
                                            6,
                                            new Line2D.Double(40, 100, 460, 110),
                                            new Line2D.Double(40, 150, 460, 160))
                                    .accept(g);
                            DrawnInk.pen(14, new Line2D.Double(40, 220, 460, 240)).accept(g);
                        });
        WidthTable table =
                WidthTable.of(CentrelineFinder.find(map, Progress.SILENT), PX_PER_MM).orElseThrow();
        assertThat(table.thinnestMm()).isCloseTo(0.15, within(0.006));
        assertThat(table.usualMm()).isCloseTo(0.3, within(0.006));
        assertThat(table.boldestMm()).isCloseTo(0.7, within(0.01));
        assertThat(table.boldestAt().y()).isBetween(10.5, 12.5);
        assertThat(WidthTable.of(LineNet.EMPTY, 20)).isEmpty();
    }
}
