package neattrace.goods.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.function.UnaryOperator;
import javax.imageio.ImageIO;
import neattrace.export.PdfWriter;
import neattrace.export.PlanPainter;
import neattrace.export.SvgWriter;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.making.TransferRecipe;
import neattrace.job.BriefSection;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Reference;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.change.SnapshotTaker;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A target: two rings, drawn with radii of 90 and 40 px at 300 ppi. */
class TransferStencilTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static WantedGoods wide(double mm, UnaryOperator<TransferRecipe> change) {
        WantedGoods usual = GoodsSection.UNDECIDED.firstOf(GoodsKind.TRANSFER_STENCIL);
        return usual.withGoods(usual.goods().withSizing(new Sizing(Sizing.Fit.WIDTH, mm, mm, 150)))
                .withMaking(usual.making().withTransfer(change.apply(usual.making().transfer())));
    }

    private static TransferStencil stencil(WantedGoods wanted) throws IOException {
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(Jobs.plain(), Progress.SILENT);
        return TransferStencil.of(pipeline, drawing, wanted, Progress.SILENT);
    }

    private static List<PrintObject> strokes(PrintPlan plan) {
        return plan.of(PrintLayer.Kind.STROKES).get(0).objects();
    }

    private static double[] box(PrintPlan plan, double pxPerMm) {
        int width = (int) Math.round(plan.widthMm() * pxPerMm);
        int height = (int) Math.round(plan.heightMm() * pxPerMm);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        new PlanPainter(plan)
                .paint(
                        g,
                        AffineTransform.getScaleInstance(pxPerMm, pxPerMm),
                        new Rectangle2D.Double(0, 0, width, height),
                        true,
                        true);
        g.dispose();
        double[] box = {1e9, 1e9, -1, -1};
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (image.getRGB(x, y) >>> 24 > 127) {
                    box[0] = Math.min(box[0], x / pxPerMm);
                    box[1] = Math.min(box[1], y / pxPerMm);
                    box[2] = Math.max(box[2], (x + 1) / pxPerMm);
                    box[3] = Math.max(box[3], (y + 1) / pxPerMm);
                }
            }
        }
        return box;
    }

    @Test
    void allLinesHaveOneWeightAndTheOutsideAnother() throws IOException {
        PrintPlan page = TransferPlan.pages(stencil(wide(100, one -> one)), PRESS).get(0);
        double[] weights =
                strokes(page).stream()
                        .mapToDouble(one -> ((PrintShape.Stroked) one.shape()).widthMm())
                        .sorted()
                        .distinct()
                        .toArray();
        // Two whole rings, and the outer one over itself.
        assertThat(strokes(page)).hasSize(3);
        assertThat(weights).hasSize(2);
        assertThat(weights[0]).isCloseTo(0.6, within(1e-6));
        assertThat(weights[1]).isCloseTo(1.1, within(1e-6));
    }

    @Test
    void itIsAsLargeAsItIsUsed() throws IOException {
        PrintPlan page = TransferPlan.pages(stencil(wide(100, one -> one)), PRESS).get(0);
        double[] box = box(page, 20);
        // The ink is 187 px wide with a line of 7 px: 100 mm are 180 px from middle to middle
        // and the outside's 1.1 mm instead of the line's own.
        double middles = 100.0 * 180 / 187;
        assertThat(box[2] - box[0]).isCloseTo(middles + 1.1, within(0.15));
        assertThat((box[0] + box[2]) / 2).isCloseTo(105, within(0.1));
    }

    @Test
    void mirroredItIsTheSameLeftAndRightChanged() throws IOException {
        PrintPlan plain = TransferPlan.pages(stencil(wide(80, one -> one)), PRESS).get(0);
        PrintPlan mirrored =
                TransferPlan.pages(stencil(wide(80, one -> one.withMirrored(true))), PRESS).get(0);
        PrintShape.Stroked a = (PrintShape.Stroked) strokes(plain).get(0).shape();
        PrintShape.Stroked b = (PrintShape.Stroked) strokes(mirrored).get(0).shape();
        double axis = plain.widthMm();
        assertThat(b.path().point(0).x()).isCloseTo(axis - a.path().point(0).x(), within(0.02));
        assertThat(b.path().point(0).y()).isCloseTo(a.path().point(0).y(), within(1e-6));
    }

    @Test
    void aLargeOneTakesSeveralSheetsThatMeet() throws IOException {
        TransferStencil stencil = stencil(wide(350, one -> one));
        Tiles tiles = stencil.tiles();
        assertThat(tiles.count()).isEqualTo(4);
        List<PrintPlan> pages = TransferPlan.pages(stencil, PRESS);
        assertThat(pages).hasSize(4);
        // The same place of the outer ring on two sheets, laid where they belong.
        PrintShape.Stroked first = (PrintShape.Stroked) strokes(pages.get(0)).get(0).shape();
        PrintShape.Stroked second = (PrintShape.Stroked) strokes(pages.get(1)).get(0).shape();
        double apart = tiles.origins().get(1)[0] - tiles.origins().get(0)[0];
        assertThat(first.path().point(0).x() - second.path().point(0).x())
                .isCloseTo(apart, within(1e-6));
        // Neighbours overlap by what was asked for.
        assertThat(tiles.printed().getWidth() - apart).isCloseTo(10, within(1e-6));
        assertThat(pages).allMatch(page -> page.of(PrintLayer.Kind.MARKS).size() == 1);
    }

    @Test
    void aGuideSheetShowsTheDrawingBeneath() throws IOException {
        List<PrintPlan> pages =
                TransferPlan.pages(stencil(wide(100, one -> one.withGuide(true))), PRESS);
        assertThat(pages).hasSize(2);
        PrintLayer beneath = pages.get(1).layers().get(0);
        assertThat(beneath.group()).isEqualTo("guide");
        assertThat(beneath.objects().get(0).tints().process().k()).isEqualTo(50);
    }

    /** A reference whose left half is red and whose right half is blue, as wide as the page. */
    @Test
    void theGuideLiesOverItsReference(@TempDir Path folder) throws IOException {
        Pipeline pipeline = new Pipeline();
        Drawing plain = pipeline.run(Jobs.plain(), Progress.SILENT);
        int width = 400;
        int height = (int) Math.round(width * plain.heightMm() / plain.widthMm());
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.setColor(Color.BLUE);
        g.fillRect(width / 2, 0, width, height);
        g.dispose();
        Path file = folder.resolve("photo.png");
        ImageIO.write(image, "png", file.toFile());
        Job job =
                Jobs.plain()
                        .withBrief(
                                BriefSection.EMPTY.with(
                                        new Reference(
                                                "photograph",
                                                "",
                                                Reference.Use.OWN,
                                                SnapshotTaker.take(file))));
        TransferStencil stencil =
                TransferStencil.of(
                        pipeline,
                        pipeline.run(job, Progress.SILENT),
                        wide(100, one -> one.withGuide(true)),
                        Progress.SILENT);
        PrintPlan guide = TransferPlan.pages(stencil, PRESS).get(1);
        assertThat(TransferFacts.of(stencil).lines()).contains("The guide lies over photograph.");
        ByteArrayOutputStream svg = new ByteArrayOutputStream();
        SvgWriter.writeGoods(guide, svg);
        assertThat(svg.toString(StandardCharsets.UTF_8)).contains("data:image/jpeg;base64,");
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfWriter.write(guide, pdf);
        // Rendered by another library, and by our own painter: the same halves.
        BufferedImage shown;
        try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
            shown = new PDFRenderer(document).renderImageWithDPI(0, 25.4f * 4);
        }
        BufferedImage own =
                new BufferedImage(shown.getWidth(), shown.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D painted = own.createGraphics();
        new PlanPainter(guide)
                .paint(
                        painted,
                        AffineTransform.getScaleInstance(4, 4),
                        new Rectangle2D.Double(0, 0, own.getWidth(), own.getHeight()),
                        true,
                        true);
        painted.dispose();
        AffineTransform map = stencil.onSheet(0);
        for (double share : new double[] {0.1, 0.3, 0.7, 0.9}) {
            Point2D at =
                    map.transform(
                            new Point2D.Double(share * plain.widthMm(), 0.06 * plain.heightMm()),
                            null);
            for (BufferedImage one : List.of(shown, own)) {
                int rgb = one.getRGB((int) (4 * at.getX()), (int) (4 * at.getY()));
                int red = rgb >> 16 & 255;
                int blue = rgb & 255;
                assertThat(share < 0.5 ? red : blue).as("at %s", share).isGreaterThan(200);
                assertThat(share < 0.5 ? blue : red).as("at %s", share).isLessThan(60);
            }
        }
    }

    @Test
    void detailsThatVanishAreToldAndTakenOut() throws IOException {
        // At 4 mm the inner ring is 5 mm round, at 1.2 mm under 2 mm.
        TransferStencil small = stencil(wide(1.2, one -> one));
        assertThat(small.details()).hasSize(1);
        assertThat(stencil(wide(60, one -> one)).details()).isEmpty();
        TransferStencil without = stencil(wide(1.2, one -> one.withDropped(small.details())));
        assertThat(without.drawn()).hasSize(small.lines().size() - 1);
    }

    @Test
    void pensRunAlongTheSameLines() throws IOException {
        PrintPlan plan = TransferPlan.forMachines(stencil(wide(100, one -> one)), PRESS);
        assertThat(plan.technical().layers()).hasSize(1);
        assertThat(plan.widthMm()).isCloseTo(101.1, within(0.01));
    }

    /** Opened again by another library. */
    @Test
    void aPdfHasAPageForEachSheet() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(TransferPlan.pages(stencil(wide(350, one -> one)), PRESS), out);
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            assertThat(document.getNumberOfPages()).isEqualTo(4);
            float wide = document.getPage(0).getMediaBox().getWidth();
            float high = document.getPage(0).getMediaBox().getHeight();
            assertThat(Math.min(wide, high)).isCloseTo((float) (210 / 25.4 * 72), within(0.01f));
        }
    }

    @Test
    void aStencilForAHouseIsRefused() {
        assertThatThrownBy(() -> stencil(wide(18_000, one -> one)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("400 sheets");
    }

    /** A black that is no line is drawn by its edge, not by its middle. */
    @Test
    void solidBlacksAreDrawnByTheirEdges() throws IOException {
        BufferedImage image = Jobs.target();
        Graphics2D g = image.createGraphics();
        g.setColor(java.awt.Color.BLACK);
        g.fillRect(100, 90, 34, 56);
        g.dispose();
        Pipeline pipeline = new Pipeline();
        Drawing drawing =
                pipeline.run(
                        Job.of(new Source("a.png", Pictures.png(image, 300))), Progress.SILENT);
        TransferStencil stencil =
                TransferStencil.of(pipeline, drawing, wide(100, one -> one), Progress.SILENT);
        double mm = 25.4 / 300;
        assertThat(stencil.lines())
                .anySatisfy(
                        line -> {
                            assertThat(line.closed()).isTrue();
                            assertThat(line.lengthMm()).isCloseTo(180 * mm, within(30 * mm));
                        });
    }
}
