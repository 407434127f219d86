package neattrace.sheet.speck;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.speck.Evidence.Grain;
import neattrace.sheet.speck.Speck.Fate;
import neattrace.sheet.speck.SpeckReport.Count;

/** Takes specks of ink and pinholes of paper away. */
public final class SpeckDropper {

    /** A piece of more diameters of the pen than this is no speck. */
    private static final double LARGE = 1.8;

    /** Nor is one of so many pixels, however wide the pen. */
    private static final double LEAST_LARGE_PX = 16;

    /** More small pieces than this are grain; what is finer than half a line goes. */
    private static final int MANY = 40_000;

    /** On pictures without grain so many specks strewn about are dust all the same. */
    private static final int STREWN = 6;

    private static final double FINE = 0.5;
    private static final double FAR = 4;

    /**
     * In black and white a single hole may be where lines of the drawing meet; from so many specks
     * on, dust counted, there was dust on the glass.
     */
    private static final int LEAST_SPECKS = 2;

    private final InkMap map;
    private final Evidence seen;
    private final double pxPerMm;
    private final BitSet kept;
    private final List<Speck> doubtful = new ArrayList<>();

    private SpeckDropper(InkMap map, Evidence seen, double pxPerMm, BitSet kept) {
        this.map = map;
        this.seen = seen;
        this.pxPerMm = pxPerMm;
        this.kept = kept;
    }

    /**
     * Drops dust and fills pinholes, in place. Where the scan decides they are told from the
     * drawing's own dots by all that can be seen of them; pieces that line up stay either way.
     *
     * @param map changed: dropped ink becomes paper, dropped holes become ink
     * @param sizes below which pieces go, or that the scan decides
     * @param seen what the scan shows; not looked at where both sizes are set
     * @param kept protected pixels, by row times width plus column
     */
    public static SpeckReport drop(
            InkMap map, SpeckRecipe sizes, Evidence seen, double pxPerMm, BitSet kept) {
        SpeckDropper dropper = new SpeckDropper(map, seen, pxPerMm, kept);
        boolean byScan = sizes.dustByScan() || sizes.pinholesByScan();
        boolean clean = byScan && dropper.showsNoDust();
        Count dust =
                sizes.dustByScan()
                        ? clean ? Count.NONE : dropper.dustByScan()
                        : dropper.bySize(sizes.dustMm(), true);
        Count pinholes =
                sizes.pinholesByScan()
                        ? clean ? Count.NONE : dropper.pinholesByScan(dust.dropped())
                        : dropper.bySize(sizes.pinholeMm(), false);
        return dropper.report(dust, pinholes);
    }

    private SpeckReport report(Count dust, Count pinholes) {
        doubtful.sort(Comparator.comparingDouble(Speck::diameterMm).reversed());
        return new SpeckReport(
                dust,
                pinholes,
                doubtful.subList(0, Math.min(SpeckReport.MOST, doubtful.size())),
                Math.max(0, doubtful.size() - SpeckReport.MOST));
    }

    private boolean showsNoDust() {
        if (seen.grain() != Grain.NONE) {
            return false;
        }
        RunLabels ink = RunLabels.of(map, true, true);
        return strewn(small(ink, largePx()), drawn(ink)) < STREWN;
    }

    /** How many specks much finer than lines lie far from them. */
    private int strewn(SmallPieces dots, DrawnGrid drawn) {
        double pen = seen.penPx();
        int strewn = 0;
        for (int k = 0; k < dots.count(); k++) {
            boolean fine = dots.diameterPx(k) < FINE * pen && !dots.inPattern[k];
            strewn += fine && drawn.distance(dots.x[k], dots.y[k]) > FAR * pen ? 1 : 0;
        }
        return strewn;
    }

    private Count dustByScan() {
        RunLabels ink = RunLabels.of(map, true, true);
        SmallPieces dots = small(ink, largePx());
        Judge judge = byScan(dots, drawn(ink), true);
        Outcome outcome = decide(dots, judge, true);
        repaint(ink, outcome, (byte) 0);
        return outcome.byScan(pxPerMm);
    }

    private Count pinholesByScan(int dust) {
        RunLabels paper = RunLabels.of(map, false, false);
        SmallPieces holes = small(paper, largePx());
        Surroundings place = new HolePlace(paper, map.width(), map.height(), seen.strokePx());
        Outcome outcome = decide(holes, byScan(holes, place, false), false);
        boolean tooFew = dust + outcome.dropped.cardinality() < LEAST_SPECKS;
        if (seen.grain() == Grain.UNKNOWN && tooFew) {
            keep(holes, outcome);
            return Count.NONE;
        }
        repaint(paper, outcome, (byte) 255);
        return outcome.byScan(pxPerMm);
    }

