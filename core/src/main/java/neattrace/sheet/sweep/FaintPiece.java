package neattrace.sheet.sweep;

import java.util.HashSet;
import java.util.Set;
import neattrace.array.IntList;
import neattrace.sheet.threshold.ToneMap;

/** Looks at pieces of ink too faint to be there half way, and at holes too dark. */
final class FaintPiece {

    /** So much fainter than at its darkest a piece is still followed. */
    private static final double EXTENT = 0.7;

    /** More pixels than this are no small piece. */
    private static final int MANY = 4000;

    private static final int[] DX = {1, 1, 0, -1, -1, -1, 0, 1};
    private static final int[] DY = {0, 1, 1, 1, 0, -1, -1, -1};

    private final ToneMap tone;

    FaintPiece(ToneMap tone) {
        this.tone = tone;
    }

    /**
     * Whether a piece is a line: long, and of an even width.
     *
     * @param ink whether it is ink, else paper in ink
     * @param times how many times as long as wide
     * @param least how long at least, px
     * @param most how wide at most, px
     */
    boolean isLong(Change change, boolean ink, double times, int least, double most) {
        int peak = ink ? change.level() : 255 - change.level();
        int limit = (int) (peak * EXTENT);
        IntList open = new IntList();
        Set<Integer> seen = new HashSet<>();
        int start = change.y() * tone.width() + change.x();
        open.add(start);
        seen.add(start);
        int left = change.x();
        int right = change.x();
        int top = change.y();
        int bottom = change.y();
        for (int k = 0; k < open.size(); k++) {
            if (open.size() > MANY) {
                return false;
            }
            int x = open.get(k) % tone.width();
            int y = open.get(k) / tone.width();
            left = Math.min(left, x);
            right = Math.max(right, x);
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
            for (int side = 0; side < 8; side++) {
                int xx = x + DX[side];
                int yy = y + DY[side];
                boolean there = xx >= 0 && yy >= 0 && xx < tone.width() && yy < tone.height();
                if (there && shown(xx, yy, ink) >= limit && seen.add(yy * tone.width() + xx)) {
                    open.add(yy * tone.width() + xx);
                }
            }
        }
        double length = Math.hypot(right - left + 1, bottom - top + 1);
        double across = open.size() / length;
        return length >= least && length >= times * across && across <= most;
    }

    private int shown(int x, int y, boolean ink) {
        return ink ? tone.at(x, y) : 255 - tone.at(x, y);
    }
}
