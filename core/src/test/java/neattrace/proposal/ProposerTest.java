package neattrace.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
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
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
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
