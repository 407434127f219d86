package neattrace.bench;

import java.util.Arrays;
import java.util.List;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;

/** A coloured drawing as if its colours had been dabbed on by hand: no lines, edges that wander. */
final class LooseRough {

    /** Darker than this is line, 0 to 255. */
    private static final int DARK = 60;

    /** Colours lie aside by so much of the side, and wander to and fro by as much. */
    private static final double ASIDE = 0.012;

    /** Wave lengths, of the side. */
    private static final double[] WAVES = {0.11, 0.07};

    private LooseRough() {}

    static Picture of(Picture twin) {
        int width = twin.width();
        int height = twin.height();
        int[] plain = withoutLines(twin);
        int[] rgb = new int[plain.length];
        byte[] grey = new byte[plain.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double dx = ASIDE * width * (1 + Math.sin(2 * Math.PI * y / (WAVES[0] * width)));
                double dy = ASIDE * width * (Math.sin(2 * Math.PI * x / (WAVES[1] * width)) - 0.5);
                int fromX = Math.max(0, Math.min(width - 1, (int) Math.round(x + dx)));
                int fromY = Math.max(0, Math.min(height - 1, (int) Math.round(y + dy)));
                int value = plain[fromY * width + fromX];
                rgb[y * width + x] = value;
                grey[y * width + x] = (byte) brightness(value);
            }
        }
        return new Picture(
                new GreySheet(width, height, grey), rgb, twin.resolution(), "PNG", List.of());
    }

    /** Lines take the colour that lies nearest. */
    private static int[] withoutLines(Picture twin) {
        int width = twin.width();
        int[] rgb = new int[width * twin.height()];
        boolean[] known = new boolean[rgb.length];
        int[] front = new int[rgb.length];
        int count = 0;
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = twin.rgbAt(i % width, i / width);
            known[i] = brightness(rgb[i]) > DARK;
            if (known[i]) {
                front[count++] = i;
            }
        }
        for (int done = 0; done < count; done++) {
            int at = front[done];
            int x = at % width;
            int[] near = {x > 0 ? at - 1 : -1, x < width - 1 ? at + 1 : -1, at - width, at + width};
            for (int to : near) {
                if (to >= 0 && to < rgb.length && !known[to]) {
                    known[to] = true;
                    rgb[to] = rgb[at];
                    front[count++] = to;
                }
            }
        }
        return count == 0 ? Arrays.copyOf(rgb, rgb.length) : rgb;
    }

    private static int brightness(int rgb) {
        return ((rgb >> 16 & 0xff) * 3 + (rgb >> 8 & 0xff) * 6 + (rgb & 0xff)) / 10;
    }
}
