package neattrace.region.area;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.distance.OtherSide;
import neattrace.region.CloseSettings;

/** Decides whether a neck between two basins is a gap, and whether it counts as closed. */
final class GapRule implements NeckRule {

    /**
     * A gap is at most this share as wide as the narrower of the two sides, by how many of its
     * sides are ends of lines that point across it.
     */
    private static final double[] NARROWER = {0.2, 0.5, 0.8};

    private static final double LOOSEST = NARROWER[2];

    /** Openings up to this many times as wide as closed gaps are worth a decision. */
    private static final double WORTH_ASKING = 2;

    /** How far a neck may wander between two runs and still be the one that was decided on, mm. */
    private static final double SAME_PLACE_MM = 1.0;

    private static final double LEAST_WIDEST_MM = 0.5;

    private final double gapPx;
    private final double widestPx;
    private final double mostPx;
    private final double samePx;
    private final List<Point> opened;
    private final List<Point> closed;

    private final InkMap map;
    private final OtherSide side;
    private final LineEnds ends;

    private GapRule(CloseSettings settings, InkMap map, OtherSide side, double pxPerMm) {
        this.map = map;
        this.side = side;
        ends = new LineEnds(map, side);
        gapPx = settings.gapMm() * pxPerMm;
        widestPx = Math.max(LEAST_WIDEST_MM, WORTH_ASKING * settings.gapMm()) * pxPerMm;
        mostPx = CloseSettings.WIDEST_GAP_MM * pxPerMm;
        samePx = SAME_PLACE_MM * pxPerMm;
        opened = settings.opened().stream().map(p -> p.times(pxPerMm)).toList();
        closed = settings.closed().stream().map(p -> p.times(pxPerMm)).toList();
    }

    static GapRule of(CloseSettings settings, InkMap map, OtherSide side, double pxPerMm) {
        return new GapRule(settings, map, side, pxPerMm);
    }

    @Override
    public double alwaysMergedAbove() {
        return (closed.isEmpty() ? widestPx : Math.max(widestPx, mostPx)) / 2;
    }

    /** Where the user closed a gap by hand, it may be as wide as gaps get. */
    @Override
    public Verdict judge(double neck, double peak, int pixel, int a, int b) {
        Point place = place(pixel);
        boolean wanted = near(closed, place);
        boolean narrow = 2 * neck <= widestPx || wanted && 2 * neck <= mostPx;
        if (!narrow || neck > LOOSEST * peak || !wanted && neck > narrower(pixel) * peak) {
            return Verdict.MERGE;
        }
        return isClosed(Basins.width(neck), place) ? Verdict.CLOSED : Verdict.OPEN;
    }

    /** What the user opened joins both sides, whatever is closed elsewhere. */
    @Override
    public Verdict judgeFurther(int pixel) {
        return near(opened, place(pixel)) ? Verdict.OPEN : Verdict.CLOSED;
    }

    private Point place(int pixel) {
        return new Point(pixel % map.width() + 0.5, pixel / map.width() + 0.5);
    }

    private double narrower(int pixel) {
        return NARROWER[ends.count(Opening.at(map, side, pixel))];
    }

    /** A decision of the user goes before the general width. */
    private boolean isClosed(double widthPx, Point place) {
        if (near(opened, place)) {
            return false;
        }
        return near(closed, place) || widthPx <= gapPx;
    }

    /** A line broken twice has two gaps. */
    @Override
    public boolean wantsAll() {
        return true;
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
