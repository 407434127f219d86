package neattrace.press;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Finds the build that looks most like a colour: from the best builds of a grid by pattern search
 * (Hooke and Jeeves, JACM 8, 1961) in whole percents. Safe for use by several threads.
 */
final class BuildSearch {

    private static final int GRID = 11;
    private static final int BLACKS = 4;

    /** Builds the search starts from, and its first step in percent. */
    private static final int STARTS = 12;

    private static final int FIRST_STEP = 4;
    private static final int[][] MOVES = moves();

    private final Function<Cmyk, Lab> look;
    private Lab[] grid;

    BuildSearch(Function<Cmyk, Lab> look) {
        this.look = look;
    }

    /**
     * The nearest build.
     *
     * @param limit the most ink, percent
     */
    Cmyk nearest(Lab target, double limit) {
        return starts(target, limit).stream()
                .map(start -> descend(start, target, limit))
                .min(Comparator.comparingDouble(build -> cost(build, target)))
                .orElse(Cmyk.PAPER);
    }

    private List<Cmyk> starts(Lab target, double limit) {
        Lab[] known = grid();
        double[] cost = new double[known.length];
        for (int i = 0; i < cost.length; i++) {
            cost[i] = DeltaE2000.between(known[i], target) + blackPenalty(gridBuild(i));
        }
        return IntStream.range(0, cost.length)
                .boxed()
                .filter(i -> gridBuild(i).total() <= limit)
                .sorted(Comparator.comparingDouble(i -> cost[i]))
                .limit(STARTS)
                .map(BuildSearch::gridBuild)
                .toList();
    }

    private Cmyk descend(Cmyk start, Lab target, double limit) {
        Cmyk best = start;
        double bestCost = cost(start, target);
        for (int step = FIRST_STEP; step >= 1; step /= 2) {
            boolean better = true;
            while (better) {
                better = false;
                for (int[] move : MOVES) {
                    Cmyk tried = moved(best, move, step);
                    if (tried.total() > limit) {
                        continue;
                    }
                    double cost = cost(tried, target);
                    if (cost < bestCost - 1e-9) {
                        best = tried;
                        bestCost = cost;
                        better = true;
                    }
                }
            }
        }
        return best;
    }

    /**
     * Every move by one step up or down of any inks together, 80 in all. Grey balance moves several
     * inks at once, and near white single moves are too coarse to find their way.
     */
    private static int[][] moves() {
        int[][] moves = new int[80][];
        for (int code = 0, used = 0; code < 81; code++) {
            if (code != 40) {
                moves[used++] =
                        new int[] {code % 3 - 1, code / 3 % 3 - 1, code / 9 % 3 - 1, code / 27 - 1};
            }
        }
        return moves;
    }

    private synchronized Lab[] grid() {
        if (grid == null) {
            grid = new Lab[GRID * GRID * GRID * BLACKS];
            for (int i = 0; i < grid.length; i++) {
                grid[i] = look.apply(gridBuild(i));
            }
        }
        return grid;
    }

    private static Cmyk gridBuild(int i) {
        double step = 100.0 / (GRID - 1);
        int black = i / (GRID * GRID * GRID);
        return new Cmyk(
                i % GRID * step,
                i / GRID % GRID * step,
                i / GRID / GRID % GRID * step,
                black == BLACKS - 1 ? 100 : black * 40.0);
    }

    private static Cmyk moved(Cmyk build, int[] move, int step) {
        return new Cmyk(
                clamp(build.c() + move[0] * step),
                clamp(build.m() + move[1] * step),
                clamp(build.y() + move[2] * step),
                clamp(build.k() + move[3] * step));
    }

    private static double clamp(double value) {
        return Math.max(0, Math.min(100, value));
    }

    private double cost(Cmyk build, Lab target) {
        return DeltaE2000.between(look.apply(build), target) + blackPenalty(build);
    }

    private static double blackPenalty(Cmyk build) {
        return 0.004 * build.k() + 0.0005 * build.total();
    }
}
