package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import neattrace.job.Job;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.BlackRule;
import neattrace.press.DeltaE2000;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

class PdfWriterTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static PDDocument pdf(Job job) throws IOException {
        Artwork art = Artwork.of(new Pipeline().run(job, Progress.SILENT), PRESS);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(Plans.of(art), out);
        return Loader.loadPDF(out.toByteArray());
    }

    /** The operands of every operator of a kind, in order. */
    private static List<float[]> operands(PDPage page, String name) throws IOException {
        List<float[]> found = new ArrayList<>();
        List<Object> before = new ArrayList<>();
        PDFStreamParser parser = new PDFStreamParser(page);
        for (Object token = parser.parseNextToken();
                token != null;
                token = parser.parseNextToken()) {
            if (!(token instanceof Operator operator)) {
                before.add(token);
                continue;
            }
            if (operator.getName().equals(name)) {
                float[] numbers = new float[before.size()];
                for (int i = 0; i < numbers.length; i++) {
                    numbers[i] = before.get(i) instanceof COSNumber n ? n.floatValue() : Float.NaN;
                }
                found.add(numbers);
            }
            before.clear();
        }
        return found;
    }

    @Test
    void inkNumbersAreExactlyTheSwatches() throws IOException {
        try (PDDocument document = pdf(Jobs.coloured())) {
            PDPage page = document.getPage(0);
            List<float[]> inks = operands(page, "k");
            assertThat(inks).hasSize(4);
            assertThat(inks.get(0)).containsExactly(0.12f, 0.88f, 0.725f, 0.04f);
            assertThat(inks.get(1)).containsExactly(0f, 0.18f, 0.6f, 0f);
            assertThat(inks.get(2)).as("beneath the black").containsExactly(0.6f, 0.4f, 0.4f, 0f);
            assertThat(inks.get(3)).as("the black").containsExactly(0f, 0f, 0f, 1f);
            for (String other : new String[] {"rg", "g", "sc", "scn", "K", "RG"}) {
                assertThat(operands(page, other)).as(other).isEmpty();
            }
        }
    }

    @Test
    void blackAloneHasNothingBeneath() throws IOException {
        try (PDDocument document = pdf(Jobs.plain().withBlack(BlackRule.K_ONLY))) {
            List<float[]> inks = operands(document.getPage(0), "k");
            assertThat(inks).hasSize(1);
            assertThat(inks.get(0)).containsExactly(0f, 0f, 0f, 1f);
        }
    }

    @Test
    void everySwatchIsALayerThatCanBeSwitched() throws IOException {
        try (PDDocument document = pdf(Jobs.coloured())) {
            PDOptionalContentProperties layers = document.getDocumentCatalog().getOCProperties();
            assertThat(layers.getGroupNames())
                    .containsExactly(
                            "Bull & eye " + PRESS.preview(Jobs.INNER.build()).hex(),
                            "Straw <2> " + PRESS.preview(Jobs.OUTER.build()).hex(),
                            "Under the black C60 M40 Y40",
                            "Lines #000000");
        }
    }

    @Test
    void thePageHasTheDrawingsSizeAndSaysForWhichPress() throws IOException {
        try (PDDocument document = pdf(Jobs.coloured())) {
            assertThat(document.getPage(0).getMediaBox().getWidth())
                    .isCloseTo(236f / 300 * 72, within(0.001f));
            assertThat(document.getDocumentCatalog().getOutputIntents()).hasSize(1);
            // ISO 15930-7:2010, 6.2.2: a printer's output intent is of this kind.
            assertThat(
                            document.getDocumentCatalog()
                                    .getOutputIntents()
                                    .get(0)
                                    .getCOSObject()
                                    .getNameAsString(COSName.S))
                    .isEqualTo("GTS_PDFX");
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Target <A&B>");
        }
    }

    @Test
    void theBlackPrintsOverWhatLiesBeneath() throws IOException {
        try (PDDocument document = pdf(Jobs.coloured())) {
            PDPage page = document.getPage(0);
            boolean overprint = false;
            for (COSName name : page.getResources().getExtGStateNames()) {
                overprint |=
                        page.getResources().getExtGState(name).getNonStrokingOverprintControl();
            }
            assertThat(overprint).isTrue();
        }
    }

    /** PDFBox renders the page; colours agree with the swatches' previews, places with the scan. */
    @Test
    void renderedItShowsTheColoursInTheirPlaces() throws IOException {
        try (PDDocument document = pdf(Jobs.coloured())) {
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 300);
            assertThat(image.getWidth()).isCloseTo(236, within(1));
            assertNear(image, 118, 118, PRESS.preview(Jobs.INNER.build()));
            assertNear(image, 118, 55, PRESS.preview(Jobs.OUTER.build()));
            assertNear(image, 4, 4, Rgb.WHITE);
            assertThat(Rgb.of(image.getRGB(118, 28)).toLab().l()).isLessThan(25);
        }
    }

    private static void assertNear(BufferedImage image, int x, int y, Rgb expected) {
        Rgb actual = Rgb.of(image.getRGB(x, y));
        assertThat(DeltaE2000.between(actual.toLab(), expected.toLab()))
                .as("%s at %d, %d, expected %s", actual.hex(), x, y, expected.hex())
                .isLessThan(3);
    }
}
