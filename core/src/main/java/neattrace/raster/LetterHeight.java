package neattrace.raster;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The height of small letters, by the profile of rows: a row of text crosses most strokes between
 * its base line and the height of an x, and few above and below (horizontal projection profile, as
 * in L. O'Gorman and R. Kasturi, <i>Document Image Analysis</i>, IEEE Computer Society 1995, ch. 4;
 * from memory). Linear in pixels.
 */
public final class LetterHeight {

    /** Rows within the height of an x cross at least this share of the most strokes. */
    private static final double SHARE = 0.5;

    /** A band of fewer rows than this share of the largest is a dot or a line beneath. */
    private static final double LEAST_BAND = 0.35;

    private LetterHeight() {}

    /**
     * The height of an x in the smallest line of text within a box.
     *
     * @param x0 left edge, px
     * @param y0 upper edge, px
     * @param x1 right edge, px, beyond the last column
     * @param y1 lower edge, px, beyond the last row
     * @return px; empty if there is no ink
     */
    public static OptionalDouble of(InkMap ink, int x0, int y0, int x1, int y1) {
        int left = Math.max(0, x0);
        int right = Math.min(ink.width(), x1);
        int top = Math.max(0, y0);
        int bottom = Math.min(ink.height(), y1);
        if (left >= right || top >= bottom) {
            return OptionalDouble.empty();
        }
        int[] strokes = new int[bottom - top];
        for (int y = top; y < bottom; y++) {
            strokes[y - top] = strokes(ink, y, left, right);
        }
        List<int[]> bands = bands(strokes);
        int largest = bands.stream().mapToInt(band -> band[1] - band[0]).max().orElse(0);
        return bands.stream()
                .filter(band -> band[1] - band[0] >= LEAST_BAND * largest)
                .mapToDouble(band -> height(strokes, band[0], band[1]))
                .min();
    }

    /** How many strokes a row crosses. */
    private static int strokes(InkMap ink, int y, int left, int right) {
        int count = 0;
        boolean before = false;
        for (int x = left; x < right; x++) {
            boolean now = ink.isInk(x, y);
            count += now && !before ? 1 : 0;
            before = now;
        }
        return count;
    }

    /** Runs of rows with ink. */
    private static List<int[]> bands(int[] strokes) {
        List<int[]> bands = new ArrayList<>();
        int from = -1;
        for (int y = 0; y <= strokes.length; y++) {
            boolean is = y < strokes.length && strokes[y] > 0;
            if (is && from < 0) {
                from = y;
            } else if (!is && from >= 0) {
                bands.add(new int[] {from, y});
                from = -1;
            }
        }
        return bands;
    }

    private static double height(int[] strokes, int from, int to) {
        int most = 0;
        for (int y = from; y < to; y++) {
            most = Math.max(most, strokes[y]);
        }
        int first = -1;
        int last = -1;
        for (int y = from; y < to; y++) {
            if (strokes[y] >= SHARE * most) {
                first = first < 0 ? y : first;
                last = y;
            }
        }
        return last - first + 1.0;
    }
}