    /** What was to be dropped stays and is in doubt. */
    private void keep(SmallPieces pieces, Outcome outcome) {
        doubtful.removeIf(speck -> !speck.ink() && speck.fate() == Fate.DROPPED);
        for (int k = 0; k < pieces.count(); k++) {
            if (outcome.dropped.get(pieces.part[k])) {
                doubtful.add(speck(pieces, k, false, Fate.KEPT));
            }
        }
    }

    private Judge byScan(SmallPieces pieces, Surroundings place, boolean ink) {
        double pen = seen.penPx();
        if (pieces.count() > MANY) {
            return k -> pieces.diameterPx(k) < pen / 2 ? -Judge.DOUBT : Judge.DOUBT;
        }
        boolean clean = seen.grain() == Grain.NONE;
        return new DustJudge(pieces, seen.tone(), seen.edges(), pen, place, ink, clean);
    }

    private Count bySize(double limitMm, boolean ink) {
        double limit = Math.PI / 4 * Math.pow(limitMm * pxPerMm, 2);
        if (limit <= 0) {
            return Count.NONE;
        }
        RunLabels parts = RunLabels.of(map, ink, ink);
        SmallPieces pieces = small(parts, limit * SizeJudge.DOUBT_TO * SizeJudge.DOUBT_TO);
        Outcome outcome = decide(pieces, new SizeJudge(pieces, limitMm * pxPerMm), ink);
        repaint(parts, outcome, ink ? (byte) 0 : (byte) 255);
        return new Count(limitMm, outcome.dropped.cardinality(), outcome.inPattern);
    }

    private double largePx() {
        return Math.max(LEAST_LARGE_PX, Math.PI / 4 * Math.pow(LARGE * seen.penPx(), 2));
    }

    private SmallPieces small(RunLabels parts, double most) {
        return SmallPieces.of(parts, map, most, pxPerMm, kept);
    }

    private DrawnGrid drawn(RunLabels ink) {
        return new DrawnGrid(ink, map.width(), map.height(), largePx(), seen.penPx());
    }

    /**
     * What was decided.
     *
     * @param dropped which of all pieces
     * @param largest pixels of the largest that goes
     */
    private record Outcome(BitSet dropped, int inPattern, long largest) {

        Count byScan(double pxPerMm) {
            double largestPx = Math.sqrt(largest * 4 / Math.PI);
            return new Count(largestPx / pxPerMm, dropped.cardinality(), inPattern);
        }
    }

    private Outcome decide(SmallPieces pieces, Judge judge, boolean ink) {
        BitSet dropped = new BitSet();
        int inPattern = 0;
        long largest = 0;
        for (int k = 0; k < pieces.count(); k++) {
            double score = judge.score(k);
            Fate fate = score < 0 ? fate(pieces, k) : Fate.KEPT;
            inPattern += fate == Fate.PATTERN ? 1 : 0;
            if (fate == Fate.DROPPED) {
                dropped.set(pieces.part[k]);
                largest = Math.max(largest, pieces.area[k]);
            }
            boolean decided = fate == Fate.PATTERN || fate == Fate.PROTECTED;
            if (Math.abs(score) < Judge.DOUBT && !decided && !pieces.inPattern[k]) {
                doubtful.add(speck(pieces, k, ink, fate));
            }
        }
        return new Outcome(dropped, inPattern, largest);
    }

    private Speck speck(SmallPieces pieces, int k, boolean ink, Fate fate) {
        double diameterMm = pieces.diameterPx(k) / pxPerMm;
        return new Speck(pieces.x[k], pieces.y[k], diameterMm, ink, fate);
    }

    private static Fate fate(SmallPieces pieces, int k) {
        if (pieces.isProtected[k]) {
            return Fate.PROTECTED;
        }
        return pieces.inPattern[k] ? Fate.PATTERN : Fate.DROPPED;
    }

    private void repaint(RunLabels parts, Outcome outcome, byte value) {
        if (outcome.dropped.isEmpty()) {
            return;
        }
        byte[] coverage = map.coverage();
        parts.forEachRun(
                (y, from, to, part) -> {
                    if (outcome.dropped.get(part)) {
                        int base = y * map.width();
                        Arrays.fill(coverage, base + from, base + to, value);
                    }
                });
    }
}
