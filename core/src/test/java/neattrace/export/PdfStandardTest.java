package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressSheet;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Profiles;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSDocument;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceN;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Files re-read object by object: what ISO 15930-1:2001 and ISO 15930-7:2010 want of them (clauses
 * from memory).
 */
class PdfStandardTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static byte[] file(PdfStandard standard, Job job) throws IOException {
        PressSheet sheet =
                PressSheet.of(
                        new Pipeline().run(job, Progress.SILENT),
                        Optional.empty(),
                        Progress.SILENT);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(List.of(sheet.plan()), standard, out);
        return out.toByteArray();
    }

    /** Two inks of their own, trapped. */
    private static Job spots() {
        Job job = Jobs.coloured();
        return job.withSwatches(PressPalette.spots(job.swatches(), PRESS))
                .withPress(PressSection.USUAL.withTrapMm(0.3).withRegisterMm(0.3));
    }

    /** Every object of a file. */
    private static Set<COSBase> objects(COSDocument document) {
        Set<COSBase> found = new HashSet<>();
        for (COSObjectKey key : document.getXrefTable().keySet()) {
            gather(document.getObjectFromPool(key), found);
        }
        return found;
    }

    private static void gather(COSBase base, Set<COSBase> found) {
        if (base instanceof COSObject object) {
            gather(object.getObject(), found);
            return;
        }
        if (base == null || !found.add(base)) {
            return;
        }
        if (base instanceof COSDictionary dictionary) {
            dictionary.getValues().forEach(one -> gather(one, found));
        } else if (base instanceof COSArray array) {
            array.forEach(one -> gather(one, found));
        }
    }

    @ParameterizedTest
    @EnumSource(PdfStandard.class)
    void bothHaveWhatPrintersAskFor(PdfStandard standard) throws IOException {
        byte[] bytes = file(standard, spots());
        String head = new String(bytes, 0, 8, StandardCharsets.US_ASCII);
        assertThat(head).isEqualTo(standard == PdfStandard.X4 ? "%PDF-1.6" : "%PDF-1.3");
        try (PDDocument document = Loader.loadPDF(bytes)) {
            assertThat(document.isEncrypted()).isFalse();
            assertThat(document.getDocument().getDocumentID().size()).isEqualTo(2);
            List<PDOutputIntent> intents = document.getDocumentCatalog().getOutputIntents();
            assertThat(intents).hasSize(1);
            COSDictionary intent = intents.get(0).getCOSObject();
            assertThat(intent.getNameAsString(COSName.S)).isEqualTo("GTS_PDFX");
            assertThat(intents.get(0).getOutputConditionIdentifier()).isEqualTo("CGATS TR 001");
            byte[] profile =
                    intents.get(0).getDestOutputIntent().createInputStream().readAllBytes();
            assertThat(new String(profile, 12, 4, StandardCharsets.US_ASCII)).isEqualTo("prtr");
            assertThat(new String(profile, 16, 4, StandardCharsets.US_ASCII)).isEqualTo("CMYK");
            assertThat(document.getDocumentInformation().getTrapped()).isEqualTo("True");
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Target <A&B>");
            assertThat(document.getDocumentInformation().getCreationDate()).isNotNull();
            assertThat(document.getDocumentInformation().getModificationDate()).isNotNull();
            PDPage page = document.getPage(0);
            PDRectangle media = page.getMediaBox();
            assertThat(page.getCOSObject().containsKey(COSName.TRIM_BOX)).isTrue();
            assertThat(page.getCOSObject().containsKey(COSName.BLEED_BOX)).isTrue();
            assertThat(
                            media.contains(
                                    page.getTrimBox().getLowerLeftX(),
                                    page.getTrimBox().getLowerLeftY()))
                    .isTrue();
            Set<COSBase> all = objects(document.getDocument());
            for (String forbidden :
                    List.of("SMask", "TR", "TR2", "HTP", "JavaScript", "Encrypt", "DeviceRGB")) {
                assertThat(all)
                        .as(forbidden)
                        .noneMatch(
                                one ->
                                        one instanceof COSDictionary dictionary
                                                && dictionary.containsKey(
                                                        COSName.getPDFName(forbidden)));
                assertThat(all).doesNotContain(COSName.getPDFName(forbidden));
            }
        }
    }

    @Test
    void theLayeredOneSaysWhatItIsAndHasLayers() throws IOException {
        try (PDDocument document = Loader.loadPDF(file(PdfStandard.X4, spots()))) {
            COSStream metadata = document.getDocumentCatalog().getMetadata().getCOSObject();
            assertThat(metadata.getFilters()).as("read by programs that know no PDF").isNull();
            String xmp =
                    new String(
                            document.getDocumentCatalog().getMetadata().toByteArray(),
                            StandardCharsets.UTF_8);
            assertThat(xmp)
                    .contains("http://www.npes.org/pdfx/ns/id/", "PDF/X-4")
                    .contains("CreateDate", "ModifyDate", "MetadataDate")
                    .contains("DocumentID", "VersionID", "RenditionClass")
                    .contains("<pdf:Trapped>True</pdf:Trapped>")
                    .contains("Target &lt;A&amp;B&gt;");
            assertThat(document.getDocumentCatalog().getOCProperties().getGroupNames())
                    .hasSizeGreaterThan(3);
        }
    }

    @Test
    void theFlatOneHasNoLayersNoPackedObjectsAndNoLab() throws IOException {
        byte[] bytes = file(PdfStandard.X1A, spots());
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        assertThat(text).doesNotContain("/ObjStm", "/XRef", "/OCG", "/OCProperties", "/Lab");
        try (PDDocument document = Loader.loadPDF(bytes)) {
            assertThat(document.getDocumentInformation().getCustomMetadataValue("GTS_PDFXVersion"))
                    .isEqualTo("PDF/X-1:2001");
            assertThat(
                            document.getDocumentInformation()
                                    .getCustomMetadataValue("GTS_PDFXConformance"))
                    .isEqualTo("PDF/X-1a:2001");
            assertThat(document.getDocumentCatalog().getOCProperties()).isNull();
        }
    }

    @ParameterizedTest
    @EnumSource(PdfStandard.class)
    void inksOfTheirOwnAreSeparationsWithTheLookTheyWereMeasuredWith(PdfStandard standard)
            throws IOException {
        Set<String> names = new HashSet<>();
        boolean mixed = false;
        try (PDDocument document = Loader.loadPDF(file(standard, spots()))) {
            PDPage page = document.getPage(0);
            for (COSName name : page.getResources().getColorSpaceNames()) {
                PDColorSpace space = page.getResources().getColorSpace(name);
                if (space instanceof PDSeparation separation) {
                    names.add(separation.getColorantName());
                    String alternate = separation.getAlternateColorSpace().getName();
                    assertThat(alternate)
                            .isEqualTo(standard == PdfStandard.X4 ? "Lab" : "DeviceCMYK");
                    float[] seen = separation.toRGB(new float[] {1});
                    float[] bare = separation.toRGB(new float[] {0});
                    assertThat(bare[2]).isGreaterThan(0.9f);
                    assertThat(seen[2]).isLessThan(0.8f);
                } else if (space instanceof PDDeviceN many) {
                    mixed = true;
                    assertThat(many.getColorantNames()).hasSizeGreaterThan(1);
                    COSDictionary colorants =
                            many.getAttributes()
                                    .getCOSDictionary()
                                    .getCOSDictionary(COSName.COLORANTS);
                    assertThat(colorants.keySet())
                            .extracting(COSName::getName)
                            .contains("Bull & eye", "Straw <2>");
                }
            }
        }
        assertThat(names).containsExactlyInAnyOrder("Bull & eye", "Straw <2>");
        assertThat(mixed).as("where both lie").isTrue();
    }

    @Test
    void aProfileOfTheirOwnIsTheOutputIntent() throws IOException {
        Job job = Jobs.coloured().withPress(PressSection.USUAL.withProfile(Profiles.other()));
        try (PDDocument document = Loader.loadPDF(file(PdfStandard.X4, job))) {
            PDOutputIntent intent = document.getDocumentCatalog().getOutputIntents().get(0);
            assertThat(intent.getOutputConditionIdentifier()).isEqualTo("Custom");
            assertThat(intent.getInfo()).contains("Boated");
            assertThat(intent.getDestOutputIntent().createInputStream().readAllBytes())
                    .isEqualTo(Profiles.renamed());
            assertThat(document.getDocumentInformation().getTrapped()).isEqualTo("False");
        }
    }
}
