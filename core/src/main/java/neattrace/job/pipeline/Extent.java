package neattrace.job.pipeline;

import neattrace.raster.InkMap;

/**
 * How far a drawing's ink reaches, mm on the page.
 *
 * @param left its left edge
 * @param top its upper edge
 * @param right its right edge; the left one if there is no ink
 * @param bottom its lower edge; the upper one if there is no ink
 */
public record Extent(double left, double top, double right, double bottom) {

    /** No ink. */
    static final Extent NOTHING = new Extent(0, 0, 0, 0);

    /**
     * The extent of ink: the box round its pixels, and as much of the pixels beside it as is
     * covered. It follows from the ink alone, however its curves were found. Linear in pixels.
     */
    static Extent of(InkMap ink, double mmPerPx) {
        int[] box = box(ink);
        if (box[3] < box[1]) {
            return NOTHING;
        }
        return new Extent(
                (box[0] - beside(ink, box[0] - 1, box[1], 0, 1, box[3] - box[1])) * mmPerPx,
                (box[1] - beside(ink, box[0], box[1] - 1, 1, 0, box[2] - box[0])) * mmPerPx,
                (box[2] + 1 + beside(ink, box[2] + 1, box[1], 0, 1, box[3] - box[1])) * mmPerPx,
                (box[3] + 1 + beside(ink, box[0], box[3] + 1, 1, 0, box[2] - box[0])) * mmPerPx);
    }

    /** Left, top, right and bottom pixel of ink, looked for from the edges of the sheet inwards. */
    private static int[] box(InkMap ink) {
        int top = 0;
        while (top < ink.height() && first(ink, top, ink.width()) == ink.width()) {
            top++;
        }
        int bottom = ink.height() - 1;
        while (bottom > top && first(ink, bottom, ink.width()) == ink.width()) {
            bottom--;
        }
        int left = ink.width();
        int right = -1;
        for (int y = top; y <= bottom; y++) {
            left = first(ink, y, left);
            right = last(ink, y, right);
        }
        return new int[] {left, top, right, right < 0 ? -1 : bottom};
    }

    /** The first pixel of ink in a row before {@code end}; {@code end} if there is none. */
    private static int first(InkMap ink, int y, int end) {
        int x = 0;
        while (x < end && !ink.isInk(x, y)) {
            x++;
        }
        return x;
    }

    /** The last pixel of ink in a row after {@code end}; {@code end} if there is none. */
    private static int last(InkMap ink, int y, int end) {
        int x = ink.width() - 1;
        while (x > end && !ink.isInk(x, y)) {
            x--;
        }
        return x;
    }

    /** The most that a pixel along one side of the box is covered, as a share of it. */
    private static double beside(InkMap ink, int x0, int y0, int dx, int dy, int steps) {
        int most = 0;
        for (int k = 0; k <= steps; k++) {
            int x = x0 + k * dx;
            int y = y0 + k * dy;
            if (x >= 0 && y >= 0 && x < ink.width() && y < ink.height()) {
                most = Math.max(most, ink.coverage()[y * ink.width() + x] & 0xff);
            }
        }
        return most / 255.0;
    }

    /** Its width, mm; 0 without ink. */
    public double widthMm() {
        return right - left;
    }

    /** Its height, mm; 0 without ink. */
    public double heightMm() {
        return bottom - top;
    }
}
