package neattrace.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.standin.pen.PenDrawing;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;

/**
 * Noisy scans and photos of drawings whose vectors are known, all with automatic settings: what is
 * left of the truth once the sheet is made.
 */
public final class Scans {

    /**
     * One way of spoiling.
     *
     * @param grain standard deviation of the paper's brightness, 0 to 255
     * @param falloff how much darker the far corner is
     * @param spine how dark the shadow along the left edge is at its darkest, 0 to 1
     * @param spineMm how wide that shadow is
     * @param dust number of specks
     * @param smudge how dark smudge and postmark are
     * @param jpeg quality 1 to 100, 0 for none
     * @param blurPx standard deviation of the lens's blur
     */
    record Spoiling(
            String name,
            double grain,
            double falloff,
            double spine,
            double spineMm,
            int dust,
            double smudge,
            int jpeg,
            double blurPx) {}

    static final List<Spoiling> WAYS =
            List.of(
                    new Spoiling("grain 3", 3, 0, 0, 1, 0, 0, 0, 0),
                    new Spoiling("grain 8", 8, 0, 0, 1, 0, 0, 0, 0.5),
                    new Spoiling("grain 14", 14, 0.1, 0, 1, 0, 0, 0, 0.5),
                    new Spoiling("shade 0.3", 3, 0.3, 0, 1, 0, 0, 0, 0),
                    new Spoiling("dust 300", 3, 0.1, 0, 1, 300, 0.15, 0, 0),
                    new Spoiling("spine 0.5", 4, 0.15, 0.5, 12, 60, 0.1, 0, 0),
                    new Spoiling("spine 0.8", 4, 0.15, 0.8, 8, 60, 0.1, 0, 0.5),
                    new Spoiling("jpeg 75", 4, 0.15, 0.3, 9, 60, 0.1, 75, 0),
                    new Spoiling("jpeg 40", 4, 0.15, 0.3, 9, 60, 0.1, 40, 0.5),
                    new Spoiling("all", 6, 0.25, 0.6, 10, 150, 0.15, 70, 0.5),
                    new Spoiling("photo 2:1", 3, 0.5, 0, 1, 20, 0, 85, 0.7),
                    new Spoiling("photo dim", 6, 0.55, 0.2, 20, 60, 0.1, 75, 0.9));

    private Scans() {}

    /** Prints one row for each drawing and way of spoiling. */
    public static void main(String[] arguments) throws IOException {
        String only = arguments.length > 0 ? arguments[0] : "";
        System.out.printf(
                Locale.ROOT,
                "%-12s %-10s %s %6s %6s%n",
                "drawing",
                "spoiled by",
                Measured.HEADING,
                "ink %",
                "ms");
        for (SkerryMail mail : SkerryMail.values()) {
            PenDrawing drawing = mail.draw();
            for (Spoiling way : WAYS) {
                if ((mail.name() + way.name()).contains(only)) {
                    report(mail.name(), way, drawing);
                }
            }
        }
    }

    private static void report(String name, Spoiling way, PenDrawing drawing) throws IOException {
        double pxPerMm = 1200 / Math.max(drawing.widthMm(), drawing.heightMm());
        GreySheet sheet = scan(drawing, way, pxPerMm * 25.4, name.hashCode());
        long start = System.nanoTime();
        InkReading reading =
                InkMapper.read(sheet, SheetRecipe.automatic(), pxPerMm, Progress.SILENT);
        Tracing tracing = Tracer.trace(reading.map(), Tracer.USUAL_ERROR_PX, Progress.SILENT);
        long millis = (System.nanoTime() - start) / 1_000_000;
        System.out.printf(
                Locale.ROOT,
                "%-12s %-10s %s %6.1f %6d%n",
                name,
                way.name(),
                Measured.of(drawing, pxPerMm, tracing).row(),
                reading.inkPercent(),
                millis);
    }

    static GreySheet scan(PenDrawing drawing, Spoiling way, double ppi, long seed)
            throws IOException {
        ScanSettings settings =
                new ScanSettings(ppi, seed, 0, 0.001, way.falloff(), 0, way.dust(), way.smudge());
        GreySheet sheet = StandInScanner.scan(drawing, settings);
        byte[] spoiled = blurred(sheet, way.blurPx());
        SplittableRandom chance = new SplittableRandom(seed);
        double pxPerMm = ppi / 25.4;
        for (int i = 0; i < spoiled.length; i++) {
            int x = i % sheet.width();
            double mm = x / pxPerMm / way.spineMm();
            double light = 1 - way.spine() * Math.exp(-mm * mm);
            double value = (spoiled[i] & 0xff) * light + way.grain() * chance.nextGaussian();
            spoiled[i] = (byte) (int) Math.max(0, Math.min(255, Math.rint(value)));
        }
        GreySheet result = new GreySheet(sheet.width(), sheet.height(), spoiled);
        return way.jpeg() == 0 ? result : jpeg(result, way.jpeg());
    }

    /** A Gaussian, separable, edges held. */
    private static byte[] blurred(GreySheet sheet, double sigma) {
        if (sigma == 0) {
            return sheet.samples().clone();
        }
        int width = sheet.width();
        int height = sheet.height();
        double[] rows = new double[width * height];
        byte[] out = new byte[width * height];
        for (int pass = 0; pass < 2; pass++) {
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    double sum = 0;
                    double weight = 0;
                    for (int k = -4; k <= 4; k++) {
                        double w = Math.exp(-k * k / (2 * sigma * sigma));
                        int xx = Math.max(0, Math.min(width - 1, x + (pass == 0 ? k : 0)));
                        int yy = Math.max(0, Math.min(height - 1, y + (pass == 0 ? 0 : k)));
                        sum += w * (pass == 0 ? sheet.at(xx, yy) : rows[yy * width + xx]);
                        weight += w;
                    }
                    if (pass == 0) {
                        rows[y * width + x] = sum / weight;
                    } else {
                        out[y * width + x] = (byte) Math.rint(sum / weight);
                    }
                }
            }
        }
        return out;
    }

    private static GreySheet jpeg(GreySheet sheet, int quality) throws IOException {
        BufferedImage image =
                new BufferedImage(sheet.width(), sheet.height(), BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setDataElements(0, 0, sheet.width(), sheet.height(), sheet.samples());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(quality / 100f);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        Picture read = PictureReader.read(bytes.toByteArray(), "scan.jpg");
        return read.grey();
    }
}
