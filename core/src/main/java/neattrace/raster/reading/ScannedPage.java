package neattrace.raster.reading;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;

/**
 * A page that is one picture and nothing else that is seen, as scanners write them; text that was
 * recognised lies unseen over it.
 *
 * @param image its picture
 * @param ppi pixels per inch on the page
 * @param orientation as in {@link Upright}
 */
record ScannedPage(PDImageXObject image, double ppi, int orientation) {

    private static final List<String> PAINTING =
            List.of("f", "F", "f*", "B", "B*", "b", "b*", "S", "s", "sh", "BI");

    private static final List<String> TEXT = List.of("Tj", "TJ", "'", "\"");

    /** A picture covers this share of the page at least. */
    private static final double COVERS = 0.8;

    private static final double UNSEEN = 3;
    private static final double ASKEW = 1e-3;

    /** The page's picture, if the page is nothing else. */
    static Optional<ScannedPage> of(PDPage page) throws IOException {
        Matrix matrix = new Matrix();
        ArrayDeque<Matrix> kept = new ArrayDeque<>();
        boolean unseenText = false;
        PDImageXObject image = null;
        Matrix placed = null;
        PDFStreamParser parser = new PDFStreamParser(page);
        List<Object> tokens = parser.parse();
        ArrayList<COSBase> operands = new ArrayList<>();
        for (Object token : tokens) {
            if (token instanceof COSBase operand) {
                operands.add(operand);
                continue;
            }
            String name = ((Operator) token).getName();
            switch (name) {
                case "q" -> kept.push(matrix.clone());
                case "Q" -> matrix = kept.isEmpty() ? matrix : kept.pop();
                case "cm" -> matrix = matrix(operands).multiply(matrix);
                case "Tr" -> unseenText = number(operands, 0) == UNSEEN;
                case "Do" -> {
                    PDXObject object = page.getResources().getXObject((COSName) operands.get(0));
                    if (image != null || !(object instanceof PDImageXObject found)) {
                        return Optional.empty();
                    }
                    image = found;
                    placed = matrix;
                }
                default -> {
                    boolean seen = PAINTING.contains(name) || TEXT.contains(name) && !unseenText;
                    if (seen) {
                        return Optional.empty();
                    }
                }
            }
            operands.clear();
        }
        return image == null ? Optional.empty() : placed(page, image, placed);
    }

    /** Its pixels; grey as it is stored, since PDFBox bends it on its way to the screen. */
    BufferedImage pixels() throws IOException {
        boolean grey =
                !image.isStencil()
                        && image.getSoftMask() == null
                        && image.getColorSpace() instanceof PDDeviceGray
                        && image.getDecode() == null;
        int bits = image.getBitsPerComponent();
        if (!grey || bits > 8) {
            return image.getImage();
        }
        Raster raw = image.getRawRaster();
        int most = (1 << bits) - 1;
        BufferedImage picture =
                new BufferedImage(
                        image.getWidth(), image.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            raw.getSamples(0, y, row.length, 1, 0, row);
            for (int x = 0; x < row.length; x++) {
                row[x] = Math.min(most, row[x]) * 255 / most;
            }
            picture.getRaster().setSamples(0, y, row.length, 1, 0, row);
        }
        return picture;
    }

    private static Matrix matrix(List<COSBase> operands) {
        return new Matrix(
                number(operands, 0),
                number(operands, 1),
                number(operands, 2),
                number(operands, 3),
                number(operands, 4),
                number(operands, 5));
    }

    private static float number(List<COSBase> operands, int index) {
        return ((COSNumber) operands.get(index)).floatValue();
    }

    private static Optional<ScannedPage> placed(PDPage page, PDImageXObject image, Matrix at)
            throws IOException {
        double area = Math.abs(at.getScaleX() * at.getScaleY() - at.getShearX() * at.getShearY());
        double pageArea = (double) page.getCropBox().getWidth() * page.getCropBox().getHeight();
        boolean straight =
                Math.abs(at.getShearX()) + Math.abs(at.getShearY())
                        < ASKEW * (Math.abs(at.getScaleX()) + Math.abs(at.getScaleY()));
        // Turned and mirrored pictures are rare, and rendering does them right.
        boolean upright = straight && at.getScaleX() > 0 && at.getScaleY() > 0;
        if (!upright || area < COVERS * pageArea || image.getMask() != null) {
            return Optional.empty();
        }
        double across = 72 * image.getWidth() / at.getScaleX();
        double down = 72 * image.getHeight() / at.getScaleY();
        if (Math.abs(across / down - 1) > 0.02 || across < 50) {
            return Optional.empty();
        }
        int orientation =
                switch (Math.floorMod(page.getRotation(), 360)) {
                    case 90 -> 6;
                    case 180 -> 3;
                    case 270 -> 8;
                    default -> 1;
                };
        double ppi = (across + down) / 2;
        double whole = Math.rint(ppi);
        return Optional.of(
                new ScannedPage(
                        image, Math.abs(ppi - whole) < 0.01 * whole ? whole : ppi, orientation));
    }
}
