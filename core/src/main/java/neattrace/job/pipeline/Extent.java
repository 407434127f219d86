package neattrace.job.pipeline;

import java.util.List;
import neattrace.geom.Outline;

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

    /** The extent of outlines in mm, by their control points, which enclose them. */
    static Extent of(List<Outline> lines) {
        if (lines.isEmpty()) {
            return NOTHING;
        }
        double left = Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (Outline line : lines) {
            double[] box = line.outer().bounds();
            left = Math.min(left, box[0]);
            top = Math.min(top, box[1]);
            right = Math.max(right, box[2]);
            bottom = Math.max(bottom, box[3]);
        }
        return new Extent(left, top, right, bottom);
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
