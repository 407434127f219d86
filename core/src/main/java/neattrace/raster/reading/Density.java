package neattrace.raster.reading;

import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import neattrace.raster.Resolution;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/**
 * The pixels per inch a file states, if it does.
 *
 * @param across in a row; NaN if it does not say
 * @param down in a column
 */
record Density(double across, double down) {

    /** What cameras and screens write whatever they look at (common practice, no source). */
    private static final double[] NO_MEASURE = {72, 96};

    private static final double NEAR = 0.6;

    /** No scanner's pixels are so much longer than wide; a coarse fax's are twice as long. */
    private static final double MOST_RATIO = 5;

    /** What says nothing that can be is as if it said nothing. */
    Density {
        if (across > MOST_RATIO * down || down > MOST_RATIO * across) {
            across = Double.NaN;
            down = Double.NaN;
        }
    }

    /** What the reader and the header say of a page. */
    static Density of(ImageReader reader, int page, byte[] bytes) {
        Density jfif = jfif(bytes);
        return Double.isNaN(jfif.across) ? standardTree(reader, page) : jfif;
    }

    /** The finer of both, or what is assumed if the file states nothing that is a measure. */
    Resolution resolution() {
        if (isNoMeasure()) {
            return Resolution.assumedInsteadOf(across);
        }
        double ppi = Math.max(across, down);
        return Resolution.isSensible(ppi) ? new Resolution(ppi, true) : Resolution.assumed();
    }

    private boolean isNoMeasure() {
        for (double ppi : NO_MEASURE) {
            if (Math.abs(across - ppi) < NEAR && Math.abs(down - ppi) < NEAR) {
                return true;
            }
        }
        return false;
    }

    /** What a user should know of it. */
    Optional<String> note() {
        if (resolution().stated()) {
            return Optional.empty();
        }
        return Optional.of(
                isNoMeasure()
                        ? String.format(
                                Locale.ROOT,
                                "The file says %.0f ppi, which cameras and screens write whatever"
                                        + " the size; 300 ppi is assumed.",
                                across)
                        : "The file does not say its resolution; 300 ppi is assumed.");
    }

    private static Density standardTree(ImageReader reader, int page) {
        try {
            IIOMetadata metadata = reader.getImageMetadata(page);
            if (metadata == null || !metadata.isStandardMetadataFormatSupported()) {
                return new Density(Double.NaN, Double.NaN);
            }
            Element root = (Element) metadata.getAsTree("javax_imageio_1.0");
            double across = ppi(root, "HorizontalPixelSize");
            double down = ppi(root, "VerticalPixelSize");
            return Double.isNaN(down) ? new Density(across, across) : new Density(across, down);
        } catch (IOException | RuntimeException e) {
            return new Density(Double.NaN, Double.NaN);
        }
    }

    private static double ppi(Element root, String size) {
        NodeList sizes = root.getElementsByTagName(size);
        if (sizes.getLength() == 0) {
            return Double.NaN;
        }
        double mm = Double.parseDouble(((Element) sizes.item(0)).getAttribute("value"));
        // PNG stores whole pixels a metre, so 300 ppi comes back as 299.9994.
        double ppi = Resolution.MM_PER_INCH / mm;
        return Math.abs(ppi - Math.rint(ppi)) < 0.02 ? Math.rint(ppi) : ppi;
    }

    /**
     * The density of a JFIF header (ITU-T T.871, 10.1), which the standard tree gives only as a
     * ratio. NaN if there is none or its unit is "aspect ratio only".
     */
    private static Density jfif(byte[] b) {
        boolean header =
                b.length > 17
                        && (b[0] & 0xff) == 0xff
                        && (b[1] & 0xff) == 0xd8
                        && (b[2] & 0xff) == 0xff
                        && (b[3] & 0xff) == 0xe0
                        && b[6] == 'J'
                        && b[7] == 'F'
                        && b[8] == 'I'
                        && b[9] == 'F';
        double unit = !header ? Double.NaN : b[13] == 1 ? 1 : b[13] == 2 ? 2.54 : Double.NaN;
        return new Density(
                unit * (header ? (b[14] & 0xff) << 8 | b[15] & 0xff : 0),
                unit * (header ? (b[16] & 0xff) << 8 | b[17] & 0xff : 0));
    }
}
