package neattrace.sheet.response;

import java.util.stream.IntStream;
import neattrace.raster.blur.Gaussian;

/** Favours faint lines where ink is rare and open paper where it is dense. */
public final class Response {

    /** At full strength darkness moves by this much of 255, up on open paper, down in hatching. */
    private static final double REACH = 72;

    /** How far round a pixel counts as its surroundings: some strokes of a pen, mm. */
    private static final double SURROUNDINGS_MM = 0.7;

    /** This share of ink round a pixel is hatching already and no longer open paper. */
    private static final double DENSE = 0.45;

    private Response() {}

    /**
     * The darkness moved; the same array if both favours are 0.
     *
     * @param faint favour to faint lines, 0 to 100
     * @param open favour to open paper in hatching, 0 to 100
     */
    public static byte[] apply(
            byte[] darkness, int width, int height, double pxPerMm, double faint, double open) {
        if (faint == 0 && open == 0) {
            return darkness;
        }
        byte[] round = Gaussian.blur(darkness, width, height, SURROUNDINGS_MM * pxPerMm);
        int[] shift = new int[256];
        for (int value = 0; value < 256; value++) {
            double dense = Math.min(1, value / (255 * DENSE));
            double smooth = dense * dense * (3 - 2 * dense);
            shift[value] = (int) Math.rint(REACH * (faint * (1 - smooth) - open * smooth) / 100);
        }
        byte[] out = new byte[darkness.length];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * width; i < (y + 1) * width; i++) {
                                int value = (darkness[i] & 0xff) + shift[round[i] & 0xff];
                                out[i] = (byte) Math.max(0, Math.min(255, value));
                            }
                        });
        return out;
    }
}
