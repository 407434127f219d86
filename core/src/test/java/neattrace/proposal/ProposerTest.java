package neattrace.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import neattrace.finding.Findings;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.goods.GoodsWish;
import neattrace.inspection.Inspector;
import neattrace.inspection.Known;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.region.Mend;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import neattrace.trace.InkShape;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class ProposerTest {

    private static Job on(Job job, String... wishes) {
        Job next = job;
        for (String wish : wishes) {
            next = next.withGoods(next.goods().with(GoodsWish.parse(wish, List.of())));
        }
        return next;
    }

    private static Proposal propose(Job job, Set<String> without) throws IOException {
        return Proposer.propose(new Pipeline(), job, Optional.empty(), without, Progress.SILENT);
    }

    /** A ring open by 22 px at 70 px from its middle, and one of a thin pen; 300 ppi. */
    private static Job rings() throws IOException {
        BufferedImage image = Pictures.plain(420, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(5, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
        g.draw(new Arc2D.Double(30, 30, 140, 140, 9, 342, Arc2D.OPEN));
        g.setStroke(new BasicStroke(3));
        g.draw(new Ellipse2D.Double(230, 30, 140, 140));
        g.dispose();
        Job job = Job.of(new Source("rings.png", Pictures.png(image, 300)));
        return job.withClose(job.close().withGapMm(1.1));
    }

    private static List<Decision> of(Proposal proposal, String kind) {
        return proposal.decisions().stream().filter(one -> one.kind().equals(kind)).toList();
    }

    @Test
    void whatDoesNotHoldIsMadeToHoldAndWhatLooksLikeASlipIsClosed() throws IOException {
        Proposal proposal = propose(on(rings(), "sticker:25mm", "colouring-page"), Set.of());
        assertThat(of(proposal, "line-too-thin"))
                .isNotEmpty()
                .allSatisfy(one -> assertThat(one.done()).isPresent())
                .allSatisfy(one -> assertThat(one.goods()).containsExactly("sticker"));
        assertThat(of(proposal, "gap-open"))
                .singleElement()
                .satisfies(one -> assertThat(one.done()).contains("close it"));
        assertThat(proposal.drawing().areas().enclosed()).hasSize(2);
        Pipeline pipeline = new Pipeline();
        Findings left =
                new Inspector(pipeline, Inspector.ALL)
                        .look(
                                pipeline.run(proposal.drawing().job(), Progress.SILENT),
                                Progress.SILENT);
        assertThat(left.groups())
                .extracting(group -> group.kind().key())
                .doesNotContain("line-too-thin", "gap-open");
    }

    @Test
    void whatCannotBeDecidedWithoutAPersonIsToldFirst() throws IOException {
        Proposal proposal = propose(on(rings(), "sticker:40mm"), Set.of());
        assertThat(proposal.decisions().get(0).kind()).isEqualTo("not-coloured");
        assertThat(proposal.decisions().get(0).done()).isEmpty();
        assertThat(proposal.decisions())
                .isSortedAccordingTo((a, b) -> Double.compare(b.doubt(), a.doubt()));
    }

    @Test
    void eachDecisionCanBeTakenBackByItself() throws IOException {
        Job job = on(rings(), "sticker:40mm");
        Proposal all = propose(job, Set.of());
        String gap = of(all, "gap-open").get(0).id();
        Proposal without = propose(job, Set.of(gap));
        assertThat(of(without, "gap-open").get(0).done()).isEmpty();
        assertThat(without.drawing().areas().enclosed()).hasSize(1);
        assertThat(without.drawing().job().line().edits())
                .as("all else as before")
                .hasSameSizeAs(all.drawing().job().line().edits());
        assertThat(propose(job, Set.of()).drawing().job().close())
                .as("the same again")
                .isEqualTo(all.drawing().job().close());
    }

    @Test
    void openingsAreClosedInTheWayOfTheJob() throws IOException {
        Job rings = rings();
        Job job = on(rings.withClose(rings.close().withMend(Mend.INK)), "sticker:40mm");
        Job done = propose(job, Set.of()).drawing().job();
        assertThat(done.close().closed()).isEmpty();
        assertThat(done.line().edits())
                .anySatisfy(
                        edit ->
                                assertThat(edit.drawn())
                                        .hasOnlyElementsOfType(InkShape.Stroke.class)
                                        .isNotEmpty());
        assertThat(propose(job, Set.of()).drawing().areas().enclosed()).hasSize(2);
    }

    /** Two ends of a thin line: too short to be told each, and one long thin line when joined. */
    @Test
    void whatMendingMakesIsLookedThroughAsWell() throws IOException {
        BufferedImage image = Pictures.plain(500, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(5));
        g.draw(new Rectangle2D.Double(20, 20, 460, 160));
        g.setStroke(new BasicStroke(2.6f));
        for (int k = 0; k < 8; k++) {
            int x = 60 + 48 * k;
            g.draw(new Line2D.Double(x, 100, x + 41, 100));
        }
        g.dispose();
        Job job = on(Job.of(new Source("dashes.png", Pictures.png(image, 300))), "sticker:25mm");
        Proposal proposal = propose(job, Set.of());
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(proposal.drawing().job(), Progress.SILENT);
        LineStudy study = pipeline.study(drawing.traced(), Progress.SILENT);
        Known known = new Known(drawing, Optional.empty(), Optional.of(study));
        Findings left = new Inspector(pipeline, Inspector.ALL).look(known, Progress.SILENT);
        assertThat(left.at("line"))
                .extracting(group -> group.kind().key())
                .doesNotContain("line-too-thin", "line-breaks");
    }

    /** Two rooms with a narrow corridor between them and no end of a line. */
    @Test
    void whatClosesByItselfIsToldAndNotDecidedAgain() throws IOException {
        BufferedImage image = Pictures.plain(420, 200, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(5));
        Area rooms = new Area(new Ellipse2D.Double(30, 30, 140, 140));
        rooms.add(new Area(new Ellipse2D.Double(230, 30, 140, 140)));
        rooms.add(new Area(new Rectangle2D.Double(160, 93, 80, 14)));
        g.draw(rooms);
        g.dispose();
        Job job = on(Job.of(new Source("rooms.png", Pictures.png(image, 300))), "sticker:40mm");
        job = job.withClose(job.close().withGapMm(1.1));
        Proposal proposal = propose(job, Set.of());
        List<Decision> told = of(proposal, "gap-closed");
        assertThat(told).singleElement().satisfies(one -> assertThat(one.done()).isPresent());
        assertThat(proposal.drawing().job().close()).isEqualTo(job.close());
        Proposal open = propose(job, Set.of(told.get(0).id()));
        assertThat(of(open, "gap-closed").get(0).done()).isEmpty();
        assertThat(open.drawing().areas().enclosed()).hasSize(1);
    }

    @Test
    void whatWasTakenBackStaysSoThoughThePageTurns() throws IOException {
        Job rings = on(rings(), "sticker:40mm");
        String gap = of(propose(rings, Set.of()), "gap-open").get(0).id();
        Job turned =
                rings.withRecipe(rings.recipe().withFrame(rings.recipe().frame().withTilt(1.3)));
        assertThat(of(propose(turned, Set.of(gap)), "gap-open"))
                .singleElement()
                .satisfies(one -> assertThat(one.done()).isEmpty());
    }

    @Test
    void aRoughOfAnotherDrawingIsRefusedInWords() throws IOException {
        BufferedImage tall = Pictures.plain(100, 400, BufferedImage.TYPE_INT_RGB, 0xFFFFFFFF);
        Picture picture = PictureReader.read(Pictures.png(tall, 300), "tall.png");
        Job job = on(rings(), "sticker:40mm");
        Assertions.assertThatThrownBy(
                        () ->
                                Proposer.propose(
                                        new Pipeline(),
                                        job,
                                        Optional.of(picture),
                                        Set.of(),
                                        Progress.SILENT))
                .isInstanceOf(PictureException.class)
                .hasMessageContaining("proportion");
    }

    @Test
    void whatAPersonDecidedIsNotTouched() throws IOException {
        Job job = on(rings(), "sticker:40mm");
        Point gap = new Point(170 * 25.4 / 300, 100 * 25.4 / 300);
        Job meant =
                job.withClose(job.close().with(gap, false))
                        .withSwatches(List.of(Jobs.INNER))
                        .withFills(List.of(new Fill(new Point(25.4, 8.5), Jobs.INNER.id())));
        Proposal proposal = propose(meant, Set.of());
        assertThat(of(proposal, "gap-open")).isEmpty();
        assertThat(proposal.drawing().job().close().opened()).contains(gap);
        assertThat(proposal.drawing().job().fills()).containsAll(meant.fills());
    }

    @Test
    void tooMuchInkBecomesLess() throws IOException {
        Job job =
                on(Jobs.coloured(), "sticker:60mm")
                        .withSwatch(
                                new neattrace.flat.Swatch(
                                        Jobs.INNER.id(), "Tar", new Cmyk(90, 90, 90, 90)));
        Job done = propose(job, Set.of()).drawing().job();
        assertThat(done.swatch(Jobs.INNER.id()).orElseThrow().build().total())
                .isLessThanOrEqualTo(300);
    }

    @Test
    void coloursComeFromARoughIfThereIsOne() throws IOException {
        BufferedImage rough = Pictures.plain(420, 200, BufferedImage.TYPE_INT_RGB, 0xFFFFFFFF);
        Graphics2D g = rough.createGraphics();
        g.setColor(new Color(0xC03020));
        g.fillRect(20, 20, 160, 160);
        g.setColor(new Color(0x2040A0));
        g.fillRect(220, 20, 160, 160);
        g.dispose();
        Picture picture = PictureReader.read(Pictures.png(rough, 300), "rough.png");
        Proposal proposal =
                Proposer.propose(
                        new Pipeline(),
                        on(rings(), "sticker:40mm"),
                        Optional.of(picture),
                        Set.of(),
                        Progress.SILENT);
        assertThat(proposal.drawing().layers()).hasSize(2);
        assertThat(of(proposal, "colours-from-rough")).hasSize(1);
        assertThat(of(proposal, "not-coloured")).isEmpty();
    }

    @Test
    void anEmptySheetIsToldAndNothingIsDone() throws IOException {
        BufferedImage blank = Pictures.plain(60, 60, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Job job = on(Job.of(new Source("blank.png", Pictures.png(blank, 300))), "sticker");
        Proposal proposal = propose(job, Set.of());
        assertThat(proposal.decisions()).extracting(Decision::kind).contains("no-ink");
        assertThat(proposal.drawing().lines()).isEmpty();
    }

    @Test
    void itStopsWhenItIsNoLongerWanted() {
        Progress stop =
                new Progress() {
                    @Override
                    public void report(String step, double share) {
                        throw new CancellationException();
                    }
                };
        Assertions.assertThatThrownBy(
                        () ->
                                Proposer.propose(
                                        new Pipeline(),
                                        on(rings(), "sticker"),
                                        Optional.empty(),
                                        Set.of(),
                                        stop))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void decisionsAreToldAsJson() throws IOException {
        Proposal proposal = propose(on(rings(), "sticker:40mm"), Set.of());
        String json = DecisionsJson.write(proposal.decisions());
        assertThat(new com.fasterxml.jackson.databind.ObjectMapper().readTree(json))
                .hasSameSizeAs(proposal.decisions())
                .allSatisfy(
                        one ->
                                assertThat(one.fieldNames())
                                        .toIterable()
                                        .contains("id", "doubt", "reason", "done", "at", "goods"));
    }
}
