package neattrace.trace.centre;

import java.util.Arrays;

/** A stretch of skeleton between two nodes, as pixel indices, both ends' own pixels included. */
final class Branch {

    /** Nodes at its ends; both -1 for a ring that meets nothing. */
    final int from;

    final int to;

    final int[] pixels;

    /** Positions within {@link #pixels} where a pruned stub left, so that a corner may be there. */
    final int[] bends;

    Branch(int from, int to, int[] pixels, int[] bends) {
        this.from = from;
        this.to = to;
        this.pixels = pixels;
        this.bends = bends;
    }

    boolean isRing() {
        return from < 0;
    }

    int other(int node) {
        return node == from ? to : from;
    }

    /** The same read from the other end. */
    Branch reversed() {
        int n = pixels.length;
        int[] back = new int[n];
        for (int i = 0; i < n; i++) {
            back[i] = pixels[n - 1 - i];
        }
        int[] backBends = new int[bends.length];
        for (int i = 0; i < bends.length; i++) {
            backBends[i] = n - 1 - bends[bends.length - 1 - i];
        }
        return new Branch(to, from, back, backBends);
    }

    /** This one and, from its end on, another that starts where this ends. */
    Branch joined(Branch next, boolean bend) {
        int[] all = Arrays.copyOf(pixels, pixels.length + next.pixels.length);
        System.arraycopy(next.pixels, 0, all, pixels.length, next.pixels.length);
        int seam = bend ? 1 : 0;
        int[] allBends = Arrays.copyOf(bends, bends.length + next.bends.length + seam);
        if (bend) {
            allBends[bends.length] = pixels.length;
        }
        for (int i = 0; i < next.bends.length; i++) {
            allBends[bends.length + seam + i] = next.bends[i] + pixels.length;
        }
        return new Branch(from, next.to, all, allBends);
    }
}
