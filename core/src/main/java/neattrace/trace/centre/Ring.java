package neattrace.trace.centre;

import java.util.BitSet;

/** The eight neighbours of a pixel, as bits from the east clockwise on screen. */
final class Ring {

    private static final int[] DX = {1, 1, 0, -1, -1, -1, 0, 1};
    private static final int[] DY = {0, 1, 1, 1, 0, -1, -1, -1};

    private Ring() {}

    /** The neighbours that are set; none lies outside. */
    static int of(BitSet pixels, int width, int height, int index) {
        int x = index % width;
        int y = index / width;
        int ring = 0;
        for (int k = 0; k < 8; k++) {
            int nx = x + DX[k];
            int ny = y + DY[k];
            boolean inside = nx >= 0 && ny >= 0 && nx < width && ny < height;
            if (inside && pixels.get(ny * width + nx)) {
                ring |= 1 << k;
            }
        }
        return ring;
    }

    /** How many runs of pixels lie in the ring: the ways that lead on along a thin line. */
    static int ways(int ring) {
        int runs = 0;
        for (int k = 0; k < 8; k++) {
            runs += (ring >> k & 1) & ~(ring >> (k + 7) % 8) & 1;
        }
        return runs;
    }

    /** Yokoi's connectivity number of what is 8-connected: 1 if the pixel can go. */
    static int connectivity(int ring) {
        int number = 0;
        for (int k = 0; k < 8; k += 2) {
            int here = 1 - (ring >> k & 1);
            int next = 1 - (ring >> (k + 1) % 8 & 1);
            int over = 1 - (ring >> (k + 2) % 8 & 1);
            number += here - here * next * over;
        }
        return number;
    }
}
