package neattrace.press.rehearsal;

import java.util.function.IntConsumer;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import neattrace.press.plate.PlateMap;

/**
 * The pixels of a page at which anything can go wrong: those near an edge.
 *
 * @param at their places, row by row
 * @param thin which of them belong to something that is narrower than plates may lie off, and
 *     lighter than what lies round it
 */
record EdgePixels(int[] at, boolean[] thin) {

    /** L* at which light and dark are told apart: one bit each. */
    private static final int LEVELS = Byte.SIZE;

    private static final double FIRST_LEVEL = 15;

    private static final double LEVEL_STEP = 10;

    /** What is seen as lighter is so by more than this, L* (common practice, no source). */
    private static final double CONTRAST = 15;

    /**
     * The pixels near edges. Time and space are linear in pixels.
     *
     * @param lightness of each composite, L*
     * @param reach how near, px
     */
    static EdgePixels of(PlateMap map, double[] lightness, int reach) {
        byte[] near = grown(edges(map), map, reach);
        int count = 0;
        for (byte one : near) {
            count += one;
        }
        int[] at = new int[count];
        for (int i = 0, k = 0; i < near.length; i++) {
            if (near[i] == 1) {
                at[k++] = i;
            }
        }
        return new EdgePixels(at, thin(map, lightness, at, reach));
    }

    private static boolean[] thin(PlateMap map, double[] lightness, int[] at, int reach) {
        byte[] dark = new byte[lightness.length];
        byte[] light = new byte[lightness.length];
        for (int i = 0; i < lightness.length; i++) {
            for (int k = 0; k < LEVELS; k++) {
                double level = FIRST_LEVEL + k * LEVEL_STEP;
                dark[i] |= (byte) (lightness[i] < level ? 1 << k : 0);
                light[i] |= (byte) (lightness[i] >= level + CONTRAST ? 1 << k : 0);
            }
        }
        byte[] narrow = narrow(map, dark, reach);
        boolean[] thin = new boolean[at.length];
        for (int k = 0; k < thin.length; k++) {
            int x = at[k] % map.width();
            int y = at[k] / map.width();
            // Beside the page nothing is printed.
            boolean inside =
                    x >= reach && y >= reach && x < map.width() - reach && y < map.height() - reach;
            thin[k] = inside && (narrow[at[k]] & light[map.numbers()[at[k]] & 0xffff]) != 0;
        }
        return thin;
    }

    /** Pixels on either side of an edge. */
    private static byte[] edges(PlateMap map) {
        int width = map.width();
        int height = map.height();
        short[] number = map.numbers();
        byte[] edge = new byte[width * height];
        rows(
                height,
                y -> {
                    for (int x = 0; x < width; x++) {
                        int i = y * width + x;
                        boolean right = x + 1 < width && number[i] != number[i + 1];
                        boolean left = x > 0 && number[i] != number[i - 1];
                        boolean below = y + 1 < height && number[i] != number[i + width];
                        boolean above = y > 0 && number[i] != number[i - width];
                        edge[i] = (byte) (right || left || below || above ? 1 : 0);
                    }
                });
        return edge;
    }

    /** What is not dark, without what a square as wide as plates may lie off fits in. */
    private static byte[] narrow(PlateMap map, byte[] dark, int reach) {
        short[] number = map.numbers();
        byte[] full = new byte[number.length];
        for (int i = 0; i < full.length; i++) {
            full[i] = dark[number[i] & 0xffff];
        }
        byte[] clear = grown(full, map, reach / 2);
        for (int i = 0; i < clear.length; i++) {
            clear[i] = (byte) ~clear[i];
        }
        byte[] wide = grown(clear, map, reach / 2 + 1);
        for (int i = 0; i < wide.length; i++) {
            wide[i] = (byte) ~(wide[i] | full[i]);
        }
        return wide;
    }

    /** Squares round all bits that are set: first along rows, then along columns. */
    private static byte[] grown(byte[] mask, PlateMap map, int reach) {
        int width = map.width();
        int height = map.height();
        byte[] along = new byte[mask.length];
        rows(
                height,
                y -> {
                    int row = y * width;
                    // Shift by shift, so that many pixels are done at a time.
                    for (int shift = -reach; shift <= reach; shift++) {
                        int last = Math.min(width, width - shift);
                        for (int x = Math.max(0, -shift); x < last; x++) {
                            along[row + x] |= mask[row + x + shift];
                        }
                    }
                });
        byte[] all = new byte[mask.length];
        rows(
                height,
                y -> {
                    int first = Math.max(0, y - reach);
                    int last = Math.min(height - 1, y + reach);
                    int row = y * width;
                    for (int other = first; other <= last; other++) {
                        int from = other * width;
                        for (int x = 0; x < width; x++) {
                            all[row + x] |= along[from + x];
                        }
                    }
                });
        return all;
    }

    /**
     * How wide the widest of what is thin is in each square, px; 0 where nothing is.
     *
     * @param light by composite, whether it has hardly any ink
     * @param cellOf the square of a pixel
     */
    int[] thinWidths(PlateMap map, boolean[] light, IntUnaryOperator cellOf, int cells) {
        int width = map.width();
        short[] number = map.numbers();
        int[] widths = new int[cells];
        for (int k = 0; k < at.length; k++) {
            int i = at[k];
            if (!thin[k] || !light[number[i] & 0xffff]) {
                continue;
            }
            int x = i % width;
            int across = run(number, i, 1, width - 1 - x) + run(number, i, -1, x);
            int up = i / width;
            int down = run(number, i, width, map.height() - 1 - up) + run(number, i, -width, up);
            int cell = cellOf.applyAsInt(i);
            widths[cell] = Math.max(widths[cell], 1 + Math.min(across, down));
        }
        return widths;
    }

    /** How many pixels on lie in the same composite. */
    private static int run(short[] number, int from, int step, int most) {
        int count = 0;
        while (count < most && number[from + (count + 1) * step] == number[from]) {
            count++;
        }
        return count;
    }

    private static void rows(int height, IntConsumer each) {
        IntStream.range(0, height).parallel().forEach(each);
    }
}
