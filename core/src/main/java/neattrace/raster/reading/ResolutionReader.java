package neattrace.raster.reading;

import java.io.IOException;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import neattrace.raster.Resolution;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Finds the pixels per inch a file states, if it does. */
final class ResolutionReader {

    /** Outside this range a stated value is a writer's slip, not a resolution. */
    private static final double LEAST_PPI = 10;

    private static final double MOST_PPI = 20_000;

    private ResolutionReader() {}

    static Resolution resolution(ImageReader reader, byte[] bytes) {
        double ppi = jfif(bytes);
        if (Double.isNaN(ppi)) {
            ppi = standardTree(reader);
        }
        if (Double.isNaN(ppi) || ppi < LEAST_PPI || ppi > MOST_PPI) {
            return Resolution.assumed();
        }
        return new Resolution(ppi, true);
    }

    private static double standardTree(ImageReader reader) {
        try {
            IIOMetadata metadata = reader.getImageMetadata(0);
            if (metadata == null || !metadata.isStandardMetadataFormatSupported()) {
                return Double.NaN;
            }
            Element root = (Element) metadata.getAsTree("javax_imageio_1.0");
            NodeList sizes = root.getElementsByTagName("HorizontalPixelSize");
            if (sizes.getLength() == 0) {
                return Double.NaN;
            }
            double mm = Double.parseDouble(((Element) sizes.item(0)).getAttribute("value"));
            // PNG stores whole pixels a metre, so 300 ppi comes back as 299.9994.
            double ppi = Resolution.MM_PER_INCH / mm;
            return Math.abs(ppi - Math.rint(ppi)) < 0.02 ? Math.rint(ppi) : ppi;
        } catch (IOException | RuntimeException e) {
            return Double.NaN;
        }
    }

    /**
     * The density of a JFIF header (ITU-T T.871, 10.1), which the standard tree gives only as a
     * ratio. NaN if there is none or its unit is "aspect ratio only".
     */
    private static double jfif(byte[] b) {
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
        if (!header) {
            return Double.NaN;
        }
        int unit = b[13];
        int density = (b[14] & 0xff) << 8 | b[15] & 0xff;
        return switch (unit) {
            case 1 -> density;
            case 2 -> density * 2.54;
            default -> Double.NaN;
        };
    }
}
