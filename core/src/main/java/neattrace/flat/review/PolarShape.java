package neattrace.flat.review;

import java.util.Arrays;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/**
 * Where a shape lies round its centre, in rings and sectors, its size taken out: turning it shifts
 * the sectors.
 */
final class PolarShape {

    private static final int SECTORS = 24;
    private static final int RINGS = 16;

    /** How far out the rings go, in radii of the disc as large as the shape. */
    private static final double REACH = 2.6;

    /** The ray through the middle of each sector. */
    private static final double[] RAY_X = new double[SECTORS];

    private static final double[] RAY_Y = new double[SECTORS];

    /** For each set of rings its area; rings farther out are larger. */
    private static final int[] AREA = new int[1 << RINGS];

    static {
        for (int sector = 0; sector < SECTORS; sector++) {
            double angle = 2 * Math.PI * (sector + 0.5) / SECTORS;
            RAY_X[sector] = Math.cos(angle);
            RAY_Y[sector] = Math.sin(angle);
        }
        for (int rings = 1; rings < AREA.length; rings++) {
            int outermost = 31 - Integer.numberOfLeadingZeros(rings);
            AREA[rings] = AREA[rings ^ 1 << outermost] + 2 * outermost + 1;
        }
    }

    /** For each sector a bit for every ring in which the shape lies. */
    private final int[] sectors = new int[SECTORS];

    PolarShape(MultiPolygon outline, double cx, double cy) {
        double step = REACH * Math.sqrt(outline.getArea() / Math.PI) / RINGS;
        for (int i = 0; i < outline.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) outline.getGeometryN(i);
            add(polygon.getExteriorRing(), cx, cy, step);
            for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                add(polygon.getInteriorRingN(hole), cx, cy, step);
            }
        }
    }

    /**
     * Where the ray through the middle of a sector meets an edge, all places on the ray short of
     * there come to lie inside if they were outside, and the other way round.
     */
    private void add(LinearRing ring, double cx, double cy, double step) {
        CoordinateSequence at = ring.getCoordinateSequence();
        for (int i = 0; i + 1 < at.size(); i++) {
            double ax = at.getX(i) - cx;
            double ay = at.getY(i) - cy;
            double bx = at.getX(i + 1) - cx;
            double by = at.getY(i + 1) - cy;
            for (int sector = 0; sector < SECTORS; sector++) {
                double offA = RAY_X[sector] * ay - RAY_Y[sector] * ax;
                double offB = RAY_X[sector] * by - RAY_Y[sector] * bx;
                if (offA < 0 == offB < 0) {
                    continue;
                }
                double share = offA / (offA - offB);
                double x = ax + share * (bx - ax);
                double y = ay + share * (by - ay);
                double rings = (x * RAY_X[sector] + y * RAY_Y[sector]) / step - 0.5;
                int nearer = (int) Math.max(0, Math.min(RINGS, Math.ceil(rings)));
                sectors[sector] ^= (1 << nearer) - 1;
            }
        }
    }

    /** How much of both shapes together both cover, turned and mirrored as fits best, 0 to 1. */
    double overlap(PolarShape other) {
        // Once round and once more, so that no turn runs off the end.
        int[] its = Arrays.copyOf(other.sectors, 2 * SECTORS);
        System.arraycopy(other.sectors, 0, its, SECTORS, SECTORS);
        double best = 0;
        for (int turn = 0; turn < SECTORS; turn++) {
            best = Math.max(best, overlap(its, turn, 1));
            best = Math.max(best, overlap(its, turn + SECTORS, -1));
        }
        return best;
    }

    private double overlap(int[] its, int from, int way) {
        int both = 0;
        int any = 0;
        for (int sector = 0; sector < SECTORS; sector++) {
            int other = its[from + way * sector];
            both += AREA[sectors[sector] & other];
            any += AREA[sectors[sector] | other];
        }
        return any == 0 ? 1 : (double) both / any;
    }
}
