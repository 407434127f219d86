package neattrace.region.area;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.Join;

/** Draws joins into a map, one pixel wide, so that no paper passes them. */
final class Barrier {

    private Barrier() {}

    /** The map with the joins as ink; the same map if there are none. */
    static InkMap draw(InkMap map, List<Join> joins, double pxPerMm) {
        if (joins.isEmpty()) {
            return map;
        }
        byte[] coverage = map.coverage().clone();
        InkMap barred = new InkMap(map.width(), map.height(), coverage);
        for (Join join : joins) {
            line(barred, join.from().times(pxPerMm), join.over().times(pxPerMm));
            line(barred, join.over().times(pxPerMm), join.to().times(pxPerMm));
        }
        return barred;
    }

    /** Every pixel the line goes through, from edge to edge, so that it has no diagonal steps. */
    private static void line(InkMap map, Point from, Point to) {
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
        set(map, x, y);
        while (goneX < dx || goneY < dy) {
            // Next the edge that is reached first, in parts of the whole way.
            if (dy == 0 || goneX < dx && (goneX + 0.5) * dy < (goneY + 0.5) * dx) {
                x += stepX;
                goneX++;
            } else {
                y += stepY;
                goneY++;
            }
            set(map, x, y);
        }
    }

    private static void set(InkMap map, int x, int y) {
        if (x >= 0 && y >= 0 && x < map.width() && y < map.height()) {
            map.coverage()[y * map.width() + x] = (byte) 255;
        }
    }
}
