package neattrace.press.plate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import neattrace.press.Colorant;
import neattrace.press.Lab;

/**
 * Dots of an amplitude-modulated screen: a Euclidean spot, round in the lights, square at half and
 * round gaps in the depths (PostScript Language Reference, 3rd ed., 7.4.3, for spot functions). Its
 * thresholds are ranked, so that any tint covers as much as it says.
 */
public final class Halftone {

    private static final int GRID = 256;

    /** Phases that no simple ratio of pixels to cells shares. */
    private static final double PHASE_X = 0.3183;

    private static final double PHASE_Y = 0.5772;

    /**
     * A hair off simple ratios: where cells are whole pixels all dots would be alike, and tints
     * grow in steps.
     */
    private static final double OFF = 1.0017;

    private static final double OFF_DEGREES = 0.11;

    private static final float[] RANKS = ranks();

    private final double ux;
    private final double uy;

    /**
     * A screen.
     *
     * @param linesPerInch its ruling, over 0
     * @param degrees its angle, anticlockwise as printers measure it
     * @param ppi of the plate; at least twice the ruling
     * @throws IllegalArgumentException if the ruling is too fine for the plate
     */
    public Halftone(double linesPerInch, double degrees, double ppi) {
        if (!(linesPerInch > 0 && ppi >= 2 * linesPerInch)) {
            throw new IllegalArgumentException(
                    "a screen has at most half as many lines an inch as the plate has pixels");
        }
        double angle = Math.toRadians(degrees + OFF_DEGREES);
        double frequency = linesPerInch * OFF / ppi;
        ux = frequency * Math.cos(angle);
        uy = frequency * Math.sin(angle);
    }

    /**
     * The angle at which an ink is usually screened, so that inks make no pattern together: black
     * 45, magenta 75, cyan 15 and yellow 0 degrees (common practice, no source); inks of their own
     * take those that are free, the darkest first.
     */
    public static double usualDegrees(Colorant ink, List<Colorant> inks) {
        Map<Colorant, Double> process =
                Map.of(
                        Colorant.BLACK, 45.0,
                        Colorant.MAGENTA, 75.0,
                        Colorant.CYAN, 15.0,
                        Colorant.YELLOW, 0.0);
        if (process.containsKey(ink)) {
            return process.get(ink);
        }
        List<Double> free = new ArrayList<>(List.of(45.0, 75.0, 15.0, 0.0, 30.0, 60.0));
        inks.forEach(one -> free.remove(process.get(one)));
        List<Colorant> own =
                inks.stream()
                        .filter(one -> !process.containsKey(one))
                        .sorted(Comparator.comparingDouble(Halftone::lightness))
                        .toList();
        return free.get(own.indexOf(ink) % free.size());
    }

    private static double lightness(Colorant ink) {
        return ink.look().map(Lab::l).orElse(100.0);
    }

    private static float[] ranks() {
        long[] keys = new long[GRID * GRID];
        for (int i = 0; i < keys.length; i++) {
            double u = (i % GRID + 0.5) / GRID;
            double v = (i / GRID + 0.5) / GRID;
            double spot = Math.cos(2 * Math.PI * u) + Math.cos(2 * Math.PI * v);
            // Equal heights come in an order without a pattern.
            long salt = (i * 0x9E3779B9L & 0xffffL) >> 4;
            keys[i] = Math.round((2 - spot) / 4 * 1e9) << 28 | salt << 16 | i;
        }
        Arrays.sort(keys);
        float[] ranks = new float[keys.length];
        for (int rank = 0; rank < keys.length; rank++) {
            ranks[(int) (keys[rank] & 0xffff)] = (rank + 0.5f) / keys.length;
        }
        return ranks;
    }

    /**
     * Whether a pixel has ink.
     *
     * @param tint 0 to 1
     */
    public boolean isInk(int x, int y, double tint) {
        double u = ux * x - uy * y + PHASE_X;
        double v = uy * x + ux * y + PHASE_Y;
        double cellX = Math.floor(u);
        double cellY = Math.floor(v);
        int column = (int) ((u - cellX) * GRID);
        int row = (int) ((v - cellY) * GRID);
        return RANKS[row % GRID * GRID + column % GRID] < tint;
    }
}
