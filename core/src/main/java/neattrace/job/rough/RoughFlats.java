package neattrace.job.rough;

import java.util.ArrayList;
import java.util.List;
import neattrace.flat.Swatch;
import neattrace.flat.edge.RoughEdges;
import neattrace.flat.rough.RoughColours;
import neattrace.flat.rough.RoughJoins;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.profile.PressProfile;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.distance.OtherSide;
import neattrace.raster.reading.PictureException;
import neattrace.region.AreaMap;
import neattrace.region.Join;
import neattrace.region.area.AreaFinder;

/** Colours a drawing as a rough shows. */
public final class RoughFlats {

    private RoughFlats() {}

    /** Less paper than this under one clear colour for each area: another drawing's rough. */
    public static final double FITS_BADLY = 0.6;

    /**
     * A drawing coloured from a rough.
     *
     * @param drawing its job holds joins, swatches and fills
     * @param clearShare how much of the areas' paper lies under their usual colour, 0 to 1
     */
    public record Coloured(Drawing drawing, double clearShare) {

        /** Whether the rough seems to have been made for another drawing. */
        public boolean fitsBadly() {
            return clearShare < FITS_BADLY;
        }
    }

    /**
     * The drawing with the rough's colours.
     *
     * @param lines the traced drawing
     * @param rough same proportion, any size
     * @param palette the swatches that may be used; empty for swatches as the rough has them
     * @param press for the swatches' builds
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Coloured of(
            Traced lines,
            Picture rough,
            List<Swatch> palette,
            PressProfile press,
            Progress progress)
            throws PictureException {
        InkMap ink = lines.ink();
        double mmPerPx = lines.resolution().mmPerPx();
        OtherSide side = OtherSide.of(ink);
        List<Join> joins =
                new ArrayList<>(RoughJoins.find(ink, side, rough, mmPerPx, progress.part(0, 0.3)));
        AreaMap areas =
                AreaFinder.find(
                        ink,
                        lines.job().close().withJoins(joins),
                        lines.resolution().pxPerMm(),
                        progress.part(0.3, 0.5));
        progress.report("Following the rough", 0.5);
        joins.addAll(RoughEdges.find(ink, side, areas, rough, mmPerPx));
        Job closed = lines.job().withClose(lines.job().close().withJoins(joins));
        Traced same = Pipeline.trace(closed, lines, progress.part(0.6, 0.65));
        Drawing bare = Pipeline.colour(same, null, progress.part(0.65, 0.9));
        RoughColours.Result result =
                RoughColours.read(bare.areas(), ink, rough, mmPerPx, palette, press);
        Job coloured = closed.withSwatches(result.swatches()).withFills(result.fills());
        return new Coloured(
                Pipeline.run(coloured, bare, progress.part(0.9, 1)), result.clearShare());
    }
}
