package neattrace.job.pipeline;

import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;

/** Up to which width gaps count as closed while lines are worked on, before there are areas. */
final class ClosingWidth {

    private ClosingWidth() {}

    /**
     * The width in use, mm.
     *
     * @param ink of which it is found if it is left to the drawing
     */
    static double of(InkMap ink, CloseSettings close, double pxPerMm, Progress progress) {
        return close.isAutomatic()
                ? AreaFinder.tree(ink, close, pxPerMm, progress).calmMm()
                : close.gapMm();
    }
}
