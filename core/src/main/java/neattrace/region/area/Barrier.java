package neattrace.region.area;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.raster.label.RunLabels;
import neattrace.region.Join;

/** Draws joins into a map, one pixel wide, so that no paper passes them. */
final class Barrier {

    private static final int LEAST_PIXELS = 9;
    private static final int[][] SIDES = {{1, 0}, {0, 1}, {-1, 0}, {0, -1}};

    private Barrier() {}

    /** The map with the joins as ink; the same map if there are none. */
    static InkMap draw(InkMap map, List<Join> joins, double pxPerMm) {
        if (joins.isEmpty()) {
            return map;
        }
        byte[] coverage = map.coverage().clone();
        InkMap barred = new InkMap(map.width(), map.height(), coverage);
        BitSet drawn = new BitSet();
        for (Join join : joins) {
            line(barred, drawn, join.from().times(pxPerMm), join.over().times(pxPerMm));
            line(barred, drawn, join.over().times(pxPerMm), join.to().times(pxPerMm));
        }
        fillPockets(barred, drawn);
        return barred;
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
