package neattrace.export.pdf;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import neattrace.export.Artwork;
import neattrace.flat.LineLayer;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.object.NamedShape;
import neattrace.geom.Outline;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;

/**
 * Writes art as a one-page PDF in ink values.
 *
 * <p>From below: one layer for each swatch, running beneath the lines; for rich black a layer with
 * the cyan, magenta and yellow of the black; lines in swatches of their own; the other lines in
 * solid black, set to overprint so that what lies beneath is kept.
 */
public final class PdfWriter {

    private static final double POINTS_PER_MM = 72 / 25.4;

    private final Artwork art;
    private final PDOptionalContentProperties groups = new PDOptionalContentProperties();

    private PdfWriter(Artwork art) {
        this.art = art;
    }

    /** Writes {@code art} to {@code out}, which stays open. */
    public static void write(Artwork art, OutputStream out) throws IOException {
        new PdfWriter(art).write(out);
    }

    private void write(OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation information = document.getDocumentInformation();
            information.setTitle(art.title());
            information.setCreator("Neat Trace");
            document.getDocumentCatalog().setOCProperties(groups);
            intent(document);
            float width = (float) (art.widthMm() * POINTS_PER_MM);
            float height = (float) (art.heightMm() * POINTS_PER_MM);
            PDPage page = new PDPage(new PDRectangle(width, height));
            float trim = (float) (art.trimMm() * POINTS_PER_MM);
            if (trim > 0) {
                page.setTrimBox(new PDRectangle(trim, trim, width - 2 * trim, height - 2 * trim));
            }
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                float scale = (float) POINTS_PER_MM;
                content.transform(new Matrix(scale, 0, 0, -scale, 0, height));
                for (FlatLayer layer : art.layers()) {
                    flat(content, layer);
                }
                for (LineLayer layer : art.colouredLines()) {
                    begin(content, "Lines " + art.layerName(layer.swatch()));
                    ink(content, layer.swatch().build());
                    lines(content, layer.shapes());
                    content.endMarkedContent();
                }
                if (!art.lines().isEmpty() || art.colouredLines().isEmpty()) {
                    black(content);
                }
            }
            document.save(out);
        }
    }

    private void intent(PDDocument document) throws IOException {
        PDOutputIntent intent =
                new PDOutputIntent(document, new ByteArrayInputStream(art.press().bytes()));
        intent.setInfo("Coated paper, CGATS 001");
        intent.setOutputCondition("Commercial offset, coated paper");
        intent.setOutputConditionIdentifier("CGATS TR 001");
        intent.setRegistryName("http://www.color.org");
        // PDFBox writes the kind that archives want; printers look for theirs (ISO 15930).
        (intent.getCOSObject()).setItem(COSName.S, COSName.getPDFName("GTS_PDFX"));
        document.getDocumentCatalog().addOutputIntent(intent);
    }

    private void flat(PDPageContentStream content, FlatLayer layer) throws IOException {
        begin(content, art.layerName(layer.swatch()));
        ink(content, layer.swatch().build());
        for (NamedShape shape : art.shapes(layer)) {
            PdfPath.append(content, shape.shape());
            content.fillEvenOdd();
        }
        content.endMarkedContent();
    }

    private void black(PDPageContentStream content) throws IOException {
        if (art.black() == BlackRule.RICH) {
            begin(content, "Under the black " + art.black().underlay());
            ink(content, art.black().underlay());
            lines(content, art.lines());
            content.endMarkedContent();
        }
        begin(content, "Lines " + art.black().over());
        content.saveGraphicsState();
        PDExtendedGraphicsState overprint = new PDExtendedGraphicsState();
        overprint.setStrokingOverprintControl(true);
        overprint.setNonStrokingOverprintControl(true);
        overprint.setOverprintMode(1);
        content.setGraphicsStateParameters(overprint);
        ink(content, art.black().over());
        lines(content, art.lines());
        content.restoreGraphicsState();
        content.endMarkedContent();
    }

    private static void lines(PDPageContentStream content, List<Outline> outlines)
            throws IOException {
        for (Outline outline : outlines) {
            PdfPath.append(content, outline);
            content.fillEvenOdd();
        }
    }

    private void begin(PDPageContentStream content, String name) throws IOException {
        PDOptionalContentGroup group = new PDOptionalContentGroup(name);
        groups.addGroup(group);
        content.beginMarkedContent(COSName.OC, group);
    }

    private static void ink(PDPageContentStream content, Cmyk build) throws IOException {
        content.setNonStrokingColor(
                (float) (build.c() / 100),
                (float) (build.m() / 100),
                (float) (build.y() / 100),
                (float) (build.k() / 100));
    }
}
