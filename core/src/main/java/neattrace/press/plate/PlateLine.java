package neattrace.press.plate;

import java.util.Arrays;

/** One line across all objects: which composite lies between which places. For one thread. */
final class PlateLine {

    /** Takes what lies on a line. */
    interface Span {
        /** A stretch of one composite; {@code from < to}, px. */
        void span(double from, double to, int composite);
    }

    private final EdgeTable edges;
    private final Composites composites;
    private final int width;
    private final Crossings crossings = new Crossings();

    private final int[] winding;
    private int[] inside = new int[16];
    private int depth;

    PlateLine(EdgeTable edges, Composites composites, int objects, int width) {
        this.edges = edges;
        this.composites = composites;
        this.width = width;
        this.winding = new int[objects];
    }

    /** Tells all stretches that are not bare, from left to right. */
    void run(int band, double y, Span each) {
        edges.cross(band, y, crossings);
        depth = 0;
        double from = 0;
        int now = 0;
        for (int i = 0; i < crossings.size(); i++) {
            double x = Math.max(0, Math.min(width, crossings.x(i)));
            if (x > from) {
                if (now != 0) {
                    each.span(from, x, now);
                }
                from = x;
            }
            if (turn(crossings.object(i), crossings.turn(i))) {
                now = composite();
            }
        }
        if (now != 0 && from < width) {
            each.span(from, width, now);
        }
        for (int k = 0; k < depth; k++) {
            winding[inside[k]] = 0;
        }
    }

    /** Crosses an edge of an object. True if one goes in or out by it. */
    private boolean turn(int object, int way) {
        boolean was = winding[object] != 0;
        winding[object] = edges.isEvenOdd(object) ? winding[object] ^ 1 : winding[object] + way;
        boolean is = winding[object] != 0;
        if (was == is) {
            return false;
        }
        if (is) {
            enter(object);
        } else {
            leave(object);
        }
        return true;
    }

    private void enter(int object) {
        if (depth == inside.length) {
            inside = Arrays.copyOf(inside, 2 * depth);
        }
        int k = depth++;
        while (k > 0 && inside[k - 1] > object) {
            inside[k] = inside[k - 1];
            k--;
        }
        inside[k] = object;
    }

    private void leave(int object) {
        int k = 0;
        while (inside[k] != object) {
            k++;
        }
        System.arraycopy(inside, k + 1, inside, k, --depth - k);
    }

    private int composite() {
        int base = depth;
        while (base > 0 && !composites.knocksOut(inside[base - 1])) {
            base--;
        }
        int composite = 0;
        for (int k = Math.max(0, base - 1); k < depth; k++) {
            composite = composites.over(inside[k], composite);
        }
        return composite;
    }
}
