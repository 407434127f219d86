package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neattrace.stage.Progress;
import org.locationtech.jts.algorithm.construct.LargestEmptyCircle;
import org.locationtech.jts.geom.Geometry;

/**
 * Arranges a given number of pieces with as much even space between them as may be. Two ways are
 * tried: with the largest gap at which all still fit, and from sites that share the room alike,
 * from where pieces push one another off; upright if they fit so. What leaves the most room round
 * each piece, and the smallest hole, is taken.
 */
public final class Airy {

    /** What is tried beyond the gap, mm. */
    private static final double[] MORE_MM = {0, 1, 2, 3, 4.5, 6, 8, 11, 15, 20, 28, 40};

    /** So often is begun from sites of another kind. */
    private static final int STARTS = 5;

    /** Of more pieces the pushing takes too long, and there is less to win. */
    private static final int MOST_SHARED = 14;

    private static final double HOLE_TO_MM = 0.5;

    /** A hole counts so much against the room round pieces. */
    private static final double HOLE_COUNTS = 0.35;

    private Airy() {}

    /**
     * Arranges.
     *
     * @return empty if not all fit with the gap that was asked for; then {@link Nester} tells how
     *     many do
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Optional<Nest> nest(
            List<NestPiece> pieces,
            List<Laid> pinned,
            NestSheet sheet,
            NestWish wish,
            Progress progress) {
        for (int turns : new int[] {1, wish.turns()}) {
            Optional<Nest> found = widest(pieces, pinned, sheet, wish.quick(turns), progress);
            if (found.isPresent()) {
                Nest nest = found.get();
                Nest own = new Nest(nest.pieces(), nest.laid(), nest.left(), sheet);
                List<Nest> tried = new ArrayList<>();
                tried.add(Spread.of(own, progress));
                tried.addAll(shared(pieces, pinned, sheet, wish.seed(), progress));
                return tried.stream().max(Comparator.comparingDouble(Airy::breath));
            }
        }
        return Optional.empty();
    }

    /** From sites that share the room alike; only those where nothing lies too near. */
    private static List<Nest> shared(
            List<NestPiece> pieces,
            List<Laid> pinned,
            NestSheet sheet,
            long seed,
            Progress progress) {
        List<Nest> found = new ArrayList<>();
        if (pieces.size() > MOST_SHARED || pinned.size() == pieces.size()) {
            return found;
        }
        Random random = new Random(seed);
        for (int k = 0; k < STARTS; k++) {
            List<Laid> sites = Sites.of(pieces, pinned, sheet, random);
            if (sites.isEmpty()) {
                return found;
            }
            Nest start = new Nest(pieces, sites, List.of(), sheet);
            Nest rest = Repel.of(start, progress);
            if (Spread.isFree(rest)) {
                found.add(Spread.of(rest, progress));
            }
        }
        return found;
    }

    /** The least space round a piece, less a part of what the largest hole is wider, mm. */
    private static double breath(Nest nest) {
        List<Geometry> there = new ArrayList<>(nest.sheet().kept());
        nest.laid().forEach(one -> there.add(nest.shape(one)));
        Geometry inside = nest.sheet().inside();
        double least = Spread.least(nest);
        if (inside.isEmpty() || there.isEmpty()) {
            return least;
        }
        double hole =
                LargestEmptyCircle.getRadiusLine(
                                inside.getFactory().buildGeometry(there), inside, HOLE_TO_MM)
                        .getLength();
        return least - HOLE_COUNTS * Math.max(0, hole - least);
    }

    /** The widest gap by halving what is left to try. */
    private static Optional<Nest> widest(
            List<NestPiece> pieces,
            List<Laid> pinned,
            NestSheet sheet,
            NestWish wish,
            Progress progress) {
        Optional<Nest> best = fitting(pieces, pinned, sheet, wish, 0, progress);
        int good = 0;
        int bad = MORE_MM.length;
        while (best.isPresent() && bad - good > 1) {
            int middle = (good + bad) / 2;
            Optional<Nest> found = fitting(pieces, pinned, sheet, wish, middle, progress);
            if (found.isPresent()) {
                best = found;
                good = middle;
            } else {
                bad = middle;
            }
        }
        return best;
    }

    private static Optional<Nest> fitting(
            List<NestPiece> pieces,
            List<Laid> pinned,
            NestSheet sheet,
            NestWish wish,
            int more,
            Progress progress) {
        double gap = Math.min(100, sheet.gapMm() + MORE_MM[more]);
        Nest nest = Nester.nest(pieces, pinned, sheet.withGapMm(gap), wish, found -> {}, progress);
        return nest.left().isEmpty() ? Optional.of(nest) : Optional.empty();
    }
}
