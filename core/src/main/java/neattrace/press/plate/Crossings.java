package neattrace.press.plate;

import java.util.Arrays;

/** What crosses one line, from left to right. */
final class Crossings {

    private static final int RUN = 24;

    private double[] x = new double[256];
    private int[] object = new int[256];
    private byte[] turn = new byte[256];
    private int size;

    void clear() {
        size = 0;
    }

    void add(double at, int index, int way) {
        if (size == x.length) {
            x = Arrays.copyOf(x, 2 * size);
            object = Arrays.copyOf(object, 2 * size);
            turn = Arrays.copyOf(turn, 2 * size);
        }
        x[size] = at;
        object[size] = index;
        turn[size++] = (byte) way;
    }

    int size() {
        return size;
    }

    double x(int i) {
        return x[i];
    }

    int object(int i) {
        return object[i];
    }

    int turn(int i) {
        return turn[i];
    }

    /** By place; quicksort with short runs put in order one by one, for edges come nearly so. */
    void sort() {
        sort(0, size - 1);
        for (int i = 1; i < size; i++) {
            double at = x[i];
            int index = object[i];
            byte way = turn[i];
            int k = i - 1;
            while (k >= 0 && x[k] > at) {
                x[k + 1] = x[k];
                object[k + 1] = object[k];
                turn[k + 1] = turn[k];
                k--;
            }
            x[k + 1] = at;
            object[k + 1] = index;
            turn[k + 1] = way;
        }
    }

    private void sort(int from, int to) {
        int low = from;
        int high = to;
        while (high - low > RUN) {
            double pivot = x[(low + high) >>> 1];
            int i = low;
            int k = high;
            while (i <= k) {
                while (x[i] < pivot) {
                    i++;
                }
                while (x[k] > pivot) {
                    k--;
                }
                if (i <= k) {
                    swap(i++, k--);
                }
            }
            if (k - low < high - i) {
                sort(low, k);
                low = i;
            } else {
                sort(i, high);
                high = k;
            }
        }
    }

    private void swap(int a, int b) {
        double at = x[a];
        x[a] = x[b];
        x[b] = at;
        int index = object[a];
        object[a] = object[b];
        object[b] = index;
        byte way = turn[a];
        turn[a] = turn[b];
        turn[b] = way;
    }
}
