package neattrace.trace.centre;

import neattrace.geom.Point;
import neattrace.raster.InkMap;

/** Brings a line's free end to where its ink ends, so that a round pen of its width just fits. */
final class Tips {

    private static final double STEP = 0.25;

    /** A skeleton that runs into the corner of a blunt end thins out like this. */
    private static final double THINS_OUT = 0.6;

    private Tips() {}

    static void settle(Strand strand, boolean atStart, InkMap map) {
        dropCorner(strand, atStart);
        int end = atStart ? strand.firstKnown() : strand.lastKnown();
        if (end < 0) {
            return;
        }
        strand.keep(atStart ? end : 0, atStart ? strand.size() - 1 : end);
        Probe probe = new Probe(map);
        Point out = strand.outward(atStart);
        if (out.length() == 0) {
            return;
        }
        Point from = strand.at(atStart ? 0 : strand.size() - 1);
        double wide = strand.width[atStart ? 0 : strand.size() - 1];
        double most = 2 * wide + 6;
        double tip = 0;
        while (tip < most && inkAt(probe, from, out, tip + STEP)) {
            tip += STEP;
        }
        tip += past(probe, from, out, tip);
        reach(strand, atStart, probe, from, out, tip);
    }

    /** Takes the end off that leads from the middle of a blunt end into one of its corners. */
    private static void dropCorner(Strand strand, boolean atStart) {
        int n = strand.size();
        int end = atStart ? 0 : n - 1;
        int step = atStart ? 1 : -1;
        double wide = strand.rough[end];
        int inner = end;
        int most = (int) Math.min(n / 3.0, 3 * strand.rough[n / 2] + 3);
        for (int k = 0; k < most; k++) {
            inner += step;
            wide = Math.max(wide, strand.rough[inner]);
            double way = strand.at(inner).distance(strand.at(end));
            if (way >= 1.5 * wide) {
                break;
            }
        }
        boolean corner = strand.rough[end] < THINS_OUT * wide && Math.abs(inner - end) < most;
        if (!corner || wide < 1.5) {
            return;
        }
        int cut = end;
        while (strand.at(cut).distance(strand.at(end)) < wide && cut != inner) {
            cut += step;
        }
        strand.keep(atStart ? cut : 0, atStart ? n - 1 : cut);
    }

    private static boolean inkAt(Probe probe, Point from, Point out, double way) {
        return probe.coverage(from.x() + out.x() * way, from.y() + out.y() * way) > InkMap.EDGE;
    }

    /** How much farther than a place within the ink the edge lies. */
    private static double past(Probe probe, Point from, Point out, double way) {
        double in = probe.coverage(from.x() + out.x() * way, from.y() + out.y() * way);
        double next = way + STEP;
        double beyond = probe.coverage(from.x() + out.x() * next, from.y() + out.y() * next);
        double edge = InkMap.EDGE;
        return in <= edge || in <= beyond ? 0 : STEP * (in - edge) / (in - beyond);
    }

    /** Adds or takes away samples until the last one's half width reaches the tip. */
    private static void reach(
            Strand strand, boolean atStart, Probe probe, Point from, Point out, double tip) {
        double nx = -out.y();
        double ny = out.x();
        double wide = strand.width[atStart ? 0 : strand.size() - 1];
        for (double way = 0.5; way + wide / 2 < tip; way += 0.5) {
            Point place = from.plus(out.times(way));
            boolean seen = probe.look(place.x(), place.y(), nx, ny, wide + 4);
            wide = seen ? Math.min(wide + 0.2, probe.across) : wide;
            strand.add(atStart, place, wide);
        }
        while (strand.size() > 2) {
            int end = atStart ? 0 : strand.size() - 1;
            double over = strand.at(end).minus(from).dot(out) + strand.width[end] / 2 - tip;
            if (over < 0.5) {
                break;
            }
            strand.keep(atStart ? 1 : 0, atStart ? strand.size() - 1 : strand.size() - 2);
        }
    }
}
