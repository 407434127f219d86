package neattrace.sheet.sweep;

import neattrace.sheet.SheetShape;

/**
 * A part of the sheet that wants another threshold than the rest.
 *
 * @param x left edge, sheet px
 * @param y upper edge, sheet px
 * @param width sheet px
 * @param height sheet px
 * @param shape the same place in px of the source, ready for a patch
 * @param inkPercent the threshold that is calm there
 * @param lighter whether lighter ink counts there: lines are lost or broken as it is; else paper
 *     between lines is plugged
 * @param now places lost, broken, plugged or filled as it is
 * @param then how many of them remain with the other threshold, and new ones
 */
public record LocalAdvice(
        int x,
        int y,
        int width,
        int height,
        SheetShape shape,
        double inkPercent,
        boolean lighter,
        int now,
        int then) {}
