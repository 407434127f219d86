package neattrace.raster.label;

import java.util.Arrays;

/** A growing array of ints. */
final class IntList {

    private int[] values = new int[1024];
    private int size;

    void add(int value) {
        if (size == values.length) {
            values = Arrays.copyOf(values, size * 2);
        }
        values[size++] = value;
    }

    int size() {
        return size;
    }

    void copyTo(int[] target, int at) {
        System.arraycopy(values, 0, target, at, size);
    }

    int[] toArray() {
        return Arrays.copyOf(values, size);
    }
}
