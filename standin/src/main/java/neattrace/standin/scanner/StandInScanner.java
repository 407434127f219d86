package neattrace.standin.scanner;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import neattrace.raster.GreySheet;
import neattrace.raster.PngFile;
import neattrace.raster.Resolution;
import neattrace.standin.pen.PenDrawing;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;

/** Scans drawings. */
public final class StandInScanner {

    private static final double INK = 34;
    private static final double PAPER = 243;

    private StandInScanner() {}

    /** A grey scan of the drawing's page. */
    public static GreySheet scan(PenDrawing drawing, ScanSettings settings) {
        double pxPerMm = settings.ppi() / Resolution.MM_PER_INCH;
        int width = (int) Math.round(drawing.widthMm() * pxPerMm);
        int height = (int) Math.round(drawing.heightMm() * pxPerMm);
        AffineTransform toPx = AffineTransform.getScaleInstance(pxPerMm, pxPerMm);
        toPx.rotate(
                Math.toRadians(settings.tiltDegrees()),
                drawing.widthMm() / 2,
                drawing.heightMm() / 2);
        byte[] clean = render(drawing.ink(), toPx, width, height);
        if (settings.grain() == 0 && settings.falloff() == 0 && settings.strip() == 0) {
            return new GreySheet(width, height, clean);
        }
        return new GreySheet(width, height, spoil(clean, width, height, settings));
    }

    /**
     * Renders polygons with exact anti-aliasing: black on white.
     *
     * @param toPx from the geometry's unit to pixels
     * @return one byte a pixel, 0 ink to 255 paper
     */
    public static byte[] render(Geometry ink, AffineTransform toPx, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        byte[] samples = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        Arrays.fill(samples, (byte) 255);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setColor(Color.BLACK);
        ShapeWriter shapes = new ShapeWriter();
        for (int i = 0; i < ink.getNumGeometries(); i++) {
            graphics.fill(toPx.createTransformedShape(shapes.toShape(ink.getGeometryN(i))));
        }
        graphics.dispose();
        return samples;
    }

    private static byte[] spoil(byte[] clean, int width, int height, ScanSettings settings) {
        Blemishes blemishes = new Blemishes(width, height, settings);
        byte[] scan = new byte[clean.length];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            SplittableRandom chance =
                                    new SplittableRandom(settings.seed() * 1_000_003 + y);
                            double drift = 0;
                            for (int x = 0; x < width; x++) {
                                double ink = 1 - (clean[y * width + x] & 0xff) / 255.0;
                                double blemish = blemishes.darkness(x, y);
                                double paper = PAPER * (1 - blemish);
                                double value = paper * (1 - ink) + INK * ink;
                                // Paper grain is a little wider than a pixel.
                                double noise = gaussian(chance);
                                drift = 0.45 * drift + noise;
                                value *= blemishes.light(x, y);
                                value += 0.8 * settings.grain() * drift;
                                scan[y * width + x] =
                                        (byte) (int) Math.max(0, Math.min(255, Math.rint(value)));
                            }
                        });
        return scan;
    }

    /** Box and Muller's transform; SplittableRandom has no Gaussian of its own before Java 17. */
    private static double gaussian(SplittableRandom chance) {
        double u = 1 - chance.nextDouble();
        return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * chance.nextDouble());
    }

    /** A scan as the bytes of a PNG file that states its resolution. */
    public static byte[] png(GreySheet sheet, double ppi) {
        BufferedImage image =
                new BufferedImage(sheet.width(), sheet.height(), BufferedImage.TYPE_BYTE_GRAY);
        image.getRaster().setDataElements(0, 0, sheet.width(), sheet.height(), sheet.samples());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PngFile.write(image, ppi, out);
        } catch (IOException e) {
            throw new UncheckedIOException("a PNG could not be made in memory", e);
        }
        return out.toByteArray();
    }
}
