package neattrace.sheet.review;

import java.util.Arrays;
import neattrace.raster.InkMap;

/**
 * Points on edges of ink, found where columns (or rows) cross them, measured from the middle of the
 * sheet.
 */
final class EdgePoints {

    private static final int MOST = 240_000;

    /** Along the line looked for, px. */
    private float[] along = new float[4096];

    /** Across it, px. */
    private float[] across = new float[4096];

    private int count;

    /**
     * Collects.
     *
     * @param upright false for edges that run level, true for upright ones
     */
    static EdgePoints of(InkMap map, boolean upright) {
        EdgePoints points = new EdgePoints();
        int wide = upright ? map.height() : map.width();
        int tall = upright ? map.width() : map.height();
        int step = 1;
        long crossings = count(map, upright, Math.max(1, wide / 64));
        while (crossings / step > MOST) {
            step++;
        }
        for (int a = 0; a < wide; a += step) {
            int before = value(map, upright, a, 0);
            for (int c = 1; c < tall; c++) {
                int now = value(map, upright, a, c);
                if (before >= InkMap.INK != now >= InkMap.INK) {
                    double at = c - 0.5 + (InkMap.EDGE - before) / (now - before);
                    points.add(a + 0.5 - wide / 2.0, at - tall / 2.0);
                }
                before = now;
            }
        }
        return points;
    }

    private static long count(InkMap map, boolean upright, int step) {
        int wide = upright ? map.height() : map.width();
        int tall = upright ? map.width() : map.height();
        long crossings = 0;
        for (int a = 0; a < wide; a += step) {
            for (int c = 1; c < tall; c++) {
                boolean differs =
                        value(map, upright, a, c) >= InkMap.INK
                                != value(map, upright, a, c - 1) >= InkMap.INK;
                crossings += differs ? 1 : 0;
            }
        }
        return crossings * step;
    }

    private static int value(InkMap map, boolean upright, int a, int c) {
        int index = upright ? a * map.width() + c : c * map.width() + a;
        return map.coverage()[index] & 0xff;
    }

    private void add(double a, double c) {
        if (count == along.length) {
            along = Arrays.copyOf(along, 2 * count);
            across = Arrays.copyOf(across, 2 * count);
        }
        along[count] = (float) a;
        across[count++] = (float) c;
    }

    int count() {
        return count;
    }

    /**
     * How many points each line of this slope holds, line by line.
     *
     * @param slope across per along
     * @param bin width of a line, px
     */
    int[] profile(double slope, double bin, double reach) {
        int[] profile = new int[(int) Math.ceil(2 * reach / bin) + 1];
        for (int i = 0; i < count; i++) {
            profile[(int) ((across[i] - slope * along[i] + reach) / bin)]++;
        }
        return profile;
    }

    /** Farthest any point can lie from the middle line at slopes up to 1, px. */
    double reach() {
        double reach = 1;
        for (int i = 0; i < count; i++) {
            reach = Math.max(reach, Math.abs(across[i]) + Math.abs(along[i]));
        }
        return reach + 1;
    }

    /**
     * Straight lines through the points near the strongest lines of a profile.
     *
     * @return sum of weights, and sum of weights times how much steeper than {@code slope} the
     *     lines are; the weight of a line is its points' spread, so long lines count most
     */
    double[] refine(double slope, int[] profile, double bin, double reach, int least) {
        int[] line = new int[profile.length];
        int lines = 0;
        for (int k = 1; k + 1 < profile.length; k++) {
            boolean peak =
                    profile[k] >= least
                            && profile[k] >= profile[k - 1]
                            && profile[k] > profile[k + 1];
            if (peak) {
                lines++;
                for (int j = -1; j <= 1; j++) {
                    line[k + j] = lines;
                }
            }
        }
        double[] n = new double[lines + 1];
        double[] sa = new double[lines + 1];
        double[] sc = new double[lines + 1];
        double[] saa = new double[lines + 1];
        double[] sac = new double[lines + 1];
        for (int i = 0; i < count; i++) {
            double c = across[i] - slope * along[i];
            int l = line[(int) ((c + reach) / bin)];
            n[l]++;
            sa[l] += along[i];
            sc[l] += c;
            saa[l] += (double) along[i] * along[i];
            sac[l] += along[i] * c;
        }
        double weight = 0;
        double sum = 0;
        for (int l = 1; l <= lines; l++) {
            double spread = saa[l] - sa[l] * sa[l] / n[l];
            if (n[l] > 2 && spread > 0) {
                weight += spread;
                sum += sac[l] - sa[l] * sc[l] / n[l];
            }
        }
        return new double[] {weight, sum};
    }
}
