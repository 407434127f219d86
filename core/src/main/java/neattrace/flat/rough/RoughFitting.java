package neattrace.flat.rough;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;

/** Lays a rough over a drawing. */
public final class RoughFitting {

    /** Proportions of whole pictures may differ by this share. */
    private static final double SAME_PROPORTION = 0.02;

    /** Proportions of what is drawn may differ by this share: dabs run over, or stop short. */
    private static final double SAME_BOX = 0.08;

    /** So far from the ground's colour, in each part of 255, something is drawn. */
    private static final int DRAWN = 24;

    private RoughFitting() {}

    /**
     * A rough laid over a drawing.
     *
     * @param picture of the same proportion as the drawing
     * @param moved whether it was moved or scaled, because the whole pictures are not alike
     */
    public record Fitted(Picture picture, boolean moved) {}

    /**
     * Fits.
     *
     * @throws IllegalArgumentException with a message for the user if neither the pictures nor what
     *     is drawn on them have the same proportion
     */
    public static Fitted fit(Picture rough, InkMap ink) {
        double proportion = (double) rough.width() / rough.height() * ink.height() / ink.width();
        if (Math.abs(proportion - 1) <= SAME_PROPORTION) {
            return new Fitted(rough, false);
        }
        int[] from = box(rough);
        int[] to = box(ink);
        double across = (double) (from[2] - from[0]) / Math.max(1, to[2] - to[0]);
        double down = (double) (from[3] - from[1]) / Math.max(1, to[3] - to[1]);
        if (from[2] <= from[0] || to[2] <= to[0] || Math.abs(across / down - 1) > SAME_BOX) {
            throw new IllegalArgumentException(
                    String.format(
                            Locale.ROOT,
                            "The rough is %d x %d and the drawing %d x %d: they do not have the same"
                                    + " proportion, nor has what is drawn on them.",
                            rough.width(),
                            rough.height(),
                            ink.width(),
                            ink.height()));
        }
        return new Fitted(laid(rough, ink, from, to, across, down), true);
    }

    /** The rough under the whole sheet, as fine as it is; white where it has nothing. */
    private static Picture laid(
            Picture rough, InkMap ink, int[] from, int[] to, double across, double down) {
        int width = (int) Math.max(1, Math.round(ink.width() * across));
        int height = (int) Math.max(1, Math.round(ink.height() * down));
        int[] rgb = new int[width * height];
        byte[] grey = new byte[width * height];
        Arrays.fill(rgb, 0xFFFFFF);
        Arrays.fill(grey, (byte) 255);
        for (int y = 0; y < height; y++) {
            int v = (int) Math.round(y - to[1] * down) + from[1];
            for (int x = 0; x < width; x++) {
                int u = (int) Math.round(x - to[0] * across) + from[0];
                if (u >= 0 && v >= 0 && u < rough.width() && v < rough.height()) {
                    rgb[y * width + x] = rough.rgbAt(u, v);
                    grey[y * width + x] = (byte) rough.grey().at(u, v);
                }
            }
        }
        return new Picture(
                new GreySheet(width, height, grey),
                rgb,
                rough.resolution(),
                rough.format(),
                List.of());
    }

    /** Left, top, right, bottom of what is drawn; the ground is the colour of the first pixel. */
    private static int[] box(Picture rough) {
        int ground = rough.rgbAt(0, 0);
        int[] box = {rough.width(), rough.height(), 0, 0};
        for (int y = 0; y < rough.height(); y++) {
            for (int x = 0; x < rough.width(); x++) {
                if (differ(rough.rgbAt(x, y), ground)) {
                    grow(box, x, y);
                }
            }
        }
        return box;
    }

    private static boolean differ(int a, int b) {
        for (int shift = 0; shift <= 16; shift += 8) {
            if (Math.abs((a >> shift & 0xff) - (b >> shift & 0xff)) > DRAWN) {
                return true;
            }
        }
        return false;
    }

    private static int[] box(InkMap ink) {
        int[] box = {ink.width(), ink.height(), 0, 0};
        for (int y = 0; y < ink.height(); y++) {
            for (int x = 0; x < ink.width(); x++) {
                if (ink.isInk(x, y)) {
                    grow(box, x, y);
                }
            }
        }
        return box;
    }

    private static void grow(int[] box, int x, int y) {
        box[0] = Math.min(box[0], x);
        box[1] = Math.min(box[1], y);
        box[2] = Math.max(box[2], x + 1);
        box[3] = Math.max(box[3], y + 1);
    }
}
