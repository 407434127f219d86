package neattrace.sheet.sweep;

import java.util.List;
import neattrace.sheet.threshold.EdgeLevels;
import neattrace.sheet.threshold.ToneMap;

/**
 * Which changes concern the drawing. Half way from paper to ink is right about everything that the
 * blur has not taken; so what happens there is believed, unless the place itself shows a line that
 * is paler than its neighbours, or a slit that is darker, than blur alone would have made it.
 */
public final class DrawingChanges {

    /** How much more a neck must show than what blur explains, 255ths. */
    private static final int BEYOND_BLUR = 20;

    /** Texture of ink and stains of paper reach so many standard deviations. */
    private static final double BEYOND_TEXTURE = 5;

    /** How far from a neck what it joins is looked for, px. */
    private static final int REACH = 12;

    /** A line that would be lost is so many times as long as wide. */
    private static final double LONG = 3.5;

    private static final int LEAST_LONG_PX = 9;

    /** And longer than lines are wide: specks of dust side by side are not. */
    private static final double LONG_LINE = 1.5;

    /** Full width at half of its height of a bell curve, in standard deviations. */
    private static final double BLURRED = 2.355;

    private DrawingChanges() {}

    /**
     * Leaves out what the drawing does not ask for.
     *
     * @param edges where half way is, and the blur
     */
    public static List<Change> of(ThresholdSweep sweep, ToneMap tone, EdgeLevels edges) {
        FaintPiece pieces = new FaintPiece(tone);
        int half = (int) Math.rint(edges.half());
        return sweep.changes().stream()
                .filter(
                        change ->
                                !sweep.isProblem(change, half)
                                        || isDrawn(change, tone, edges, half, pieces))
                .toList();
    }

    private static boolean isDrawn(
            Change change, ToneMap tone, EdgeLevels edges, int half, FaintPiece pieces) {
        boolean ink = change.losesInk();
        double shown = ink ? change.level() : 255 - change.level();
        double usual = ink ? edges.paperSpread() : edges.inkSpread();
        if (shown < BEYOND_BLUR + BEYOND_TEXTURE * usual) {
            return false;
        }
        switch (change.kind()) {
            case PART_LOST -> {
                int least = (int) Math.max(LEAST_LONG_PX, LONG_LINE * edges.penPx());
                return pieces.isLong(change, true, LONG, least, Integer.MAX_VALUE);
            }
            case HOLE_OPENS -> {
                // Paper that is dark because it is fine; what is wide and dark is pale ink.
                double fine = BLURRED * edges.blurPx() + 1;
                return pieces.isLong(change, false, LONG, LEAST_LONG_PX, fine);
            }
            default -> {
                double toEdge = toOther(tone, change, half, ink);
                return toEdge < REACH && shown > edges.across(toEdge) * 1.25 + BEYOND_BLUR;
            }
        }
    }

    /** From a neck to the nearest pixel that is sure to be what it joins, px. */
    private static double toOther(ToneMap tone, Change change, int half, boolean ink) {
        double nearest = REACH;
        for (int dy = -REACH; dy <= REACH; dy++) {
            for (int dx = -REACH; dx <= REACH; dx++) {
                int x = change.x() + dx;
                int y = change.y() + dy;
                boolean there = x >= 0 && y >= 0 && x < tone.width() && y < tone.height();
                if (there && tone.at(x, y) >= half == ink) {
                    nearest = Math.min(nearest, Math.hypot(dx, dy) - 0.5);
                }
            }
        }
        return Math.max(0, nearest);
    }
}
