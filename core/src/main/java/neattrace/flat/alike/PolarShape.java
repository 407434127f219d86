package neattrace.flat.alike;

import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * Where a shape lies round its centre, in rings and sectors, its size taken out: turning it shifts
 * the sectors.
 */
final class PolarShape {

    private static final int SECTORS = 24;
    private static final int RINGS = 16;

    /** How far out the rings go, in radii of the disc as large as the shape. */
    private static final double REACH = 2.6;

    private static final int MANY_POINTS = 400;

    /** For each set of rings its area; rings farther out are larger. */
    private static final int[] AREA = new int[1 << RINGS];

    static {
        for (int rings = 1; rings < AREA.length; rings++) {
            int outermost = 31 - Integer.numberOfLeadingZeros(rings);
            AREA[rings] = AREA[rings ^ 1 << outermost] + 2 * outermost + 1;
        }
    }

    /** For each sector a bit for every ring in which the shape lies. */
    private final int[] sectors = new int[SECTORS];

    PolarShape(MultiPolygon outline, double cx, double cy) {
        // An index pays only for long outlines; most areas have a few dozen points.
        PointOnGeometryLocator locator =
                outline.getNumPoints() > MANY_POINTS
                        ? new IndexedPointInAreaLocator(outline)
                        : new SimplePointInAreaLocator(outline);
        double step = REACH * Math.sqrt(outline.getArea() / Math.PI) / RINGS;
        for (int sector = 0; sector < SECTORS; sector++) {
            double angle = 2 * Math.PI * (sector + 0.5) / SECTORS;
            for (int ring = 0; ring < RINGS; ring++) {
                double radius = (ring + 0.5) * step;
                Coordinate at =
                        new Coordinate(
                                cx + radius * Math.cos(angle), cy + radius * Math.sin(angle));
                if (locator.locate(at) != Location.EXTERIOR) {
                    sectors[sector] |= 1 << ring;
                }
            }
        }
    }

    /** How much of both shapes together both cover, turned and mirrored as fits best, 0 to 1. */
    double overlap(PolarShape other) {
        double best = 0;
        for (int turn = 0; turn < SECTORS; turn++) {
            best = Math.max(best, Math.max(overlap(other, turn, 1), overlap(other, turn, -1)));
        }
        return best;
    }

    private double overlap(PolarShape other, int turn, int way) {
        long both = 0;
        long any = 0;
        for (int sector = 0; sector < SECTORS; sector++) {
            int own = sectors[sector];
            int its = other.sectors[Math.floorMod(turn + way * sector, SECTORS)];
            both += AREA[own & its];
            any += AREA[own | its];
        }
        return any == 0 ? 1 : (double) both / any;
    }
}
