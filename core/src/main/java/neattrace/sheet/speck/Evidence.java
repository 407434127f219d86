package neattrace.sheet.speck;

import neattrace.sheet.threshold.EdgeLevels;
import neattrace.sheet.threshold.ToneMap;

/**
 * What a scan shows of its dust.
 *
 * @param tone what black and white were decided from
 * @param edges what the drawing's edges have in common
 * @param grain what the picture is like apart from the drawing
 */
public record Evidence(ToneMap tone, EdgeLevels edges, Grain grain) {

    /** Where nothing but solid shapes is drawn these are no measure; dust is hardly ever larger. */
    private static final double WIDEST_PEN_PX = 24;

    private static final double WIDEST_STROKE_PX = 64;

    /** What a picture is like apart from the drawing. */
    public enum Grain {
        /** A scan or a photo of paper. */
        PAPER,
        /** Black and white: grain, if there was any, can no longer be seen. */
        UNKNOWN,
        /** No grain at all: nothing goes unless specks finer than the lines lie strewn about. */
        NONE
    }

    /** How wide its strokes are, px, solid shapes not taken for strokes. */
    double strokePx() {
        return Math.min(WIDEST_STROKE_PX, edges.penPx());
    }

    /** How wide the drawing's lines are, px. */
    double penPx() {
        return Math.min(WIDEST_PEN_PX, edges.penPx());
    }
}
