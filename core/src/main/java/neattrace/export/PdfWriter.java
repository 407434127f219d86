package neattrace.export;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import neattrace.press.Cmyk;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;

/**
 * Writes plans as pages of a PDF in ink values, each layer an optional content group; layers of one
 * name on several pages share theirs. Objects that overprint keep what lies beneath in the inks
 * they have none of (overprint mode 1).
 */
public final class PdfWriter {

    private static final double POINTS_PER_MM = 72 / 25.4;

    private static final float HAIRLINE_MM = 0.1f;

    /** Ends and joins of lines (ISO 32000-1, 8.4.3.3 and 8.4.3.4). */
    private static final int ROUND = 1;

    private final List<PrintPlan> pages;
    private final PDOptionalContentProperties groups = new PDOptionalContentProperties();

    private PdfWriter(List<PrintPlan> pages) {
        this.pages = pages;
    }

    /**
     * Writes {@code plan} to {@code out}, which stays open.
     *
     * @throws IllegalArgumentException if the plan has pixels in it
     */
    public static void write(PrintPlan plan, OutputStream out) throws IOException {
        write(List.of(plan), out);
    }

    /**
     * The same with a page for each plan.
     *
     * @param pages at least one; title and press are those of the first
     */
    public static void write(List<PrintPlan> pages, OutputStream out) throws IOException {
        new PdfWriter(pages).write(out);
    }

    private void write(OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation information = document.getDocumentInformation();
            information.setTitle(pages.get(0).title());
            information.setCreator("Neat Trace");
            document.getDocumentCatalog().setOCProperties(groups);
            intent(document);
            for (PrintPlan plan : pages) {
                page(document, plan);
            }
            document.save(out);
        }
    }

    private void page(PDDocument document, PrintPlan plan) throws IOException {
        float width = (float) (plan.widthMm() * POINTS_PER_MM);
        float height = (float) (plan.heightMm() * POINTS_PER_MM);
        PDPage page = new PDPage(new PDRectangle(width, height));
        float trim = (float) (plan.trimMm() * POINTS_PER_MM);
        if (trim > 0) {
            page.setTrimBox(new PDRectangle(trim, trim, width - 2 * trim, height - 2 * trim));
        }
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            float scale = (float) POINTS_PER_MM;
            content.transform(new Matrix(scale, 0, 0, -scale, 0, height));
            Set<String> laid = new HashSet<>();
            for (PrintLayer layer : plan.layers()) {
                layer(document, content, layer, group(layer.name(), laid));
            }
        }
    }

    /** The group of a name, one for each layer of a page. */
    private PDOptionalContentGroup group(String name, Set<String> laid) {
        boolean again = !laid.add(name);
        if (!again && groups.hasGroup(name)) {
            return groups.getGroup(name);
        }
        PDOptionalContentGroup group = new PDOptionalContentGroup(name);
        groups.addGroup(group);
        return group;
    }

    private void layer(
            PDDocument document,
            PDPageContentStream content,
            PrintLayer layer,
            PDOptionalContentGroup group)
            throws IOException {
        content.beginMarkedContent(COSName.OC, group);
        boolean overprint = layer.objects().stream().anyMatch(PrintObject::overprint);
        if (overprint) {
            content.saveGraphicsState();
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setStrokingOverprintControl(true);
            state.setNonStrokingOverprintControl(true);
            state.setOverprintMode(1);
            content.setGraphicsStateParameters(state);
        }
        if (!layer.prints()) {
            lines(content, layer);
        } else {
            shapes(document, content, layer);
        }
        if (overprint) {
            content.restoreGraphicsState();
        }
        content.endMarkedContent();
    }

    /** A picture in its own colours, as it is. */
    private static void photo(
            PDDocument document, PDPageContentStream content, PrintShape.Photo photo)
            throws IOException {
        PDImageXObject image = JPEGFactory.createFromByteArray(document, photo.jpeg());
        AffineTransform map = photo.map();
        // The format's pictures are a unit square with y up.
        map.scale(photo.widthPx(), photo.heightPx());
        map.translate(0, 1);
        map.scale(1, -1);
        content.drawImage(image, new Matrix(map));
    }

    private static void shapes(PDDocument document, PDPageContentStream content, PrintLayer layer)
            throws IOException {
        Tints laid = null;
        for (PrintObject object : layer.objects()) {
            if (object.shape() instanceof PrintShape.Photo photo) {
                photo(document, content, photo);
                continue;
            }
            if (!object.tints().equals(laid)) {
                laid = object.tints();
                ink(content, laid.process());
            }
            if (object.shape() instanceof PrintShape.Stroked stroked) {
                stroke(content, stroked, laid.process());
            } else {
                object(content, object.shape());
            }
        }
    }

    /** What machines cut along: hairlines in an ink of their own, which nobody prints. */
    private static void lines(PDPageContentStream content, PrintLayer layer) throws IOException {
        content.saveGraphicsState();
        content.setLineWidth(HAIRLINE_MM);
        for (PrintObject object : layer.objects()) {
            String ink = object.tints().percent().keySet().iterator().next().name();
            content.setStrokingColor(SpotInk.full(ink, layer.screen()));
            if (!(object.shape() instanceof PrintShape.Curved curved)) {
                throw new IllegalArgumentException("machines cut along curves");
            }
            PdfPath.append(content, curved.outline());
            content.stroke();
        }
        content.restoreGraphicsState();
    }

    private static void object(PDPageContentStream content, PrintShape shape) throws IOException {
        if (shape instanceof PrintShape.Filled filled) {
            PdfPath.append(content, filled.polygons());
        } else if (shape instanceof PrintShape.Curved curved) {
            PdfPath.append(content, curved.outline());
        } else {
            throw new IllegalArgumentException("a PDF is made of shapes");
        }
        content.fillEvenOdd();
    }

    /** A line with round ends and joins, as pens draw them. */
    private static void stroke(PDPageContentStream content, PrintShape.Stroked line, Cmyk build)
            throws IOException {
        content.setLineCapStyle(ROUND);
        content.setLineJoinStyle(ROUND);
        content.setLineWidth((float) line.widthMm());
        content.setStrokingColor(
                (float) (build.c() / 100),
                (float) (build.m() / 100),
                (float) (build.y() / 100),
                (float) (build.k() / 100));
        PdfPath.append(content, line.path(), line.closed());
        content.stroke();
    }

    private void intent(PDDocument document) throws IOException {
        PDOutputIntent intent =
                new PDOutputIntent(
                        document, new ByteArrayInputStream(pages.get(0).press().bytes()));
        intent.setInfo("Coated paper, CGATS 001");
        intent.setOutputCondition("Commercial offset, coated paper");
        intent.setOutputConditionIdentifier("CGATS TR 001");
        intent.setRegistryName("http://www.color.org");
        // PDFBox writes the kind that archives want; printers look for theirs (ISO 15930).
        (intent.getCOSObject()).setItem(COSName.S, COSName.getPDFName("GTS_PDFX"));
        document.getDocumentCatalog().addOutputIntent(intent);
    }

    private static void ink(PDPageContentStream content, Cmyk build) throws IOException {
        content.setNonStrokingColor(
                (float) (build.c() / 100),
                (float) (build.m() / 100),
                (float) (build.y() / 100),
                (float) (build.k() / 100));
    }
}
