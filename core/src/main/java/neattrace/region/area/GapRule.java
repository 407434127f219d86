package neattrace.region.area;

import java.util.List;
import neattrace.geom.Point;
import neattrace.region.CloseSettings;

/** Decides whether a neck between two basins is a gap, and whether it counts as closed. */
final class GapRule {

    /** A gap is at most this share as wide as the narrower of the two sides. */
    private static final double NARROWER = 0.5;

    /** How far a neck may wander between two runs and still be the one that was decided on, mm. */
    private static final double SAME_PLACE_MM = 1.0;

    private final double gapPx;
    private final double widestPx;
    private final double samePx;
    private final List<Point> opened;
    private final List<Point> closed;

    private GapRule(CloseSettings settings, double pxPerMm) {
        gapPx = settings.gapMm() * pxPerMm;
        widestPx = CloseSettings.WIDEST_GAP_MM * pxPerMm;
        samePx = SAME_PLACE_MM * pxPerMm;
        opened = settings.opened().stream().map(p -> p.times(pxPerMm)).toList();
        closed = settings.closed().stream().map(p -> p.times(pxPerMm)).toList();
    }

    static GapRule of(CloseSettings settings, double pxPerMm) {
        return new GapRule(settings, pxPerMm);
    }

    /**
     * Whether a neck of this width between sides of these radii is a gap at all.
     *
     * @param neck half the width of the opening, px
     * @param peak radius of the narrower side, px
     */
    boolean isGap(double neck, double peak) {
        return 2 * neck <= widestPx && neck <= NARROWER * peak;
    }

    /** Whether a gap counts as closed; a decision of the user goes before the general width. */
    boolean isClosed(double widthPx, Point place) {
        if (near(opened, place)) {
            return false;
        }
        return near(closed, place) || widthPx <= gapPx;
    }

    private boolean near(List<Point> places, Point place) {
        for (Point other : places) {
            if (other.distance(place) <= samePx) {
                return true;
            }
        }
        return false;
    }
}
