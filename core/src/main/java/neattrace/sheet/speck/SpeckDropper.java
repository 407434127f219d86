package neattrace.sheet.speck;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.label.RunLabels;
import neattrace.sheet.speck.Speck.Fate;

/** Takes specks of ink and pinholes of paper away. */
public final class SpeckDropper {

    /** From this share of the limit's diameter to that one a piece is in doubt. */
    private static final double DOUBT_FROM = 0.8;

    private static final double DOUBT_TO = 1.4;

    /** More small pieces than this are grain; nobody looks for a pattern in it. */
    private static final int MOST_LOOKED_AT = 40_000;

    private SpeckDropper() {}

    /**
     * Drops what is too small, in place.
     *
     * @param map changed: dropped ink becomes paper, dropped holes become ink
     * @param limitMm diameter of a dot whose area a piece must have to stay, mm
     * @param leastPx pieces of ink with fewer pixels go whatever the limit in mm says; holes do
     *     not, since dust is dark
     * @param kept protected pixels, by row times width plus column
     */
    public static SpeckReport drop(
            InkMap map, double limitMm, double leastPx, double pxPerMm, BitSet kept) {
        double holeLimit = Math.PI / 4 * Math.pow(limitMm * pxPerMm, 2);
        double limit = Math.max(leastPx, holeLimit);
        if (limit <= 0) {
            return SpeckReport.NONE;
        }
        double shown = Math.sqrt(limit * 4 / Math.PI) / pxPerMm;
        RunLabels ink = RunLabels.of(map.width(), map.height(), map::isInk, true);
        Sorted specks = Sorted.of(ink, map.width(), map.height(), limit, pxPerMm, kept, true);
        repaint(map, ink, specks.dropped(), (byte) 0);
        RunLabels paper = RunLabels.of(map.width(), map.height(), i -> !map.isInk(i), false);
        Sorted holes = Sorted.of(paper, map.width(), map.height(), holeLimit, pxPerMm, kept, false);
        repaint(map, paper, holes.dropped(), (byte) 255);
        List<Speck> doubtful = new ArrayList<>(specks.doubtful());
        doubtful.addAll(holes.doubtful());
        doubtful.sort(Comparator.comparingDouble(Speck::diameterMm).reversed());
        return new SpeckReport(
                shown,
                specks.dropped().cardinality() + holes.dropped().cardinality(),
                specks.inPattern() + holes.inPattern(),
                doubtful.subList(0, Math.min(SpeckReport.MOST, doubtful.size())));
    }

    private static void repaint(InkMap map, RunLabels parts, BitSet dropped, byte value) {
        if (dropped.isEmpty()) {
            return;
        }
        byte[] coverage = map.coverage();
        parts.forEachRun(
                (y, from, to, part) -> {
                    if (dropped.get(part)) {
                        int base = y * map.width();
                        Arrays.fill(coverage, base + from, base + to, value);
                    }
                });
    }

    /** The small parts of a labelling and what becomes of them. */
    private record Sorted(BitSet dropped, int inPattern, List<Speck> doubtful) {

        static Sorted of(
                RunLabels parts,
                int width,
                int height,
                double limit,
                double pxPerMm,
                BitSet kept,
                boolean ink) {
            double most = limit * DOUBT_TO * DOUBT_TO;
            int[] index = new int[parts.count()];
            int small = 0;
            for (int part = 0; part < index.length; part++) {
                index[part] = parts.size(part) < most ? small++ : -1;
            }
            if (small == 0) {
                return new Sorted(new BitSet(), 0, List.of());
            }
            double[] xs = new double[small];
            double[] ys = new double[small];
            long[] areas = new long[small];
            int[] label = new int[small];
            boolean[] isKept = new boolean[small];
            parts.forEachRun(
                    (y, from, to, part) -> {
                        int k = index[part];
                        if (k >= 0) {
                            xs[k] += (from + to) / 2.0 * (to - from);
                            ys[k] += (y + 0.5) * (to - from);
                            areas[k] += to - from;
                            label[k] = part;
                            isKept[k] |= kept.get(y * width + from);
                        }
                    });
            for (int k = 0; k < small; k++) {
                xs[k] /= areas[k];
                ys[k] /= areas[k];
            }
            boolean[] pattern =
                    small > MOST_LOOKED_AT
                            ? new boolean[small]
                            : Pattern.members(xs, ys, areas, pxPerMm, (double) width * height);
            return sorted(xs, ys, areas, label, isKept, pattern, limit, pxPerMm, ink);
        }

        private static Sorted sorted(
                double[] xs,
                double[] ys,
                long[] areas,
                int[] label,
                boolean[] isKept,
                boolean[] pattern,
                double limit,
                double pxPerMm,
                boolean ink) {
            BitSet dropped = new BitSet();
            int inPattern = 0;
            List<Speck> doubtful = new ArrayList<>();
            for (int k = 0; k < xs.length; k++) {
                boolean below = areas[k] < limit;
                Fate fate =
                        !below
                                ? Fate.KEPT
                                : isKept[k]
                                        ? Fate.PROTECTED
                                        : pattern[k] ? Fate.PATTERN : Fate.DROPPED;
                if (fate == Fate.DROPPED) {
                    dropped.set(label[k]);
                }
                inPattern += fate == Fate.PATTERN ? 1 : 0;
                boolean near = areas[k] >= limit * DOUBT_FROM * DOUBT_FROM;
                if (near && (fate == Fate.DROPPED || fate == Fate.KEPT && !pattern[k])) {
                    double diameter = Math.sqrt(areas[k] * 4 / Math.PI) / pxPerMm;
                    doubtful.add(new Speck(xs[k], ys[k], diameter, ink, fate));
                }
            }
            return new Sorted(dropped, inPattern, doubtful);
        }
    }
}
