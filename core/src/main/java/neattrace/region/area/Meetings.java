package neattrace.region.area;

import java.util.Arrays;

/**
 * Places where stretches of paper meet, a pixel of one and a neighbour of the other, with all that
 * is needed to take them one after the other without another look at the sheet.
 */
final class Meetings {

    /** Numbers held of each: pixel, squared distance, both stretches. */
    private static final int EACH = 4;

    private int[] values;
    private int size;

    Meetings() {
        this(256);
    }

    private Meetings(int room) {
        values = new int[EACH * room];
    }

    /**
     * Adds a meeting.
     *
     * @param pixel where
     * @param squared its distance from ink, squared, px
     * @param own the pixel's stretch
     * @param other the stretch beside it, which a flood comes to before it comes to the pixel
     */
    void add(int pixel, int squared, int own, int other) {
        if (EACH * size == values.length) {
            values = Arrays.copyOf(values, 2 * values.length);
        }
        put(size++, pixel, squared, own, other);
    }

    private void put(int k, int pixel, int squared, int own, int other) {
        values[EACH * k] = pixel;
        values[EACH * k + 1] = squared;
        values[EACH * k + 2] = own;
        values[EACH * k + 3] = other;
    }

    int size() {
        return size;
    }

    int pixel(int k) {
        return values[EACH * k];
    }

    int squared(int k) {
        return values[EACH * k + 1];
    }

    int own(int k) {
        return values[EACH * k + 2];
    }

    int other(int k) {
        return values[EACH * k + 3];
    }

    /** All of some, by falling distance from ink and otherwise as they come: a counting sort. */
    static Meetings farthestFirst(Meetings[] parts) {
        int farthest = 0;
        int count = 0;
        for (Meetings part : parts) {
            count += part.size;
            for (int k = 0; k < part.size; k++) {
                farthest = Math.max(farthest, part.squared(k));
            }
        }
        int[] start = new int[farthest + 2];
        for (Meetings part : parts) {
            for (int k = 0; k < part.size; k++) {
                start[farthest - part.squared(k) + 1]++;
            }
        }
        for (int level = 1; level < start.length; level++) {
            start[level] += start[level - 1];
        }
        Meetings all = new Meetings(count);
        all.size = count;
        for (Meetings part : parts) {
            for (int k = 0; k < part.size; k++) {
                int at = start[farthest - part.squared(k)]++;
                all.put(at, part.pixel(k), part.squared(k), part.own(k), part.other(k));
            }
        }
        return all;
    }
}
