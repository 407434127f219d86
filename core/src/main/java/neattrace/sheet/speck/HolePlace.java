package neattrace.sheet.speck;

import neattrace.raster.RunLabels;

/**
 * Where a small hole lies. Paper that lines enclose has ink about as wide as a line round it, and
 * other paper behind; a pinhole lies within a line, closer to its edges than a line is wide, or
 * deep in solid ink.
 */
final class HolePlace implements Surroundings {

    /** Less ink than this share of a line is no line. */
    private static final double WITHIN = 0.55;

    /** A hole wider than this share of a line would have broken the line it lies in. */
    private static final double WIDEST_WITHIN = 0.7;

    /** More ink than so many lines is solid. */
    private static final double SOLID = 2.2;

    private static final double FOR_WITHIN = -2;
    private static final double FOR_BETWEEN = 2;
    private static final double FOR_SOLID = -1;

    private final RunLabels paper;
    private final int width;
    private final int height;
    private final double pen;

    HolePlace(RunLabels paper, int width, int height, double penPx) {
        this.paper = paper;
        this.width = width;
        this.height = height;
        this.pen = penPx;
    }

    @Override
    public double score(SmallPieces holes, int k) {
        double between = between(k, holes);
        if (between < WITHIN * pen && holes.diameterPx(k) < WIDEST_WITHIN * pen) {
            return FOR_WITHIN;
        }
        return between < SOLID * pen ? FOR_BETWEEN : FOR_SOLID;
    }

    /** How much ink there is at least from a hole to the next paper, px. */
    private double between(int k, SmallPieces holes) {
        int own = holes.part[k];
        int most = (int) Math.ceil(SOLID * pen + holes.lengthPx(k) / 2) + 1;
        double radius = holes.diameterPx(k) / 2;
        double nearest = Double.MAX_VALUE;
        for (int reach = 1; reach <= most && reach - 1 < nearest; reach++) {
            for (int side = -reach; side <= reach; side++) {
                nearest = Math.min(nearest, other(holes, k, own, side, -reach));
                nearest = Math.min(nearest, other(holes, k, own, side, reach));
                nearest = Math.min(nearest, other(holes, k, own, -reach, side));
                nearest = Math.min(nearest, other(holes, k, own, reach, side));
            }
        }
        return nearest - radius - 0.5;
    }

    private double other(SmallPieces holes, int k, int own, int dx, int dy) {
        int x = (int) holes.x[k] + dx;
        int y = (int) holes.y[k] + dy;
        boolean outside = x < 0 || y < 0 || x >= width || y >= height;
        int part = outside ? Integer.MAX_VALUE : paper.at(x, y);
        return part < 0 || part == own ? Double.MAX_VALUE : Math.hypot(dx, dy);
    }
}
