package neattrace.sheet.speck;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.label.RunLabels;
import neattrace.sheet.edge.EdgeLevels;
import neattrace.sheet.speck.Speck.Fate;
import neattrace.sheet.tone.ToneMap;

/** Takes specks of ink and pinholes of paper away. */
public final class SpeckDropper {

    /** From this share of the limit's diameter to that one a piece is in doubt. */
    private static final double DOUBT_FROM = 0.8;

    private static final double DOUBT_TO = 1.4;

    /** A piece of more diameters of the pen than this is no speck. */
    private static final double LARGE = 1.8;

    /** Nor is one of so many pixels, however wide the pen. */
    private static final double LEAST_LARGE_PX = 16;

    /** Where nothing but solid shapes is drawn these are no measure; dust is hardly ever larger. */
    private static final double WIDEST_PEN_PX = 24;

    /** More small pieces than this are grain; what is finer than half a line goes. */
    private static final int MANY = 40_000;

    /** What a picture is like apart from the drawing. */
    public enum Grain {
        /** A scan or a photo of paper. */
        PAPER(0),
        /** Black and white: grain, if there was any, can no longer be seen. */
        UNKNOWN(2),
        /** No grain at all. */
        NONE(6);

        /** So many specks strewn about are dust. */
        private final int strewn;

        Grain(int strewn) {
            this.strewn = strewn;
        }
    }

    private static final double FINE = 0.5;
    private static final double FAR = 4;

    private SpeckDropper() {}

    /**
     * Drops what is smaller than a size, in place.
     *
     * @param map changed: dropped ink becomes paper, dropped holes become ink
     * @param limitMm diameter of a dot whose area a piece must have to stay, mm
     * @param kept protected pixels, by row times width plus column
     */
    public static SpeckReport drop(InkMap map, double limitMm, double pxPerMm, BitSet kept) {
        double limit = Math.PI / 4 * Math.pow(limitMm * pxPerMm, 2);
        if (limit <= 0) {
            return SpeckReport.NONE;
        }
        double looked = limit * DOUBT_TO * DOUBT_TO;
        List<Speck> doubtful = new ArrayList<>();
        RunLabels ink = RunLabels.of(map, true, true);
        SmallPieces dots = SmallPieces.of(ink, map, looked, pxPerMm, kept);
        Outcome dust = bySize(dots, limit, pxPerMm, true, doubtful);
        repaint(map, ink, dust.dropped(), (byte) 0);
        RunLabels paper = RunLabels.of(map, false, false);
        SmallPieces holes = SmallPieces.of(paper, map, looked, pxPerMm, kept);
        Outcome pinholes = bySize(holes, limit, pxPerMm, false, doubtful);
        repaint(map, paper, pinholes.dropped(), (byte) 255);
        return report(limitMm, dust, pinholes, doubtful);
    }

    /**
     * Drops dust and pinholes, told from the drawing's own dots by all that can be seen of them, in
     * place.
     *
     * @param map changed: dropped ink becomes paper, dropped holes become ink
     * @param tone what it was decided from
     * @param edges what the drawing's edges have in common
     * @param grain what the picture is like: without grain nothing goes unless specks finer than
     *     its lines lie strewn over its paper
     * @param kept protected pixels, by row times width plus column
     */
    public static SpeckReport dropDust(
            InkMap map, ToneMap tone, EdgeLevels edges, Grain grain, double pxPerMm, BitSet kept) {
        double pen = Math.min(WIDEST_PEN_PX, edges.penPx());
        double large = Math.max(LEAST_LARGE_PX, Math.PI / 4 * Math.pow(LARGE * pen, 2));
        List<Speck> doubtful = new ArrayList<>();
        RunLabels ink = RunLabels.of(map, true, true);
        DrawnGrid drawn = new DrawnGrid(ink, map.width(), map.height(), large, pen);
        SmallPieces dots = SmallPieces.of(ink, map, large, pxPerMm, kept);
        boolean clean = grain == Grain.NONE;
        if (strewn(dots, drawn, pen) < grain.strewn) {
            return SpeckReport.NONE;
        }
        DustJudge ofDots = new DustJudge(dots, tone, edges, pen, drawn, true, clean);
        Outcome dust = byScore(dots, ofDots, pen, pxPerMm, true, doubtful);
        repaint(map, ink, dust.dropped(), (byte) 0);
        RunLabels paper = RunLabels.of(map, false, false);
        SmallPieces holes = SmallPieces.of(paper, map, large, pxPerMm, kept);
        DustJudge ofHoles =
                new DustJudge(
                        holes,
                        tone,
                        edges,
                        pen,
                        new HolePlace(paper, map.width(), map.height(), pen),
                        false,
                        clean);
        Outcome pinholes = byScore(holes, ofHoles, pen, pxPerMm, false, doubtful);
        repaint(map, paper, pinholes.dropped(), (byte) 255);
        double largest = Math.sqrt(Math.max(dust.largest(), pinholes.largest()) * 4 / Math.PI);
        return report(largest / pxPerMm, dust, pinholes, doubtful);
    }

