package neattrace.region.outline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicLongArray;
import java.util.stream.IntStream;
import neattrace.array.IntList;
import neattrace.region.tree.AreaTree;
import org.locationtech.jts.geom.Coordinate;

/** Follows the cracks between pixels of different cells. */
final class CrackRings {

    /** A closed ring, its first coordinate repeated at the end. */
    record Ring(Coordinate[] coordinates, boolean hole) {}

    /** Points, as x and y by turns. */
    private static final class Points {

        private double[] xy = new double[512];
        private int size;

        private void add(double x, double y) {
            if (2 * size == xy.length) {
                xy = Arrays.copyOf(xy, 2 * xy.length);
            }
            xy[2 * size] = x;
            xy[2 * size++ + 1] = y;
        }
    }

    private static final int OUTSIDE = -2;

    /** Rows looked through together. */
    private static final int BAND = 64;

    /** East, south, west, north: the side of the pixel on which the crack lies. */
    private static final int[] DX = {1, 0, -1, 0};

    private static final int[] DY = {0, 1, 0, -1};
    private static final int WEST = 2;

    private final int width;
    private final int height;
    private final int[] labels;

    /** Cracks to the west of pixels that a ring has come along, as bits. */
    private final AtomicLongArray westSeen;

    private CrackRings(AreaTree tree) {
        this.width = tree.width();
        this.height = tree.height();
        this.labels = tree.labels();
        this.westSeen = new AtomicLongArray((int) (((long) width * height + 63) / 64));
    }

    /** All rings of every cell, at the index of its label. Cells are followed side by side. */
    static List<List<Ring>> of(AreaTree tree) {
        CrackRings rings = new CrackRings(tree);
        int count = tree.cells().size();
        IntList[] found = new IntList[(rings.height + BAND - 1) / BAND];
        IntStream.range(0, found.length)
                .parallel()
                .forEach(band -> found[band] = rings.westEdges(band));
        int[] end = new int[count + 1];
        for (IntList some : found) {
            for (int k = 0; k < some.size(); k++) {
                end[rings.labels[some.get(k)] + 1]++;
            }
        }
        for (int label = 0; label < count; label++) {
            end[label + 1] += end[label];
        }
        int[] edges = new int[end[count]];
        int[] next = end.clone();
        for (IntList some : found) {
            for (int k = 0; k < some.size(); k++) {
                edges[next[rings.labels[some.get(k)]]++] = some.get(k);
            }
        }
        return IntStream.range(0, count)
                .parallel()
                .mapToObj(label -> rings.along(edges, end[label], end[label + 1]))
                .toList();
    }

    /** The pixels of a band of rows to whose west another cell, or none, lies. */
    private IntList westEdges(int band) {
        IntList found = new IntList();
        for (int y = band * BAND; y < Math.min(height, (band + 1) * BAND); y++) {
            int before = OUTSIDE;
            for (int i = y * width; i < (y + 1) * width; i++) {
                int label = labels[i];
                if (label != before && label >= 0) {
                    found.add(i);
                }
                before = label;
            }
        }
        return found;
    }

    /** The rings of one cell, whose west edges are those of a stretch. */
    private List<Ring> along(int[] edges, int from, int to) {
        List<Ring> rings = new ArrayList<>();
        for (int k = from; k < to; k++) {
            int i = edges[k];
            if ((westSeen.get(i >> 6) & 1L << i) == 0) {
                rings.add(follow(i % width, i / width, labels[i]));
            }
        }
        return rings;
    }

    private void see(int i) {
        // Bits of other cells may lie in the same word.
        westSeen.getAndUpdate(i >> 6, word -> word | 1L << i);
    }

    private int label(int x, int y) {
        boolean inside = x >= 0 && y >= 0 && x < width && y < height;
        return inside ? labels[y * width + x] : OUTSIDE;
    }

    /** Walks with the area to the right, cutting the corners between cracks. */
    private Ring follow(int startX, int startY, int label) {
        Points ring = new Points();
        int x = startX;
        int y = startY;
        int side = WEST;
        long area = 0;
        do {
            ring.add(x + 0.5 + DX[side] * 0.5, y + 0.5 + DY[side] * 0.5);
            if (side == WEST) {
                see(y * width + x);
                area -= x;
            } else if (side == 0) {
                area += x + 1;
            }
            int ahead = (side + 1) % 4;
            int nodeX = x + (DX[side] + DX[ahead] + 1) / 2;
            int nodeY = y + (DY[side] + DY[ahead] + 1) / 2;
            if (isNode(nodeX, nodeY)) {
                ring.add(nodeX, nodeY);
            }
            int besideLabel = label(x + DX[side], y + DY[side]);
            int aheadX = x + DX[ahead];
            int aheadY = y + DY[ahead];
            int aheadLabel = label(aheadX, aheadY);
            boolean diagonal = label(aheadX + DX[side], aheadY + DY[side]) == label;
            if (diagonal && (aheadLabel == label || joins(label, besideLabel, aheadLabel))) {
                x = aheadX + DX[side];
                y = aheadY + DY[side];
                side = (side + 3) % 4;
            } else if (aheadLabel == label) {
                x = aheadX;
                y = aheadY;
            } else {
                side = ahead;
            }
        } while (x != startX || y != startY || side != WEST);
        return new Ring(cornersOf(ring), area < 0);
    }

    /**
     * The ring without what lies on the straight line between its neighbours. Both rings at an edge
     * have the same neighbours there, so both drop the same; joints of areas stay, since they may
     * be corners of another ring. What is dropped would be the first to go when rings are
     * simplified, but makes most of the work there.
     */
    private static Coordinate[] cornersOf(Points ring) {
        int n = ring.size;
        double[] xy = ring.xy;
        List<Coordinate> corners = new ArrayList<>();
        double beforeX = xy[2 * n - 2];
        double beforeY = xy[2 * n - 1];
        for (int i = 0; i < n; i++) {
            double x = xy[2 * i];
            double y = xy[2 * i + 1];
            int after = i + 1 == n ? 0 : i + 1;
            double cross =
                    (x - beforeX) * (xy[2 * after + 1] - y) - (y - beforeY) * (xy[2 * after] - x);
            if (cross != 0 || isJoint(x, y)) {
                corners.add(new Coordinate(x, y));
            }
            beforeX = x;
            beforeY = y;
        }
        corners.add(corners.get(0).copy());
        return corners.toArray(Coordinate[]::new);
    }

    /** Only joints lie on the corner of a pixel; all else lies in the middle of a crack. */
    private static boolean isJoint(double x, double y) {
        return x == Math.rint(x) && y == Math.rint(y);
    }

    /**
     * Whether two pixels of one area that touch only at a corner are joined there. Where the other
     * two pixels are of one area as well, only one pair can be: that of the lower label. No ring
     * then ever touches itself.
     */
    private static boolean joins(int label, int beside, int ahead) {
        return beside != ahead || label < beside;
    }

    /** Whether three or more areas meet at a pixel corner, or the page has its corner there. */
    private boolean isNode(int x, int y) {
        int a = label(x - 1, y - 1);
        int b = label(x, y - 1);
        int c = label(x, y);
        int d = label(x - 1, y);
        int cracks = (a != b ? 1 : 0) + (b != c ? 1 : 0) + (c != d ? 1 : 0) + (d != a ? 1 : 0);
        boolean pageCorner = (x == 0 || x == width) && (y == 0 || y == height);
        return pageCorner || cracks > 2 && a != c && b != d;
    }
}
