package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.List;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Gives pieces as even breathing space as may be: one after the other moves to where its nearest
 * neighbour, or the edge, is farther away, by smaller and smaller steps. Pinned ones stay.
 */
public final class Spread {

    private static final double FIRST_STEP_MM = 8;
    private static final double LAST_STEP_MM = 0.2;
    private static final int ROUNDS_EACH = 6;
    private static final int DIRECTIONS = 8;

    /** Corners finer than this do not matter to breathing space, mm. */
    private static final double FINE_MM = 0.01;

    /** Nearer by this is not nearer, mm. */
    private static final double SAME_MM = 1e-6;

    private final Nest nest;
    private final List<Laid> laid;
    private final List<Polygon> shapes = new ArrayList<>();
    private final double gapMm;

    private Spread(Nest nest) {
        this.nest = nest;
        this.laid = new ArrayList<>(nest.laid());
        this.gapMm = nest.sheet().gapMm();
        laid.forEach(one -> shapes.add(shape(one)));
    }

    /**
     * Spreads an arrangement out.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Nest of(Nest nest, Progress progress) {
        return new Spread(nest).run(progress);
    }

    /** The least space round any piece, see {@link #space}; below the gap if two lie too near. */
    static double least(Nest nest) {
        Spread spread = new Spread(nest);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < spread.laid.size(); i++) {
            least = Math.min(least, spread.space(i, spread.shapes.get(i), 0));
        }
        return least;
    }

    /** Whether no piece lies too near to another, or where none may lie. */
    static boolean isFree(Nest nest) {
        return least(nest) >= nest.sheet().gapMm() + 2 * FINE_MM;
    }

    private Polygon shape(Laid one) {
        Polygon shape = nest.pieces().get(one.piece()).shape();
        Geometry plain = DouglasPeuckerSimplifier.simplify(shape, FINE_MM);
        return one.place(plain instanceof Polygon polygon && !plain.isEmpty() ? polygon : shape);
    }

    private Nest run(Progress progress) {
        for (double step = FIRST_STEP_MM; step > LAST_STEP_MM; step /= 1.7) {
            for (int round = 0; round < ROUNDS_EACH; round++) {
                progress.report("Spreading out", 0);
                if (!moved(step)) {
                    break;
                }
            }
        }
        return new Nest(nest.pieces(), laid, nest.left(), nest.sheet());
    }

    private boolean moved(double step) {
        boolean moved = false;
        for (int i = 0; i < laid.size(); i++) {
            if (!laid.get(i).pinned()) {
                moved |= moved(i, step);
            }
        }
        return moved;
    }

    private boolean moved(int i, double step) {
        Laid from = laid.get(i);
        Laid best = from;
        double most = space(i, shapes.get(i), 0);
        for (int k = 0; k < DIRECTIONS; k++) {
            double angle = 2 * Math.PI * k / DIRECTIONS;
            Laid to =
                    from.at(
                            from.xMm() + step * Math.cos(angle),
                            from.yMm() + step * Math.sin(angle));
            double space = space(i, shape(to), most);
            if (space > most + SAME_MM && space >= gapMm + 2 * FINE_MM) {
                most = space;
                best = to;
            }
        }
        laid.set(i, best);
        shapes.set(i, shape(best));
        return best != from;
    }

    /**
     * The way to its nearest neighbour, or to the edge and a gap; less if it is under {@code
     * enough}.
     */
    private double space(int i, Polygon shape, double enough) {
        Envelope box = shape.getEnvelopeInternal();
        double rim = nest.sheet().rimMm();
        double least =
                Math.min(
                        Math.min(box.getMinX(), box.getMinY()) - rim,
                        Math.min(
                                        nest.sheet().widthMm() - box.getMaxX(),
                                        nest.sheet().heightMm() - box.getMaxY())
                                - rim);
        if (least < 0) {
            return -1;
        }
        least += gapMm;
        for (Geometry kept : nest.sheet().kept()) {
            double way = kept.distance(shape);
            if (way == 0) {
                return -1;
            }
            least = Math.min(least, way + gapMm);
        }
        for (int j = 0; j < shapes.size() && least > enough; j++) {
            if (j != i && box.distance(shapes.get(j).getEnvelopeInternal()) < least) {
                least = Math.min(least, shape.distance(shapes.get(j)));
            }
        }
        return least;
    }
}
