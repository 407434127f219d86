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

    /** Dust on a noisy scan has fewer pixels than this at any resolution. */
    private static final int DUST_PX = 5;

    /** Dust that lies by itself may be somewhat larger. */
    private static final int LONE_DUST_PX = 7;

    /** Pale dust may be larger still. */
    private static final int PALE_DUST_PX = 14;

    /** Even a small dot of a pen is darker than this in its middle, of 255. */
    private static final int PALE = 170;

    private SpeckDropper() {}

    /**
     * Drops what is too small, in place.
     *
     * @param map changed: dropped ink becomes paper, dropped holes become ink
     * @param limitMm diameter of a dot whose area a piece must have to stay, mm
     * @param noisy whether the scan has grain and its dust is to be told by the number of its
     *     pixels and by its paleness as well; holes are not, since dust is dark
     * @param kept protected pixels, by row times width plus column
     */
    public static SpeckReport drop(
            InkMap map, double limitMm, boolean noisy, double pxPerMm, BitSet kept) {
        double limit = Math.PI / 4 * Math.pow(limitMm * pxPerMm, 2);
        double inkLimit = noisy ? Math.max(DUST_PX, limit) : limit;
        if (inkLimit <= 0) {
            return SpeckReport.NONE;
        }
        double looked = Math.max(noisy ? PALE_DUST_PX : 0, inkLimit * DOUBT_TO * DOUBT_TO);
        RunLabels ink = RunLabels.of(map, true, true);
        SmallPieces dots = SmallPieces.of(ink, map, looked, pxPerMm, kept);
        List<Speck> doubtful = new ArrayList<>();
        Outcome dust = sort(dots, inkLimit, noisy, pxPerMm, true, doubtful);
        repaint(map, ink, dust.dropped(), (byte) 0);
        RunLabels paper = RunLabels.of(map, false, false);
        SmallPieces holes = SmallPieces.of(paper, map, limit * DOUBT_TO * DOUBT_TO, pxPerMm, kept);
        Outcome pinholes = sort(holes, limit, false, pxPerMm, false, doubtful);
        repaint(map, paper, pinholes.dropped(), (byte) 255);
        doubtful.sort(Comparator.comparingDouble(Speck::diameterMm).reversed());
        return new SpeckReport(
                Math.sqrt(inkLimit * 4 / Math.PI) / pxPerMm,
                dust.dropped().cardinality() + pinholes.dropped().cardinality(),
                dust.inPattern() + pinholes.inPattern(),
                doubtful.subList(0, Math.min(SpeckReport.MOST, doubtful.size())));
    }

    private record Outcome(BitSet dropped, int inPattern) {}

    private static Outcome sort(
            SmallPieces pieces,
            double limit,
            boolean noisy,
            double pxPerMm,
            boolean ink,
            List<Speck> doubtful) {
        BitSet dropped = new BitSet();
        int inPattern = 0;
        for (int k = 0; k < pieces.count(); k++) {
            boolean small = pieces.area[k] < limit || noisy && isDust(pieces, k);
            Fate fate = small ? fate(pieces, k) : Fate.KEPT;
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
        return new Outcome(dropped, inPattern);
    }

    private static Fate fate(SmallPieces pieces, int k) {
        if (pieces.isProtected[k]) {
            return Fate.PROTECTED;
        }
        return pieces.inPattern[k] ? Fate.PATTERN : Fate.DROPPED;
    }

    private static boolean isDust(SmallPieces pieces, int k) {
        return pieces.area[k] < PALE_DUST_PX && pieces.darkest[k] < PALE
                || pieces.area[k] < LONE_DUST_PX && pieces.isAlone(k);
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
