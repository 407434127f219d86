package neattrace.goods.cut;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;

/**
 * A closed ring at even steps, blurred a little along its way, so that its curvature changes by and
 * by where arcs meet straight lines.
 */
final class SmoothRing {

    /** The blur reaches so many times its width. */
    private static final int REACH = 3;

    private static final int LEAST = 12;

    private final double[] x;
    private final double[] y;
    private final double step;

    private SmoothRing(double[] x, double[] y, double step) {
        this.x = x;
        this.y = y;
        this.step = step;
    }

    /** A ring as it is. */
    static SmoothRing of(LineString ring, double stepMm) {
        Coordinate[] at = ring.getCoordinates();
        int n = (int) Math.max(LEAST, Math.rint(ring.getLength() / stepMm));
        double step = ring.getLength() / n;
        double[] x = new double[n];
        double[] y = new double[n];
        double before = 0;
        int k = 0;
        for (int i = 0; i + 1 < at.length && k < n; i++) {
            double length = at[i].distance(at[i + 1]);
            for (; k < n && k * step <= before + length; k++) {
                double share = length == 0 ? 0 : (k * step - before) / length;
                x[k] = at[i].x + share * (at[i + 1].x - at[i].x);
                y[k] = at[i].y + share * (at[i + 1].y - at[i].y);
            }
            before += length;
        }
        for (; k < n; k++) {
            x[k] = at[0].x;
            y[k] = at[0].y;
        }
        return new SmoothRing(x, y, step);
    }

    /**
     * Blurred: Gaussian weights along the way.
     *
     * @param widthMm their standard deviation; less on rings that are short
     */
    SmoothRing blurred(double widthMm) {
        int n = x.length;
        double width = Math.min(widthMm, n * step / 40);
        int reach = (int) Math.ceil(REACH * width / step);
        double[] weight = new double[reach + 1];
        double sum = 0;
        for (int k = 0; k <= reach; k++) {
            double away = k * step / width;
            weight[k] = Math.exp(-away * away / 2);
            sum += k == 0 ? weight[k] : 2 * weight[k];
        }
        double[] bx = new double[n];
        double[] by = new double[n];
        for (int i = 0; i < n; i++) {
            for (int k = -reach; k <= reach; k++) {
                int j = Math.floorMod(i + k, n);
                bx[i] += weight[Math.abs(k)] / sum * x[j];
                by[i] += weight[Math.abs(k)] / sum * y[j];
            }
        }
        return new SmoothRing(bx, by, step);
    }

    /** Its points, one after the other, in another unit. */
    double[] scaled(double factor) {
        double[] xy = new double[2 * x.length];
        for (int i = 0; i < x.length; i++) {
            xy[2 * i] = factor * x[i];
            xy[2 * i + 1] = factor * y[i];
        }
        return xy;
    }
}
