package neattrace.export;

import java.awt.Point;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.stream.IntStream;
import neattrace.press.Colorant;
import neattrace.press.plate.Halftone;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.Plates;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;

/** Writes plates as TIFF, one for each ink: 0 is full ink, white is none. */
public final class PlateWriter {

    private final PrintPlan plan;
    private final List<Laid> work;
    private final double ppi;

    /**
     * The plates of a plan.
     *
     * @param ppi of the files
     */
    public PlateWriter(PrintPlan plan, double ppi) {
        this.plan = plan;
        this.work = PlateWork.of(plan);
        this.ppi = ppi;
    }

    /** The inks that have a plate, in the order of printing. */
    public List<Colorant> inks() {
        return PlateMaker.inks(work);
    }

    /**
     * Writes the plate of an ink with 8 bits a pixel; {@code out} stays open.
     *
     * @throws IllegalArgumentException if it would be too large, with the reason
     */
    public void write(Colorant ink, OutputStream out) throws IOException {
        Plates plates = plates(ink);
        byte[] tones = plates.coverage().get(0).clone();
        for (int i = 0; i < tones.length; i++) {
            tones[i] = (byte) ~tones[i];
        }
        BufferedImage image =
                new BufferedImage(plates.width(), plates.height(), BufferedImage.TYPE_BYTE_GRAY);
        image.setData(
                Raster.createRaster(
                        image.getSampleModel(),
                        new DataBufferByte(tones, tones.length),
                        new Point()));
        TiffFile.write(image, ppi, TiffFile.LZW, out);
    }

    /**
     * Writes it as film: one bit a pixel, tints as dots.
     *
     * @throws IllegalArgumentException as {@link #write}
     */
    public void writeFilm(Colorant ink, Halftone screen, OutputStream out) throws IOException {
        Plates plates = plates(ink);
        byte[] coverage = plates.coverage().get(0);
        int width = plates.width();
        byte[] tones = {(byte) 255, 0};
        BufferedImage image =
                new BufferedImage(
                        width,
                        plates.height(),
                        BufferedImage.TYPE_BYTE_BINARY,
                        new IndexColorModel(1, 2, tones, tones, tones));
        byte[] bits = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int stride = (width + 7) / 8;
        IntStream.range(0, plates.height())
                .parallel()
                .forEach(
                        y -> {
                            for (int x = 0; x < width; x++) {
                                int tint = coverage[y * width + x] & 0xff;
                                if (tint == 255 || tint > 0 && screen.isInk(x, y, tint / 255.0)) {
                                    bits[y * stride + x / 8] |= (byte) (0x80 >> x % 8);
                                }
                            }
                        });
        TiffFile.write(image, ppi, TiffFile.GROUP_4, out);
    }

    private Plates plates(Colorant ink) {
        return PlateMaker.of(
                work, plan.widthMm(), plan.heightMm(), ppi, List.of(ink), Progress.SILENT);
    }
}
