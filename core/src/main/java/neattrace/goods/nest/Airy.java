package neattrace.goods.nest;

import java.util.List;
import java.util.Optional;
import neattrace.stage.Progress;

/**
 * Arranges a given number of pieces with as much even space between them as may be: with the
 * largest gap at which all still fit, upright if they do, and spread out in the end.
 */
public final class Airy {

    /** What is tried beyond the gap, mm. */
    private static final double[] MORE_MM = {0, 1, 2, 3, 4.5, 6, 8, 11, 15, 20, 28, 40};

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
                return Optional.of(Spread.of(own, progress));
            }
        }
        return Optional.empty();
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
