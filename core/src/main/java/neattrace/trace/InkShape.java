package neattrace.trace;

import java.awt.geom.Path2D;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/** A shape of ink on the page, in mm. Arrays are handed over and must not be written to. */
public sealed interface InkShape extends OnPage<InkShape> {

    /** Places farther off than this are no places on a page, mm. */
    double FAR_MM = 1e5;

    /** The outline, every coordinate times {@code scale}; filled where it winds round at all. */
    Path2D outline(double scale);

    /**
     * The track of a round pen of changing width.
     *
     * @param x across, one or more places
     * @param y down
     * @param width the pen's diameter at each place
     */
    record Stroke(double[] x, double[] y, double[] width) implements InkShape {

        /** Discs are drawn as polygons that keep this close to the circle, in the target's unit. */
        private static final double ROUND = 0.02;

        private static final int LEAST_CORNERS = 12;

        public Stroke {
            if (x.length == 0 || y.length != x.length || width.length != x.length) {
                throw new IllegalArgumentException("a stroke has one place or more, all complete");
            }
            for (int i = 0; i < x.length; i++) {
                boolean fits =
                        Math.abs(x[i]) < FAR_MM
                                && Math.abs(y[i]) < FAR_MM
                                && width[i] >= 0
                                && width[i] < FAR_MM;
                if (!fits) {
                    throw new IllegalArgumentException("a stroke far off the page");
                }
            }
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Stroke stroke
                    && Arrays.equals(x, stroke.x)
                    && Arrays.equals(y, stroke.y)
                    && Arrays.equals(width, stroke.width);
        }

        @Override
        public int hashCode() {
            return 31 * Arrays.hashCode(x) + Arrays.hashCode(y);
        }

        @Override
        public Path2D outline(double scale) {
            Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            for (int i = 0; i < x.length; i++) {
                disc(path, x[i] * scale, y[i] * scale, width[i] * scale / 2);
                if (i > 0) {
                    side(path, i, scale);
                }
            }
            return path;
        }

        private static void disc(Path2D path, double x, double y, double radius) {
            double fine = Math.ceil(Math.PI / Math.sqrt(2 * ROUND / Math.max(radius, ROUND)));
            int corners = (int) Math.max(LEAST_CORNERS, fine);
            // As much area as the circle, so that dots neither lose nor gain.
            double reach =
                    radius * Math.sqrt(2 * Math.PI / corners / Math.sin(2 * Math.PI / corners));
            for (int k = 0; k < corners; k++) {
                double angle = 2 * Math.PI * k / corners;
                double px = x + reach * Math.cos(angle);
                double py = y + reach * Math.sin(angle);
                if (k == 0) {
                    path.moveTo(px, py);
                } else {
                    path.lineTo(px, py);
                }
            }
            path.closePath();
        }

        /** The part between two discs, wound the same way round as they are. */
        private void side(Path2D path, int i, double scale) {
            double dx = x[i] - x[i - 1];
            double dy = y[i] - y[i - 1];
            double length = Math.hypot(dx, dy);
            if (length == 0) {
                return;
            }
            double nx = dy / length / 2;
            double ny = -dx / length / 2;
            double a = width[i - 1];
            double b = width[i];
            path.moveTo(scale * (x[i - 1] + nx * a), scale * (y[i - 1] + ny * a));
            path.lineTo(scale * (x[i] + nx * b), scale * (y[i] + ny * b));
            path.lineTo(scale * (x[i] - nx * b), scale * (y[i] - ny * b));
            path.lineTo(scale * (x[i - 1] - nx * a), scale * (y[i - 1] - ny * a));
            path.closePath();
        }

        @Override
        public InkShape moved(UnaryOperator<Point> map, double growth) {
            double[] toX = new double[x.length];
            double[] toY = new double[x.length];
            for (int i = 0; i < x.length; i++) {
                Point to = map.apply(new Point(x[i], y[i]));
                toX[i] = to.x();
                toY[i] = to.y();
            }
            return new Stroke(toX, toY, Arrays.stream(width).map(w -> w * growth).toArray());
        }
    }

    /**
     * A polygon with holes, or several.
     *
     * @param rings x and y of each corner, the first not repeated; holes run the other way round
     */
    record Area(List<double[]> rings) implements InkShape {

        public Area {
            rings = List.copyOf(rings);
            for (double[] ring : rings) {
                boolean fits = ring.length >= 6 && ring.length % 2 == 0;
                for (double value : ring) {
                    fits &= Math.abs(value) < FAR_MM;
                }
                if (!fits) {
                    throw new IllegalArgumentException("a ring has three corners or more");
                }
            }
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Area area
                    && Arrays.deepEquals(rings.toArray(), area.rings.toArray());
        }

        @Override
        public int hashCode() {
            return Arrays.deepHashCode(rings.toArray());
        }

        @Override
        public Path2D outline(double scale) {
            Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
            for (double[] ring : rings) {
                path.moveTo(ring[0] * scale, ring[1] * scale);
                for (int i = 2; i < ring.length; i += 2) {
                    path.lineTo(ring[i] * scale, ring[i + 1] * scale);
                }
                path.closePath();
            }
            return path;
        }

        @Override
        public InkShape moved(UnaryOperator<Point> map, double growth) {
            return new Area(
                    rings.stream()
                            .map(
                                    ring -> {
                                        double[] to = new double[ring.length];
                                        for (int i = 0; i < ring.length; i += 2) {
                                            Point p = map.apply(new Point(ring[i], ring[i + 1]));
                                            to[i] = p.x();
                                            to[i + 1] = p.y();
                                        }
                                        return to;
                                    })
                            .toList());
        }
    }
}
