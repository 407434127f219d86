package neattrace.region.outline;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import neattrace.region.tree.AreaTree;
import org.locationtech.jts.geom.Coordinate;

/** Follows the cracks between pixels of different cells. */
final class CrackRings {

    /** A closed ring, its first coordinate repeated at the end. */
    record Ring(Coordinate[] coordinates, boolean hole) {}

    private static final int OUTSIDE = -2;

    /** East, south, west, north: the side of the pixel on which the crack lies. */
    private static final int[] DX = {1, 0, -1, 0};

    private static final int[] DY = {0, 1, 0, -1};
    private static final int WEST = 2;

    private final int width;
    private final int height;
    private final int[] labels;
    private final BitSet westSeen;

    private CrackRings(AreaTree tree) {
        this.width = tree.width();
        this.height = tree.height();
        this.labels = tree.labels();
        this.westSeen = new BitSet(width * height);
    }

    /** All rings of every cell, at the index of its label. */
    static List<List<Ring>> of(AreaTree tree) {
        CrackRings rings = new CrackRings(tree);
        List<List<Ring>> result = new ArrayList<>();
        tree.cells().forEach(cell -> result.add(new ArrayList<>()));
        for (int y = 0; y < rings.height; y++) {
            for (int x = 0; x < rings.width; x++) {
                int label = rings.label(x, y);
                boolean westEdge = rings.label(x - 1, y) != label;
                if (label >= 0 && westEdge && !rings.westSeen.get(y * rings.width + x)) {
                    result.get(label).add(rings.follow(x, y, label));
                }
            }
        }
        return result;
    }

    private int label(int x, int y) {
        boolean inside = x >= 0 && y >= 0 && x < width && y < height;
        return inside ? labels[y * width + x] : OUTSIDE;
    }

    /** Walks with the area to the right, cutting the corners between cracks. */
    private Ring follow(int startX, int startY, int label) {
        List<Coordinate> ring = new ArrayList<>();
        int x = startX;
        int y = startY;
        int side = WEST;
        long area = 0;
        do {
            ring.add(new Coordinate(x + 0.5 + DX[side] * 0.5, y + 0.5 + DY[side] * 0.5));
            if (side == WEST) {
                westSeen.set(y * width + x);
                area -= x;
            } else if (side == 0) {
                area += x + 1;
            }
            int ahead = (side + 1) % 4;
            int nodeX = x + (DX[side] + DX[ahead] + 1) / 2;
            int nodeY = y + (DY[side] + DY[ahead] + 1) / 2;
            if (isNode(nodeX, nodeY)) {
                ring.add(new Coordinate(nodeX, nodeY));
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
    private static Coordinate[] cornersOf(List<Coordinate> ring) {
        int n = ring.size();
        List<Coordinate> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Coordinate at = ring.get(i);
            Coordinate before = ring.get((i + n - 1) % n);
            Coordinate after = ring.get((i + 1) % n);
            double cross =
                    (at.x - before.x) * (after.y - at.y) - (at.y - before.y) * (after.x - at.x);
            if (cross != 0 || isJoint(at)) {
                corners.add(at);
            }
        }
        corners.add(corners.get(0).copy());
        return corners.toArray(Coordinate[]::new);
    }

    /** Only joints lie on the corner of a pixel; all else lies in the middle of a crack. */
    private static boolean isJoint(Coordinate at) {
        return at.x == Math.rint(at.x) && at.y == Math.rint(at.y);
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
