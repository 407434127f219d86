package neattrace.raster.reading;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.stage.Progress;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * Pages of a PDF. What a scanner wrote is taken as it was scanned, pixel for pixel; any other page
 * is rendered.
 */
final class PdfPages {

    /** What pages are rendered at that hold no scan. */
    private static final double USUAL_PPI = 600;

    private static final double POINTS_PER_INCH = 72;

    private PdfPages() {}

    static Picture read(byte[] bytes, String name, Opening opening, Progress progress)
            throws IOException {
        try (PDDocument document = Loader.loadPDF(bytes)) {
            int pages = document.getNumberOfPages();
            if (opening.page() >= pages) {
                throw new PictureException(
                        name
                                + " has "
                                + pages
                                + (pages == 1 ? " page" : " pages")
                                + "; there is no page "
                                + (opening.page() + 1)
                                + ".");
            }
            PDPage page = document.getPage(opening.page());
            List<String> notes = new ArrayList<>();
            if (pages > 1) {
                notes.add(
                        String.format(
                                Locale.ROOT,
                                "The file has several pages; page %d of %d is used.",
                                opening.page() + 1,
                                pages));
            }
            progress.report("Reading the page", 0);
            Optional<ScannedPage> scan =
                    opening.ppi() > 0 ? Optional.empty() : ScannedPage.of(page);
            Picture picture =
                    scan.isPresent()
                            ? taken(scan.get(), name, notes)
                            : rendered(document, page, name, opening, notes);
            return new Picture(
                    picture.grey(),
                    picture.rgb(),
                    picture.resolution(),
                    "PDF",
                    picture.notes(),
                    List.of(),
                    pages);
        } catch (InvalidPasswordException e) {
            throw new PictureException(name + " is locked by a password.", e);
        }
    }

    private static Picture taken(ScannedPage scan, String name, List<String> notes)
            throws IOException {
        PictureReader.checkSize(name, scan.image().getWidth(), scan.image().getHeight(), 9);
        notes.add("The page is a scan; its own pixels are used.");
        Picture picture =
                PixelReader.picture(scan.pixels(), new Resolution(scan.ppi(), true), "PDF", notes);
        return Upright.turned(picture, scan.orientation());
    }

    private static Picture rendered(
            PDDocument document, PDPage page, String name, Opening opening, List<String> notes)
            throws IOException {
        PDRectangle box = page.getCropBox();
        double inches = box.getWidth() * box.getHeight() / POINTS_PER_INCH / POINTS_PER_INCH;
        double most = Math.floor(Math.sqrt(PictureReader.MAX_PIXELS / 2.5 / inches));
        double ppi = opening.ppi() > 0 ? opening.ppi() : Math.min(USUAL_PPI, most);
        PictureReader.checkSize(
                name,
                (long) (box.getWidth() * ppi / POINTS_PER_INCH),
                (long) (box.getHeight() * ppi / POINTS_PER_INCH),
                9);
        BufferedImage image =
                new PDFRenderer(document)
                        .renderImageWithDPI(opening.page(), (float) ppi, ImageType.RGB);
        notes.add(String.format(Locale.ROOT, "The page was drawn at %.0f ppi.", ppi));
        return PixelReader.picture(image, new Resolution(ppi, true), "PDF", notes);
    }
}