    /** How many specks much finer than lines lie far from them. */
    private static int strewn(SmallPieces dots, DrawnGrid drawn, double pen) {
        int strewn = 0;
        for (int k = 0; k < dots.count(); k++) {
            boolean fine = dots.diameterPx(k) < FINE * pen && !dots.inPattern[k];
            strewn += fine && drawn.distance(dots.x[k], dots.y[k]) > FAR * pen ? 1 : 0;
        }
        return strewn;
    }

    private static SpeckReport report(
            double limitMm, Outcome dust, Outcome pinholes, List<Speck> doubtful) {
        doubtful.sort(Comparator.comparingDouble(Speck::diameterMm).reversed());
        return new SpeckReport(
                limitMm,
                dust.dropped().cardinality() + pinholes.dropped().cardinality(),
                dust.inPattern() + pinholes.inPattern(),
                doubtful.subList(0, Math.min(SpeckReport.MOST, doubtful.size())),
                Math.max(0, doubtful.size() - SpeckReport.MOST));
    }

    /**
     * What was decided.
     *
     * @param largest pixels of the largest that goes
     */
    private record Outcome(BitSet dropped, int inPattern, long largest) {}

    private static Outcome byScore(
            SmallPieces pieces,
            DustJudge judge,
            double pen,
            double pxPerMm,
            boolean ink,
            List<Speck> doubtful) {
        BitSet dropped = new BitSet();
        int inPattern = 0;
        long largest = 0;
        boolean many = pieces.count() > MANY;
        for (int k = 0; k < pieces.count(); k++) {
            double score =
                    !many
                            ? judge.score(k)
                            : pieces.diameterPx(k) < pen / 2 ? -DustJudge.DOUBT : DustJudge.DOUBT;
            Fate fate = score < 0 ? fate(pieces, k) : Fate.KEPT;
            inPattern += fate == Fate.PATTERN ? 1 : 0;
            if (fate == Fate.DROPPED) {
                dropped.set(pieces.part[k]);
                largest = Math.max(largest, pieces.area[k]);
            }
            boolean decided = fate == Fate.PATTERN || fate == Fate.PROTECTED;
            if (Math.abs(score) < DustJudge.DOUBT && !decided && !pieces.inPattern[k]) {
                double diameterMm = pieces.diameterPx(k) / pxPerMm;
                doubtful.add(new Speck(pieces.x[k], pieces.y[k], diameterMm, ink, fate));
            }
        }
        return new Outcome(dropped, inPattern, largest);
    }

    private static Outcome bySize(
            SmallPieces pieces, double limit, double pxPerMm, boolean ink, List<Speck> doubtful) {
        BitSet dropped = new BitSet();
        int inPattern = 0;
        for (int k = 0; k < pieces.count(); k++) {
            Fate fate = pieces.area[k] < limit ? fate(pieces, k) : Fate.KEPT;
            if (fate == Fate.DROPPED) {
                dropped.set(pieces.part[k]);
            }
            inPattern += fate == Fate.PATTERN ? 1 : 0;
            boolean near =
                    pieces.area[k] >= limit * DOUBT_FROM * DOUBT_FROM
                            && (fate == Fate.DROPPED
                                    || pieces.area[k] < limit * DOUBT_TO * DOUBT_TO);
            boolean decided = fate == Fate.PATTERN || fate == Fate.PROTECTED;
            if (near && !decided && !pieces.inPattern[k]) {
                double diameterMm = pieces.diameterPx(k) / pxPerMm;
                doubtful.add(new Speck(pieces.x[k], pieces.y[k], diameterMm, ink, fate));
            }
        }
        return new Outcome(dropped, inPattern, 0);
    }

    private static Fate fate(SmallPieces pieces, int k) {
        if (pieces.isProtected[k]) {
            return Fate.PROTECTED;
        }
        return pieces.inPattern[k] ? Fate.PATTERN : Fate.DROPPED;
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
}
