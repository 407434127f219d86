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
        int width = ink.width();
        int[] box = {width, ink.height(), -1, -1};
        for (int y = 0; y < ink.height(); y++) {
            for (int x = 0; x < width; x++) {
                if (ink.isInk(y * width + x)) {
                    box[0] = Math.min(box[0], x);
                    box[1] = Math.min(box[1], y);
                    box[2] = Math.max(box[2], x);
                    box[3] = y;
                }
            }
        }
        if (box[2] < 0) {
            return NOTHING;
        }
        return new Extent(
                (box[0] - beside(ink, box[0] - 1, box[1], 0, 1, box[3] - box[1])) * mmPerPx,
                (box[1] - beside(ink, box[0], box[1] - 1, 1, 0, box[2] - box[0])) * mmPerPx,
                (box[2] + 1 + beside(ink, box[2] + 1, box[1], 0, 1, box[3] - box[1])) * mmPerPx,
                (box[3] + 1 + beside(ink, box[0], box[3] + 1, 1, 0, box[2] - box[0])) * mmPerPx);
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
