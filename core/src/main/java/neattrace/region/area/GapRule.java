package neattrace.region.area;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;

/** Decides whether a neck between two basins is a gap, whatever width is closed in the end. */
final class GapRule implements NeckRule {

    /**
     * A gap is at most this share as wide as the narrower of the two sides, by how many of its
     * sides are ends of lines that point across it.
     */
    private static final double[] NARROWER = {0.2, 0.5, 0.8};

    private static final double LOOSEST = NARROWER[2];

    private final InkMap map;
    private final DistanceTransform side;
    private final LineEnds ends;
    private final double mostPx;
    private final double pxPerMm;
    private final List<Point> wanted;

    /**
     * The rule for a sheet.
     *
     * @param wanted places in mm at which any narrow place is a gap, because a person said so
     */
    GapRule(InkMap map, DistanceTransform side, List<Point> wanted, double pxPerMm) {
        this.map = map;
        this.side = side;
        this.ends = new LineEnds(map, side);
        this.mostPx = CloseSettings.WIDEST_GAP_MM * pxPerMm;
        this.pxPerMm = pxPerMm;
        this.wanted = List.copyOf(wanted);
    }

    @Override
    public double alwaysMergedAbove() {
        return mostPx / 2;
    }

    @Override
    public boolean parts(double neck, double peak, int pixel, int a, int b) {
        if (2 * neck > mostPx || neck > LOOSEST * peak) {
            return false;
        }
        return neck <= narrower(pixel) * peak || isWanted(pixel);
    }

    private double narrower(int pixel) {
        return NARROWER[ends.count(OpeningSides.at(map, side, pixel))];
    }

    private boolean isWanted(int pixel) {
        if (wanted.isEmpty()) {
            return false;
        }
        Point mm =
                new Point(pixel % map.width() + 0.5, pixel / map.width() + 0.5).times(1 / pxPerMm);
        return CloseSettings.isNear(wanted, mm);
    }
}
