package neattrace.export;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.press.Colorant;
import neattrace.press.Lab;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
import org.locationtech.jts.geom.Envelope;

/**
 * Writes plans as pages of a PDF for printers, in ink values: each layer an optional content group,
 * which layers of one name on several pages share, or flat. Objects that overprint keep what lies
 * beneath in the inks they have none of (overprint mode 1). A plan with a photograph is to be
 * looked at, not printed: it promises printers nothing.
 */
public final class PdfWriter {

    private static final double POINTS_PER_MM = 72 / 25.4;

    private static final float LINE_MM = 0.25f;

    /** Ends and joins of lines (ISO 32000-1, 8.4.3.3 and 8.4.3.4). */
    private static final int ROUND = 1;

    private final List<PrintPlan> pages;
    private final PdfStandard standard;
    private final PDOptionalContentProperties groups = new PDOptionalContentProperties();
    private final PDExtendedGraphicsState overprints = overprinting(true);
    private final PDExtendedGraphicsState knocksOut = overprinting(false);
    private PdfInks inks;

    private PdfWriter(List<PrintPlan> pages, PdfStandard standard) {
        this.pages = pages;
        this.standard = standard;
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
        write(pages, PdfStandard.X4, out);
    }

    /** The same after a standard. */
    public static void write(List<PrintPlan> pages, PdfStandard standard, OutputStream out)
            throws IOException {
        new PdfWriter(pages, standard).write(out);
    }

    private void write(OutputStream out) throws IOException {
        try (PDDocument document = new PDDocument()) {
            boolean photos = pages.stream().anyMatch(PdfWriter::hasPhoto);
            document.getDocument().setVersion(standard.version());
            // The header alone says which version it is (ISO 15930-1, 6.2).
            document.getDocumentCatalog().getCOSObject().removeItem(COSName.VERSION);
            if (standard.hasLayers()) {
                document.getDocumentCatalog().setOCProperties(groups);
            }
            PdfMetadata.write(document, pages.get(0).title(), photos ? null : standard, trapped());
            PdfMetadata.intent(document, pages.get(0).press());
            inks = new PdfInks(document, pages.get(0).press(), standard);
            for (PrintPlan plan : pages) {
                page(document, plan);
            }
            if (standard.hasLayers()) {
                document.save(out, CompressParameters.DEFAULT_COMPRESSION);
            } else {
                // Older machines know no packed objects.
                ByteArrayOutputStream plain = new ByteArrayOutputStream();
                document.save(plain, CompressParameters.NO_COMPRESSION);
                out.write(counted(plain.toByteArray()));
            }
        }
    }

    /**
     * The library says one object more than there are: Size is one more than the highest number
     * (ISO 32000-1, table 15), which is how many entries the table has.
     */
    private static byte[] counted(byte[] pdf) {
        String text = new String(pdf, StandardCharsets.ISO_8859_1);
        int table = text.lastIndexOf("\nxref");
        Matcher entries = Pattern.compile("xref\\s+0 (\\d+)\\s").matcher(text);
        Matcher size = Pattern.compile("/Size \\d+").matcher(text);
        if (table < 0 || !entries.find(table) || !size.find(entries.end())) {
            return pdf;
        }
        return (text.substring(0, size.start())
                        + "/Size "
                        + entries.group(1)
                        + text.substring(size.end()))
                .getBytes(StandardCharsets.ISO_8859_1);
    }

    private boolean trapped() {
        return pages.stream().anyMatch(page -> !page.of(PrintLayer.Kind.TRAP).isEmpty());
    }

    private static boolean hasPhoto(PrintPlan plan) {
        return plan.layers().stream()
                .flatMap(layer -> layer.objects().stream())
                .anyMatch(object -> object.shape() instanceof PrintShape.Photo);
    }

    private void page(PDDocument document, PrintPlan plan) throws IOException {
        float width = (float) (plan.widthMm() * POINTS_PER_MM);
        float height = (float) (plan.heightMm() * POINTS_PER_MM);
        PDRectangle all = new PDRectangle(width, height);
        PDPage page = new PDPage(all);
        page.setBleedBox(box(plan.pageBoxes().bleed(), plan));
        page.setTrimBox(box(plan.pageBoxes().trim(), plan));
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

    /** A part of the page in the PDF's own points, y up. */
    private static PDRectangle box(Envelope mm, PrintPlan plan) {
        return new PDRectangle(
                (float) (mm.getMinX() * POINTS_PER_MM),
                (float) ((plan.heightMm() - mm.getMaxY()) * POINTS_PER_MM),
                (float) (mm.getWidth() * POINTS_PER_MM),
                (float) (mm.getHeight() * POINTS_PER_MM));
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
        if (!standard.hasLayers() && !layer.prints()) {
            // What nobody prints has no place in a file that is flat.
            return;
        }
        if (standard.hasLayers()) {
            content.beginMarkedContent(COSName.OC, group);
        }
        if (layer.prints()) {
            shapes(document, content, layer);
        } else {
            lines(content, layer);
        }
        if (standard.hasLayers()) {
            content.endMarkedContent();
        }
    }

    private static PDExtendedGraphicsState overprinting(boolean on) {
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setStrokingOverprintControl(on);
        state.setNonStrokingOverprintControl(on);
        state.setOverprintMode(1);
        return state;
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

    private void shapes(PDDocument document, PDPageContentStream content, PrintLayer layer)
            throws IOException {
        Tints laid = null;
        boolean over = false;
        content.saveGraphicsState();
        for (PrintObject object : layer.objects()) {
            if (object.shape() instanceof PrintShape.Photo photo) {
                photo(document, content, photo);
                continue;
            }
            if (object.overprint() != over) {
                over = object.overprint();
                content.setGraphicsStateParameters(over ? overprints : knocksOut);
            }
            if (object.shape() instanceof PrintShape.Stroked stroked) {
                inks.stroke(content, object.tints());
                stroke(content, stroked);
                continue;
            }
            if (!object.tints().equals(laid)) {
                laid = object.tints();
                inks.fill(content, laid);
            }
            object(content, object.shape());
        }
        content.restoreGraphicsState();
    }

    /** What machines cut along: thin lines in an ink of their own, which nobody prints. */
    private void lines(PDPageContentStream content, PrintLayer layer) throws IOException {
        content.saveGraphicsState();
        content.setGraphicsStateParameters(overprints);
        content.setLineWidth(LINE_MM);
        Lab look = layer.screen().toLabD50();
        for (PrintObject object : layer.objects()) {
            String ink = object.tints().percent().keySet().iterator().next().name();
            inks.stroke(content, Tints.full(Colorant.spot(ink, look)));
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
    private static void stroke(PDPageContentStream content, PrintShape.Stroked line)
            throws IOException {
        content.setLineCapStyle(ROUND);
        content.setLineJoinStyle(ROUND);
        content.setLineWidth((float) line.widthMm());
        PdfPath.append(content, line.path(), line.closed());
        content.stroke();
    }
}
