package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;

/** A shape as rows of cells whose middles lie in it, about the cell of its reference point. */
final class Mask {

    /** The first row. */
    final int top;

    /** For each run of cells: its row, its first cell, its last one. */
    final int[] row;

    final int[] from;
    final int[] to;

    private Mask(int top, int[] row, int[] from, int[] to) {
        this.top = top;
        this.row = row;
        this.from = from;
        this.to = to;
    }

    static Mask of(Geometry shape, double cellMm) {
        List<double[]> edges = new ArrayList<>();
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Object one : PolygonExtracter.getPolygons(shape)) {
            Polygon polygon = (Polygon) one;
            add(polygon.getExteriorRing().getCoordinates(), edges);
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                add(polygon.getInteriorRingN(i).getCoordinates(), edges);
            }
            low = Math.min(low, polygon.getEnvelopeInternal().getMinY());
            high = Math.max(high, polygon.getEnvelopeInternal().getMaxY());
        }
        List<int[]> runs = new ArrayList<>();
        int top = (int) Math.ceil(low / cellMm);
        int bottom = (int) Math.floor(high / cellMm);
        for (int y = top; y <= bottom; y++) {
            row(edges, y, cellMm, runs);
        }
        return new Mask(
                top,
                runs.stream().mapToInt(run -> run[0]).toArray(),
                runs.stream().mapToInt(run -> run[1]).toArray(),
                runs.stream().mapToInt(run -> run[2]).toArray());
    }

    private static void add(Coordinate[] ring, List<double[]> edges) {
        for (int i = 0; i + 1 < ring.length; i++) {
            if (ring[i].y != ring[i + 1].y) {
                edges.add(new double[] {ring[i].x, ring[i].y, ring[i + 1].x, ring[i + 1].y});
            }
        }
    }

    private static void row(List<double[]> edges, int y, double cellMm, List<int[]> runs) {
        double at = y * cellMm;
        double[] crossings =
                edges.stream()
                        .filter(edge -> edge[1] <= at != edge[3] <= at)
                        .mapToDouble(
                                edge ->
                                        edge[0]
                                                + (at - edge[1])
                                                        / (edge[3] - edge[1])
                                                        * (edge[2] - edge[0]))
                        .sorted()
                        .toArray();
        for (int i = 0; i + 1 < crossings.length; i += 2) {
            int first = (int) Math.ceil(crossings[i] / cellMm);
            int last = (int) Math.floor(crossings[i + 1] / cellMm);
            if (first <= last) {
                runs.add(new int[] {y, first, last});
            }
        }
    }

    /** Number of cells. */
    int cells() {
        int cells = 0;
        for (int i = 0; i < row.length; i++) {
            cells += to[i] - from[i] + 1;
        }
        return cells;
    }

    /** Number of runs. */
    int size() {
        return row.length;
    }
}
