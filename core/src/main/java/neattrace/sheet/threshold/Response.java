package neattrace.sheet.threshold;

import java.util.stream.IntStream;
import neattrace.raster.Gaussian;

/** Favours faint lines where ink is rare and open paper where it is dense. */
public final class Response {

    /** How far round a pixel counts as its surroundings: some strokes of a pen, mm. */
    private static final double SURROUNDINGS_MM = 0.7;

    /** This share of ink round a pixel is hatching already and no longer open paper. */
    private static final double DENSE = 0.45;

    /** Densities are told apart in steps of this. */
    private static final int COARSE = 4;

    private Response() {}

    /**
     * The darkness moved; the same array if both gains are 1.
     *
     * @param faint what darkness on open paper is multiplied by, 1 to 2
     * @param open what brightness in hatching is multiplied by, 1 to 2
     */
    public static byte[] apply(
            byte[] darkness, int width, int height, double pxPerMm, double faint, double open) {
        if (faint == 1 && open == 1) {
            return darkness;
        }
        byte[] round = Gaussian.blur(darkness, width, height, SURROUNDINGS_MM * pxPerMm);
        byte[] moved = table(faint, open);
        byte[] out = new byte[darkness.length];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * width; i < (y + 1) * width; i++) {
                                int density = (round[i] & 0xff) / COARSE;
                                out[i] = moved[density << 8 | darkness[i] & 0xff];
                            }
                        });
        return out;
    }

    /**
     * Darkness by density of the surroundings and darkness. On open paper darkness is multiplied,
     * so bare paper stays bare; in hatching brightness is, so solid ink stays solid.
     */
    private static byte[] table(double faint, double open) {
        byte[] table = new byte[256 / COARSE * 256];
        for (int density = 0; density < 256 / COARSE; density++) {
            double dense = Math.min(1, density * COARSE / (255 * DENSE));
            double smooth = dense * dense * (3 - 2 * dense);
            double darker = 1 + (faint - 1) * (1 - smooth);
            double brighter = 1 + (open - 1) * smooth;
            for (int dark = 0; dark < 256; dark++) {
                double raised = Math.min(255, dark * darker);
                double value = 255 - (255 - raised) * brighter;
                table[density << 8 | dark] = (byte) (int) Math.max(0, Math.rint(value));
            }
        }
        return table;
    }
}
