package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.List;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * Lets pieces push one another off until they lie at rest, also out of one another: one after the
 * other moves to where the sum over all that lies round it of 1 over distance squared is less, by
 * smaller and smaller steps. Pinned ones stay.
 */
final class Repel {

    private static final double FIRST_STEP_MM = 8;
    private static final double LAST_STEP_MM = 0.4;
    private static final int ROUNDS_EACH = 5;
    private static final int DIRECTIONS = 8;

    /** So coarse are the shapes that push, mm. */
    private static final double COARSE_MM = 0.15;

    /** Nearer than this pushes no more, mm; what lies in one another does by its area. */
    private static final double LEAST_MM = 0.1;

    private static final double WORTH_IT = 1e-9;

    private final Nest nest;
    private final List<Laid> laid;
    private final List<Polygon> plain = new ArrayList<>();
    private final List<Polygon> shapes = new ArrayList<>();

    private Repel(Nest nest) {
        this.nest = nest;
        this.laid = new ArrayList<>(nest.laid());
        for (Laid one : laid) {
            Polygon shape = nest.pieces().get(one.piece()).shape();
            Geometry coarse = DouglasPeuckerSimplifier.simplify(shape, COARSE_MM);
            plain.add(coarse instanceof Polygon polygon && !coarse.isEmpty() ? polygon : shape);
            shapes.add(one.place(plain.get(plain.size() - 1)));
        }
    }

    /**
     * The pieces at rest.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    static Nest of(Nest nest, Progress progress) {
        return new Repel(nest).run(progress);
    }

    private Nest run(Progress progress) {
        for (double step = FIRST_STEP_MM; step > LAST_STEP_MM; step /= 1.7) {
            boolean moved = true;
            for (int round = 0; round < ROUNDS_EACH && moved; round++) {
                progress.report("Spreading out", 0);
                moved = false;
                for (int i = 0; i < laid.size(); i++) {
                    moved |= !laid.get(i).pinned() && moved(i, step);
                }
            }
        }
        return new Nest(nest.pieces(), laid, nest.left(), nest.sheet());
    }

    private boolean moved(int i, double step) {
        Laid from = laid.get(i);
        Laid best = from;
        double energy = energy(i, shapes.get(i), Double.POSITIVE_INFINITY);
        for (int k = 0; k < DIRECTIONS; k++) {
            double angle = 2 * Math.PI * k / DIRECTIONS;
            Laid to =
                    from.at(
                            from.xMm() + step * Math.cos(angle),
                            from.yMm() + step * Math.sin(angle));
            double there = energy(i, to.place(plain.get(i)), energy);
            if (there < energy * (1 - WORTH_IT)) {
                energy = there;
                best = to;
            }
        }
        laid.set(i, best);
        shapes.set(i, best.place(plain.get(i)));
        return best != from;
    }

    /** What pushes a piece, or something above {@code most}. */
    private double energy(int i, Polygon shape, double most) {
        Envelope box = shape.getEnvelopeInternal();
        NestSheet sheet = nest.sheet();
        double rim = sheet.rimMm();
        double energy =
                edge(box.getMinX() - rim)
                        + edge(sheet.widthMm() - rim - box.getMaxX())
                        + edge(box.getMinY() - rim)
                        + edge(sheet.heightMm() - rim - box.getMaxY());
        for (Geometry kept : sheet.kept()) {
            energy += push(kept.distance(shape) + sheet.gapMm(), kept, shape);
        }
        for (int j = 0; j < shapes.size() && energy < most; j++) {
            if (j != i) {
                energy += push(shape.distance(shapes.get(j)), shapes.get(j), shape);
            }
        }
        return energy;
    }

    private static double push(double mm, Geometry one, Polygon other) {
        double overlap =
                mm <= LEAST_MM && one.intersects(other) ? one.intersection(other).getArea() : 0;
        return push(mm) + overlap / (LEAST_MM * LEAST_MM);
    }

    private static double push(double mm) {
        double way = Math.max(LEAST_MM, mm);
        return 1 / (way * way);
    }

    /** An edge pushes as if it were a gap away; to lie over it is worse the farther it is. */
    private double edge(double mm) {
        return push(mm + nest.sheet().gapMm()) + (mm < 0 ? -mm / (LEAST_MM * LEAST_MM) : 0);
    }
}
