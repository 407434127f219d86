package neattrace.standin.scanner;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.SplittableRandom;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import neattrace.raster.GreySheet;
import neattrace.raster.blur.Gaussian;
import neattrace.standin.pen.PenDrawing;

/**
 * How badly a scan or a photo turns out, beyond an everyday scan.
 *
 * @param grain standard deviation of the brightness, 0 to 255
 * @param falloff how much darker the far corner is, 0 to 1
 * @param spine how dark the shadow along the left edge is at its darkest, 0 to 1
 * @param spineMm how wide that shadow is, mm
 * @param dust number of specks
 * @param smudge how dark smudge and postmark are, 0 to 1
 * @param jpeg quality 1 to 100 of a lossy file; 0 for none
 * @param blurPx standard deviation of the lens's blur, px
 */
public record Wear(
        double grain,
        double falloff,
        double spine,
        double spineMm,
        int dust,
        double smudge,
        int jpeg,
        double blurPx) {

    /** Scans a drawing badly; the same seed gives the same scan to the last bit. */
    public GreySheet scan(PenDrawing drawing, double ppi, long seed) {
        // A trace of grain makes the scanner lay paper and ink tones at all.
        ScanSettings settings = new ScanSettings(ppi, seed, 0, 0.001, falloff, 0, dust, smudge);
        GreySheet sheet = StandInScanner.scan(drawing, settings);
        byte[] worn = Gaussian.blur(sheet.samples(), sheet.width(), sheet.height(), blurPx);
        SplittableRandom chance = new SplittableRandom(seed);
        double pxPerMm = ppi / 25.4;
        for (int i = 0; i < worn.length; i++) {
            double shadows = i % sheet.width() / pxPerMm / spineMm;
            double light = 1 - spine * Math.exp(-shadows * shadows);
            double value = (worn[i] & 0xff) * light + grain * chance.nextGaussian();
            worn[i] = (byte) (int) Math.max(0, Math.min(255, Math.rint(value)));
        }
        GreySheet result = new GreySheet(sheet.width(), sheet.height(), worn);
        return jpeg == 0 ? result : lossy(result);
    }

    private GreySheet lossy(GreySheet sheet) {
        BufferedImage image =
                new BufferedImage(sheet.width(), sheet.height(), BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setDataElements(0, 0, sheet.width(), sheet.height(), sheet.samples());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(jpeg / 100f);
            writer.write(null, new IIOImage(image, null, null), how);
            out.flush();
            BufferedImage back = ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
            int[] grey =
                    back.getRaster()
                            .getSamples(0, 0, back.getWidth(), back.getHeight(), 0, (int[]) null);
            byte[] samples = new byte[grey.length];
            for (int i = 0; i < grey.length; i++) {
                samples[i] = (byte) grey[i];
            }
            return new GreySheet(sheet.width(), sheet.height(), samples);
        } catch (IOException e) {
            throw new UncheckedIOException("a JPEG could not be made in memory", e);
        } finally {
            writer.dispose();
        }
    }
}
