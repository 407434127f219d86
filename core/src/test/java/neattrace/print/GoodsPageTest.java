package neattrace.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import neattrace.export.PdfWriter;
import neattrace.export.PngWriter;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsWish;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

class GoodsPageTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static PrintPlan on(Drawing drawing, String wish) {
        GoodsFit fit =
                GoodsFit.of(
                        GoodsWish.parse(wish, List.of()),
                        drawing.extent().widthMm(),
                        drawing.extent().heightMm());
        PrintPlan art = Plans.of(Artwork.of(drawing, PRESS));
        return GoodsPage.place(art, fit, drawing.extent(), PRESS);
    }

    private static Drawing drawing() throws IOException {
        return new Pipeline().run(Jobs.coloured(), Progress.SILENT);
    }

    /** Opened again by another library: a page of 60 mm is 60 / 25.4 x 72 points wide. */
    @Test
    void aFileIsAsLargeAsTheGoods() throws IOException {
        PrintPlan plan = on(drawing(), "sticker:60mm");
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfWriter.write(plan, pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
            assertThat(document.getPage(0).getMediaBox().getWidth())
                    .isCloseTo((float) (60 / 25.4 * 72), within(0.05f));
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngWriter.write(plan, 300, png);
        Picture picture = PictureReader.read(png.toByteArray(), "a.png");
        assertThat(picture.width()).isBetween(708, 710);
    }

    @Test
    void theDrawingLiesInTheMiddleWithinItsBorder() throws IOException {
        Drawing drawing = drawing();
        PrintPlan plan = on(drawing, "sticker:60mm");
        double k = 55 / drawing.extent().widthMm();
        double[] box = {1e9, 1e9, -1e9, -1e9};
        for (PrintLayer layer : plan.of(PrintLayer.Kind.LINES)) {
            for (PrintObject object : layer.objects()) {
                var bounds = ((PrintShape.Curved) object.shape()).outline().toPath().getBounds2D();
                box[0] = Math.min(box[0], bounds.getMinX());
                box[2] = Math.max(box[2], bounds.getMaxX());
                box[1] = Math.min(box[1], bounds.getMinY());
                box[3] = Math.max(box[3], bounds.getMaxY());
            }
        }
        assertThat(box[0]).isCloseTo(2.5, within(0.1));
        assertThat(box[2]).isCloseTo(57.5, within(0.1));
        assertThat(box[3] - box[1]).isCloseTo(k * drawing.extent().heightMm(), within(0.2));
        assertThat(box[1]).isCloseTo(plan.heightMm() - box[3], within(0.1));
    }

    /** The inner disc runs on beneath the ring by 0.2 mm on the shirt, however small that is. */
    @Test
    void aSpreadIsMeantOnTheFinishedThing() throws IOException {
        Job job = Jobs.coloured();
        Drawing drawing =
                new Pipeline().run(job.withFlat(job.flat().withSpreadMm(0.2)), Progress.SILENT);
        GoodsFit fit =
                GoodsFit.of(
                        GoodsWish.parse("shirt:8mm", List.of()),
                        drawing.extent().widthMm(),
                        drawing.extent().heightMm());
        Artwork art = Artwork.of(drawing, PRESS);
        double bare = lowestWidth(place(art, fit, drawing));
        double spread = lowestWidth(place(art.forFiles(fit.factor()), fit, drawing));
        assertThat(fit.factor()).isLessThan(0.6);
        assertThat(spread - bare).isCloseTo(2 * 0.2, within(0.03));
    }

    private static PrintPlan place(Artwork art, GoodsFit fit, Drawing drawing) {
        return GoodsPage.place(Plans.of(art), fit, drawing.extent(), PRESS);
    }

    private static double lowestWidth(PrintPlan plan) {
        return plan.of(PrintLayer.Kind.FLAT).get(0).objects().stream()
                .mapToDouble(
                        object ->
                                ((PrintShape.Filled) object.shape())
                                        .polygons()
                                        .getEnvelopeInternal()
                                        .getWidth())
                .max()
                .orElseThrow();
    }

    @Test
    void aColouringPageHasNothingBeneathItsLines() throws IOException {
        PrintPlan plan = on(drawing(), "colouring-page:A4");
        assertThat(plan.of(PrintLayer.Kind.FLAT)).isEmpty();
        assertThat(plan.of(PrintLayer.Kind.LINES)).isNotEmpty();
        assertThat(plan.widthMm()).isEqualTo(210);
        assertThat(on(drawing(), "print:A6").of(PrintLayer.Kind.FLAT)).isNotEmpty();
    }
}
