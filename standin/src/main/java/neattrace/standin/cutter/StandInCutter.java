package neattrace.standin.cutter;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.geom.Point;

/** Cuts on the screen: where the tip of the knife runs, how long it takes, how far it travels. */
public final class StandInCutter {

    /** The knife is followed in steps of so much, mm. */
    private static final double STEP_MM = 0.05;

    /** Where the pivot turns by more within a knife's offset, the tip drags the vinyl along. */
    private static final double LIFTS = Math.toRadians(70);

    private StandInCutter() {}

    /**
     * What came of a run.
     *
     * @param tips where the tip ran, cut by cut
     * @param lifting places where a corner may lift, because the knife turns on the spot
     * @param seconds it took
     * @param travelMm the way with the blade up, back to the corner included
     * @param badOrder what is cut before what it should come after, in words
     */
    public record Run(
            List<CutPath> tips,
            List<Point> lifting,
            double seconds,
            double travelMm,
            List<String> badOrder) {

        public Run {
            tips = List.copyOf(tips);
            lifting = List.copyOf(lifting);
            badOrder = List.copyOf(badOrder);
        }

        /** How long it took, in a plain sentence. */
        public String took() {
            return String.format(
                    Locale.ROOT,
                    "It takes %.0f s, %.0f mm of the way with the blade up.",
                    seconds,
                    travelMm);
        }

        /** What is wrong with the lines themselves, in plain sentences. */
        public List<String> faults() {
            List<String> told = new ArrayList<>();
            int n = lifting.size();
            if (n > 0) {
                told.add(
                        n
                                + (n == 1 ? " corner is" : " corners are")
                                + " so sharp that vinyl may lift.");
            }
            told.addAll(badOrder);
            return told;
        }
    }

    /** Runs along all cuts of a file, from the corner of the sheet at (0, height). */
    public static Run run(List<CutPath> cuts, double heightMm, CutterSettings settings) {
        List<CutPath> tips = new ArrayList<>();
        List<Point> lifting = new ArrayList<>();
        Point home = new Point(0, heightMm);
        Point at = home;
        double travel = 0;
        double seconds = 0;
        for (CutPath cut : cuts) {
            travel += at.distance(cut.start());
            List<Point> run = overcut(cut, settings.overcutMm());
            tips.add(new CutPath(cut.through(), tip(run, settings)));
            // Where the backing is cut as well, the vinyl turns with it.
            if (!cut.through()) {
                lifting(cut, settings.bladeOffsetMm(), lifting);
            }
            seconds += new CutPath(false, run).lengthMm() / settings.speedMmPerS();
            seconds += 2 * settings.liftSeconds();
            at = run.get(run.size() - 1);
        }
        travel += at.distance(home);
        seconds += travel / settings.travelMmPerS();
        return new Run(tips, lifting, seconds, travel, CutSequence.faults(cuts));
    }

    private static List<Point> overcut(CutPath cut, double mm) {
        List<Point> run = new ArrayList<>(cut.points());
        if (!cut.isClosed()) {
            return run;
        }
        double left = mm;
        for (int i = 1; i < cut.points().size() && left > 0; i++) {
            Point from = run.get(run.size() - 1);
            Point to = cut.points().get(i);
            double way = from.distance(to);
            run.add(way <= left ? to : from.plus(to.minus(from).times(left / way)));
            left -= way;
        }
        return run;
    }

    /** The tip trails behind the pivot: it moves towards it as far as the offset allows. */
    private static List<Point> tip(List<Point> pivot, CutterSettings settings) {
        double offset = settings.bladeOffsetMm();
        if (offset == 0) {
            return pivot;
        }
        Point first = pivot.get(1).minus(pivot.get(0)).unit();
        // A cutter begins with the knife lying along the cut, its tip on the line.
        Point tip = pivot.get(0);
        List<Point> tips = new ArrayList<>();
        tips.add(tip);
        for (int i = 0; i + 1 < pivot.size(); i++) {
            Point from = pivot.get(i);
            Point to = pivot.get(i + 1);
            double way = from.distance(to);
            int steps = (int) Math.max(1, Math.ceil(way / STEP_MM));
            Point ahead = way == 0 ? first : to.minus(from).unit();
            for (int k = 1; k <= steps; k++) {
                // Cutters lead the pivot by the offset, so that on straight lines the tip is right.
                Point lead =
                        from.plus(to.minus(from).times((double) k / steps))
                                .plus(ahead.times(settings.reckonedMm()));
                double far = lead.distance(tip);
                if (far > offset) {
                    tip = lead.plus(tip.minus(lead).times(offset / far));
                }
                tips.add(tip);
            }
            first = ahead;
        }
        return tips;
    }

    private static void lifting(CutPath cut, double offset, List<Point> lifting) {
        List<Point> points = cut.points();
        int n = points.size();
        for (int i = 1; i + 1 < n; i++) {
            double turn = 0;
            double way = 0;
            for (int k = i; k + 1 < n && way <= 2 * offset; k++) {
                Point in = points.get(k).minus(points.get(k - 1));
                Point out = points.get(k + 1).minus(points.get(k));
                turn += Math.atan2(in.cross(out), in.dot(out));
                way += out.length();
            }
            if (Math.abs(turn) > LIFTS) {
                boolean known =
                        !lifting.isEmpty()
                                && lifting.get(lifting.size() - 1).distance(points.get(i)) < 1;
                if (!known) {
                    lifting.add(points.get(i));
                }
            }
        }
    }
}
