package neattrace.job.change;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.flat.Fill;
import neattrace.flat.rough.RoughColours;
import neattrace.flat.rough.RoughEdges;
import neattrace.flat.rough.RoughJoins;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.Join;
import neattrace.region.area.AreaFinder;
import neattrace.stage.Progress;

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
     * The drawing with the rough's colours. What was decided before stays: swatches keep their ids
     * and new ones are added to them, unseen lines are added to those there are, areas of locked
     * swatches keep theirs, and so do areas on which the rough says nothing.
     *
     * @param pipeline computes the drawing, and knows it afterwards
     * @param lines the traced drawing
     * @param rough same proportion, any size
     * @param onlyOwn whether colours become the nearest of the job's own swatches, of which there
     *     must be one; else the rough's own colours are added to them
     * @param press for the swatches' builds
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Coloured of(
            Pipeline pipeline,
            Traced lines,
            Picture rough,
            boolean onlyOwn,
            PressProfile press,
            Progress progress)
            throws PictureException {
        InkMap ink = lines.ink();
        double mmPerPx = lines.resolution().mmPerPx();
        DistanceTransform side = DistanceTransform.of(ink);
        List<Join> joins = new ArrayList<>(lines.job().close().joins());
        for (Join join : RoughJoins.find(ink, side, rough, mmPerPx, progress.part(0, 0.3))) {
            add(joins, join);
        }
        AreaMap areas =
                AreaFinder.find(
                        ink,
                        lines.job().close().withJoins(joins),
                        lines.resolution().pxPerMm(),
                        progress.part(0.3, 0.5));
        progress.report("Following the rough", 0.5);
        for (Join join : RoughEdges.find(ink, side, areas, rough, mmPerPx)) {
            add(joins, join);
        }
        Job closed = lines.job().withClose(lines.job().close().withJoins(joins));
        Traced same = pipeline.trace(closed, progress.part(0.6, 0.65));
        Drawing bare = pipeline.colour(same, progress.part(0.65, 0.9));
        RoughColours.Result result =
                RoughColours.read(
                        bare.areas(),
                        ink,
                        rough,
                        mmPerPx,
                        closed.swatches(),
                        onlyOwn,
                        closed.freeSwatchId(),
                        press);
        Job coloured =
                closed.withSwatches(result.swatches()).withFills(fills(bare, result.fills()));
        return new Coloured(pipeline.run(coloured, progress.part(0.9, 1)), result.clearShare());
    }

    private static void add(List<Join> joins, Join join) {
        if (!joins.contains(join)) {
            joins.add(join);
        }
    }

    /** Old fills, less those of areas that take a new one; areas of locked swatches take none. */
    private static List<Fill> fills(Drawing bare, List<Fill> rough) {
        Set<Integer> locked = new HashSet<>();
        for (Area area : bare.areas().areas()) {
            if (Colouring.isLocked(bare.job(), bare, area)) {
                locked.add(area.label());
            }
        }
        List<Fill> taken = new ArrayList<>();
        Set<Integer> coloured = new HashSet<>();
        for (Fill fill : rough) {
            Optional<Area> area = bare.areaAt(fill.anchor());
            if (area.filter(one -> !locked.contains(one.label())).isPresent()) {
                taken.add(fill);
                coloured.add(area.get().label());
            }
        }
        List<Fill> fills = new ArrayList<>(bare.fillsBut(bare.job().fills(), coloured));
        fills.addAll(taken);
        return fills;
    }
}
