package neattrace.trace.weight;

import java.util.Arrays;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.trace.contour.Contour;

/** Distances of a band's pixels to the nearest edge of the ink, as far as a given reach. */
final class EdgeDistance {

    private final int width;
    private final int fromRow;
    private final float[] distance;

    /** Tells on which side of an edge a pixel lies; needed if edges move. */
    private InkMap map;

    private EdgeDistance(int width, int fromRow, int rows) {
        this.width = width;
        this.fromRow = fromRow;
        this.distance = new float[width * rows];
        Arrays.fill(distance, Float.MAX_VALUE);
    }

    /** Says whether an edge counts. */
    @FunctionalInterface
    interface EdgeChoice {
        boolean counts(Contour contour, int vertex);
    }

    static EdgeDistance of(
            List<Contour> contours,
            EdgeChoice choice,
            int width,
            int fromRow,
            int toRow,
            double reach) {
        EdgeDistance band = new EdgeDistance(width, fromRow, toRow - fromRow);
        for (Contour contour : contours) {
            double[] xy = contour.xy();
            for (int i = 0, n = xy.length; i < n; i += 2) {
                double y = xy[i + 1];
                if (y < fromRow - reach - 2 || y > toRow + reach + 2) {
                    continue;
                }
                if (choice.counts(contour, i / 2)) {
                    int next = (i + 2) % n;
                    band.splat(xy[i], y, xy[next], xy[next + 1], reach);
                }
            }
        }
        return band;
    }

    /**
     * Distances to the edges as they will lie once each has moved outwards: a pixel that they pass
     * over has a distance below 0.
     *
     * @param shifts of each vertex of each contour, px
     * @param reach more than the largest of them
     */
    static EdgeDistance shifted(
            List<Contour> contours,
            float[][] shifts,
            InkMap map,
            int fromRow,
            int toRow,
            double reach) {
        EdgeDistance band = new EdgeDistance(map.width(), fromRow, toRow - fromRow);
        for (int c = 0; c < shifts.length; c++) {
            double[] xy = contours.get(c).xy();
            for (int i = 0, n = xy.length; i < n; i += 2) {
                double y = xy[i + 1];
                if (y < fromRow - reach - 2 || y > toRow + reach + 2) {
                    continue;
                }
                int next = (i + 2) % n;
                double shift = (shifts[c][i / 2] + shifts[c][next / 2]) / 2;
                band.map = map;
                band.splat(xy[i], y, xy[next], xy[next + 1], Math.abs(shift) + 1, shift);
            }
        }
        return band;
    }

    private void splat(double ax, double ay, double bx, double by, double reach) {
        splat(ax, ay, bx, by, reach, 0);
    }

    private void splat(double ax, double ay, double bx, double by, double reach, double shift) {
        int rows = distance.length / width;
        int left = (int) Math.max(0, Math.floor(Math.min(ax, bx) - reach));
        int right = (int) Math.min(width - 1.0, Math.ceil(Math.max(ax, bx) + reach));
        int top = (int) Math.max(fromRow, Math.floor(Math.min(ay, by) - reach));
        int low = (int) Math.min(fromRow + rows - 1.0, Math.ceil(Math.max(ay, by) + reach));
        double dx = bx - ax;
        double dy = by - ay;
        double square = dx * dx + dy * dy;
        for (int y = top; y <= low; y++) {
            for (int x = left; x <= right; x++) {
                double px = x + 0.5 - ax;
                double py = y + 0.5 - ay;
                double t = square == 0 ? 0 : (px * dx + py * dy) / square;
                t = Math.max(0, Math.min(1, t));
                double ex = px - t * dx;
                double ey = py - t * dy;
                double far = Math.sqrt(ex * ex + ey * ey);
                float off = (float) (shift == 0 || !map.isInk(x, y) ? far - shift : far + shift);
                int i = (y - fromRow) * width + x;
                if (off < distance[i]) {
                    distance[i] = off;
                }
            }
        }
    }

    /** The distance at a pixel, px; very large beyond reach. */
    double at(int x, int y) {
        return distance[(y - fromRow) * width + x];
    }
}
