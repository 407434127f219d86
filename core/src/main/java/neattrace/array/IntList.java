package neattrace.array;

import java.util.Arrays;

/** A growing array of ints. Not thread-safe. */
public final class IntList {

    private int[] values = new int[16];
    private int size;

    /** Puts a value at the end. */
    public void add(int value) {
        if (size == values.length) {
            values = Arrays.copyOf(values, size * 2);
        }
        values[size++] = value;
    }

    /** Puts all values of another list at the end. */
    public void addAll(IntList other) {
        if (size + other.size > values.length) {
            values = Arrays.copyOf(values, Math.max(size + other.size, size * 2));
        }
        System.arraycopy(other.values, 0, values, size, other.size);
        size += other.size;
    }

    /** The value at an index from 0 to less than {@link #size}. */
    public int get(int index) {
        return values[index];
    }

    /** Takes the last value off; there must be one. */
    public int removeLast() {
        return values[--size];
    }

    /** Number of values. */
    public int size() {
        return size;
    }

    /** Copies all values into an array from an index on. */
    public void copyTo(int[] target, int at) {
        System.arraycopy(values, 0, target, at, size);
    }

    /** All values. A new array. */
    public int[] toArray() {
        return Arrays.copyOf(values, size);
    }
}
