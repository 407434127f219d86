package neattrace.region.area;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.region.CloseSettings;
import neattrace.region.Join;

/** Draws unseen lines into a map, one pixel wide, so that no paper passes them. */
final class Barrier {

    private static final int LEAST_PIXELS = 9;
    private static final int[][] SIDES = {{1, 0}, {0, 1}, {-1, 0}, {0, -1}};

    /** Lines are followed so far beside the sheet, px. */
    private static final double BESIDE_PX = 64;

    private Barrier() {}

    /**
     * The map with unseen lines, and all that lies beyond the frame, as ink; the same map if there
     * are none.
     */
    static InkMap draw(InkMap map, CloseSettings settings, double pxPerMm) {
        int frame = (int) Math.round(settings.frameMm() * pxPerMm);
        if (settings.joins().isEmpty() && settings.cuts().isEmpty() && frame <= 0) {
            return map;
        }
        byte[] coverage = map.coverage().clone();
        InkMap barred = new InkMap(map.width(), map.height(), coverage);
        fillBeyond(barred, frame);
        BitSet drawn = new BitSet();
        draw(barred, drawn, settings.joins(), pxPerMm);
        draw(barred, drawn, settings.cuts(), pxPerMm);
        fillPockets(barred, drawn);
        return barred;
    }

    private static void draw(InkMap map, BitSet drawn, List<Join> joins, double pxPerMm) {
        for (Join join : joins) {
            for (int i = 1; i < join.line().size(); i++) {
                Point from = join.line().get(i - 1).times(pxPerMm);
                lineOnSheet(map, drawn, from, join.line().get(i).times(pxPerMm));
            }
        }
    }

    private static void fillBeyond(InkMap map, int frame) {
        int width = map.width();
        for (int y = 0; frame > 0 && y < map.height(); y++) {
            int row = y * width;
            boolean beyond = y < frame || y >= map.height() - frame;
            int inset = beyond ? width : Math.min(frame, width);
            Arrays.fill(map.coverage(), row, row + inset, (byte) 255);
            Arrays.fill(map.coverage(), row + width - inset, row + width, (byte) 255);
        }
    }

    /** Where a join meets ink at a slant it cuts off pockets of a pixel or two; no areas, those. */
    private static void fillPockets(InkMap map, BitSet drawn) {
        int width = map.width();
        RunLabels paper = RunLabels.of(map, false, false);
        BitSet pockets = new BitSet();
        for (int i = drawn.nextSetBit(0); i >= 0; i = drawn.nextSetBit(i + 1)) {
            for (int[] side : SIDES) {
                int component = paper.at(i % width + side[0], i / width + side[1]);
                if (component >= 0 && paper.size(component) < LEAST_PIXELS) {
                    pockets.set(component);
                }
            }
        }
        if (pockets.isEmpty()) {
            return;
        }
        paper.forEachRun(
                (y, from, to, component) -> {
                    if (pockets.get(component)) {
                        Arrays.fill(map.coverage(), y * width + from, y * width + to, (byte) 255);
                    }
                });
    }

    /**
     * The part of a line that lies on the sheet or near it (Y.-D. Liang and B. Barsky, "A New
     * Concept and Method for Line Clipping", ACM TOG 3(1), 1984): an end may be as far off as it
     * likes.
     */
    private static void lineOnSheet(InkMap map, BitSet drawn, Point from, Point to) {
        double[] share = {0, 1};
        boolean seen =
                clip(from.x(), to.x() - from.x(), map.width(), share)
                        && clip(from.y(), to.y() - from.y(), map.height(), share);
        if (seen) {
            Point way = to.minus(from);
            Point start = share[0] == 0 ? from : from.plus(way.times(share[0]));
            Point end = share[1] == 1 ? to : from.plus(way.times(share[1]));
            line(map, drawn, start, end);
        }
    }

    private static boolean clip(double from, double way, double side, double[] share) {
        double low = -BESIDE_PX - from;
        double high = side + BESIDE_PX - from;
        if (way == 0) {
            return low <= 0 && high >= 0;
        }
        share[0] = Math.max(share[0], Math.min(low / way, high / way));
        share[1] = Math.min(share[1], Math.max(low / way, high / way));
        return share[0] <= share[1];
    }

    /** Every pixel the line goes through, from edge to edge, so that it has no diagonal steps. */
    private static void line(InkMap map, BitSet drawn, Point from, Point to) {
        int x = (int) Math.floor(from.x());
        int y = (int) Math.floor(from.y());
        int endX = (int) Math.floor(to.x());
        int endY = (int) Math.floor(to.y());
        int stepX = endX > x ? 1 : -1;
        int stepY = endY > y ? 1 : -1;
        int dx = Math.abs(endX - x);
        int dy = Math.abs(endY - y);
        int goneX = 0;
        int goneY = 0;
        set(map, drawn, x, y);
        while (goneX < dx || goneY < dy) {
            // Next the edge that is reached first, in parts of the whole way.
            if (dy == 0 || goneX < dx && (goneX + 0.5) * dy < (goneY + 0.5) * dx) {
                x += stepX;
                goneX++;
            } else {
                y += stepY;
                goneY++;
            }
            set(map, drawn, x, y);
        }
    }

    private static void set(InkMap map, BitSet drawn, int x, int y) {
        if (x >= 0 && y >= 0 && x < map.width() && y < map.height()) {
            map.coverage()[y * map.width() + x] = (byte) 255;
            drawn.set(y * map.width() + x);
        }
    }
}
