package neattrace.press.rehearsal;

import java.util.function.IntConsumer;
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

    private static void rows(int height, IntConsumer each) {
        IntStream.range(0, height).parallel().forEach(each);
    }

    int size() {
        return at.length;
    }
}
