package neattrace.press;

import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A press as an ICC profile: what a build looks like, and which build comes nearest to a colour.
 * Safe for use by several threads.
 */
public final class PressProfile {

    /** CGATS TR 001 (SWOP coated), as a small profile in the public domain (CC0). */
    private static final String BUNDLED = "CGATS001Compat-v2-micro.icc";

    private static final int GRID = 11;

    /** Builds the search starts from, and its first step in percent. */
    private static final int STARTS = 12;

    private static final int FIRST_STEP = 4;
    private static final int[][] MOVES = moves();

    private final byte[] bytes;
    private final ICC_ColorSpace space;
    private Lab[] grid;

    private PressProfile(byte[] bytes) {
        this.bytes = bytes;
        this.space = new ICC_ColorSpace(ICC_Profile.getInstance(bytes));
    }

    /** Read once, when it is first asked for. */
    private static final class Bundled {
        static final PressProfile PROFILE = read();

        private static PressProfile read() {
            try (InputStream in = PressProfile.class.getResourceAsStream(BUNDLED)) {
                return new PressProfile(in.readAllBytes());
            } catch (IOException e) {
                throw new UncheckedIOException("the bundled press profile is missing", e);
            }
        }
    }

    /** The profile that ships with the program; always the same one. */
    public static PressProfile bundled() {
        return Bundled.PROFILE;
    }

    /** The profile's bytes, for an output intent. */
    public byte[] bytes() {
        return bytes.clone();
    }

    /** What a build looks like on screen, by the profile's default rendering. */
    public Rgb preview(Cmyk build) {
        float[] rgb =
                space.toRGB(
                        new float[] {
                            (float) build.c() / 100,
                            (float) build.m() / 100,
                            (float) build.y() / 100,
                            (float) build.k() / 100
                        });
        return new Rgb(
                Math.round(255 * rgb[0]), Math.round(255 * rgb[1]), Math.round(255 * rgb[2]));
    }

    /**
     * The build whose preview comes nearest to a screen colour by CIEDE2000, in whole percents.
     * Uses as little black ink as the colour allows, so that flat colours stay clean. Screen
     * colours that no ink reaches come back as the nearest printable one.
     */
    public Cmyk nearest(Rgb colour) {
        Lab target = colour.toLab();
        Cmyk best = Cmyk.PAPER;
        double bestCost = Double.MAX_VALUE;
        for (Cmyk start : starts(target)) {
            Cmyk found = descend(start, target);
            double cost = cost(found, target);
            if (cost < bestCost) {
                best = found;
                bestCost = cost;
            }
        }
        return best;
    }

    /** The builds of the grid that come nearest; one alone may lie in a dead end. */
    private List<Cmyk> starts(Lab target) {
        Lab[] known = grid();
        double[] cost = new double[known.length];
        for (int i = 0; i < cost.length; i++) {
            cost[i] = DeltaE2000.between(known[i], target) + blackPenalty(gridBuild(i));
        }
        return IntStream.range(0, cost.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> cost[i]))
                .limit(STARTS)
                .map(PressProfile::gridBuild)
                .toList();
    }

    /** Pattern search (Hooke and Jeeves, JACM 8, 1961) in whole percents. */
    private Cmyk descend(Cmyk start, Lab target) {
        Cmyk best = start;
        double bestCost = cost(start, target);
        for (int step = FIRST_STEP; step >= 1; step /= 2) {
            boolean better = true;
            while (better) {
                better = false;
                for (int[] move : MOVES) {
                    Cmyk tried = moved(best, move, step);
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
            grid = new Lab[GRID * GRID * GRID * 3];
            for (int i = 0; i < grid.length; i++) {
                grid[i] = preview(gridBuild(i)).toLab();
            }
        }
        return grid;
    }

    private static Cmyk gridBuild(int i) {
        double step = 100.0 / (GRID - 1);
        return new Cmyk(
                i % GRID * step,
                i / GRID % GRID * step,
                i / GRID / GRID % GRID * step,
                i / (GRID * GRID * GRID) * 40.0);
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
        return DeltaE2000.between(preview(build).toLab(), target) + blackPenalty(build);
    }

    private static double blackPenalty(Cmyk build) {
        return 0.004 * build.k() + 0.0005 * build.total();
    }
}
