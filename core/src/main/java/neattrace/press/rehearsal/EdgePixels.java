package neattrace.press.rehearsal;

import java.util.function.IntConsumer;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import neattrace.press.plate.PlateMap;

/**
 * The pixels of a page at which anything can go wrong: those near an edge.
 *
 * @param at their places, row by row
 * @param thin which of them belong to something narrower than plates may lie off
 */
record EdgePixels(int[] at, boolean[] thin) {

    /**
     * The pixels near edges.
     *
     * @param reach how near, px
     */
    static EdgePixels of(PlateMap map, int reach) {
        int width = map.width();
        int height = map.height();
        byte[] edge = new byte[width * height];
        short[] number = map.numbers();
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
        byte[] near = grown(edge, width, height, reach);
        // What stays clear of edges by half of what is thin is not thin, nor is what is near it.
        byte[] clear = grown(edge, width, height, reach / 2);
        for (int i = 0; i < clear.length; i++) {
            clear[i] = (byte) (1 - clear[i]);
        }
        byte[] thick = grown(clear, width, height, reach / 2 + 1);
        int count = 0;
        for (byte one : near) {
            count += one;
        }
        int[] at = new int[count];
        boolean[] thin = new boolean[count];
        for (int i = 0, k = 0; i < near.length; i++) {
            if (near[i] == 1) {
                thin[k] = thick[i] == 0;
                at[k++] = i;
            }
        }
        return new EdgePixels(at, thin);
    }

    /** Squares round all that is marked: first along rows, then along columns. */
    private static byte[] grown(byte[] mask, int width, int height, int reach) {
        byte[] along = new byte[mask.length];
        rows(
                height,
                y -> {
                    int until = -1;
                    int row = y * width;
                    for (int x = 0; x < width; x++) {
                        until = mask[row + x] == 1 ? x + reach : until;
                        along[row + x] = (byte) (x <= until ? 1 : 0);
                    }
                    int from = width;
                    for (int x = width - 1; x >= 0; x--) {
                        from = mask[row + x] == 1 ? x - reach : from;
                        along[row + x] |= (byte) (x >= from ? 1 : 0);
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
     * How wide the widest of what is thin and light is in each square, px; 0 where nothing is.
     *
     * @param light by composite
     * @param cellOf the square of a pixel
     */
    int[] lightWidths(PlateMap map, boolean[] light, IntUnaryOperator cellOf, int cells) {
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
