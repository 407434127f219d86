package neattrace.job.pipeline;

import java.awt.Rectangle;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.LineNet;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import neattrace.trace.centre.CentrelineFinder;
import neattrace.trace.edit.InkEdit;
import neattrace.trace.edit.InkEditor;
import neattrace.trace.point.OutlineCover;
import neattrace.trace.point.PointEditor;
import neattrace.trace.weight.LineWeight;

/**
 * The lines of a job from its ink on: edits, weight, outlines, points.
 *
 * @param edited the sheet's ink with edits on it
 * @param base its lines, on which further edits are made
 * @param weighed the same with the lines' weight changed
 * @param tracing its outlines, sheet px
 * @param ink the ink as it is after points were changed
 * @param net its lines
 * @param lines its outlines, mm
 * @param adriftEdits edits that found no ink where they were made
 * @param adriftPoints changed points that are no longer there
 */
public record LineWork(
        InkMap edited,
        Lazy<LineNet> base,
        InkMap weighed,
        Tracing tracing,
        InkMap ink,
        Lazy<LineNet> net,
        List<Outline> lines,
        List<InkEdit> adriftEdits,
        List<PointEdit> adriftPoints) {

    /** A point may have moved so far since it was changed, px. */
    private static final double POINT_REACH_PX = 2;

    /**
     * Computes it.
     *
     * @param before earlier work on the same ink reading, or null
     * @param oldJob the job of that work
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    static LineWork of(
            Job job,
            InkReading reading,
            Resolution resolution,
            LineWork before,
            Job oldJob,
            Progress progress) {
        LineRecipe recipe = job.line();
        LineRecipe old = oldJob == null ? null : oldJob.line();
        boolean sameEdits = before != null && old.edits().equals(recipe.edits());
        InkEditor.Edited edits =
                sameEdits
                        ? new InkEditor.Edited(before.edited, before.adriftEdits)
                        : InkEditor.apply(
                                reading.map(),
                                recipe.edits(),
                                resolution.pxPerMm(),
                                reading.oneBit());
        InkMap edited = edits.map();
        Lazy<LineNet> base = sameEdits ? before.base : lines(edited);
        boolean outside = recipe.weight().outsideMm() > 0;
        boolean sameOutside = !outside || before != null && oldJob.close().equals(job.close());
        boolean sameWeight = sameEdits && sameOutside && old.weight().equals(recipe.weight());
        InkMap weighed =
                sameWeight
                        ? before.weighed
                        : LineWeight.apply(
                                edited,
                                base::get,
                                recipe.weight(),
                                outside
                                        ? ClosingWidth.of(
                                                edited,
                                                job.close(),
                                                resolution.pxPerMm(),
                                                Progress.SILENT)
                                        : 0,
                                resolution.pxPerMm(),
                                reading.oneBit(),
                                progress.part(0, 0.3));
        Tracing tracing = trace(recipe, reading, weighed, before, old, progress.part(0.3, 1));
        boolean samePoints =
                before != null && tracing == before.tracing && old.points().equals(recipe.points());
        if (samePoints) {
            return new LineWork(
                    edited,
                    base,
                    weighed,
                    tracing,
                    before.ink,
                    before.net,
                    before.lines,
                    edits.adrift(),
                    before.adriftPoints);
        }
        List<Outline> traced =
                tracing.outlines().stream()
                        .map(outline -> outline.scaled(resolution.mmPerPx()))
                        .toList();
        PointEditor.Edited points =
                PointEditor.apply(traced, recipe.points(), POINT_REACH_PX * resolution.mmPerPx());
        InkMap ink = withPoints(weighed, points, resolution.pxPerMm());
        Lazy<LineNet> net = ink == edited ? base : lines(ink);
        return new LineWork(
                edited,
                base,
                weighed,
                tracing,
                ink,
                net,
                points.outlines(),
                edits.adrift(),
                points.adrift());
    }

    private static Lazy<LineNet> lines(InkMap map) {
        return new Lazy<>(() -> CentrelineFinder.find(map, Progress.SILENT));
    }

    private static Tracing trace(
            LineRecipe recipe,
            InkReading reading,
            InkMap weighed,
            LineWork before,
            LineRecipe old,
            Progress progress) {
        boolean oneBit = reading.oneBit() && recipe.weight().isAsDrawn();
        TraceSettings settings = new TraceSettings(recipe.maxErrorPx(), oneBit);
        boolean sameSettings =
                before != null
                        && old.maxErrorPx() == recipe.maxErrorPx()
                        && old.weight().isAsDrawn() == recipe.weight().isAsDrawn();
        if (sameSettings && weighed == before.weighed) {
            return before.tracing;
        }
        return sameSettings
                ? Tracer.retrace(weighed, settings, before.weighed, before.tracing, progress)
                : Tracer.trace(weighed, settings, progress);
    }

    /** The ink with the insides of changed loops painted anew. */
    private static InkMap withPoints(InkMap map, PointEditor.Edited points, double pxPerMm) {
        if (points.changed().isEmpty()) {
            return map;
        }
        byte[] coverage = map.coverage().clone();
        for (CubicLoop loop : points.changed()) {
            double[] box = loop.scaled(pxPerMm).bounds();
            Rectangle px =
                    new Rectangle(
                                    (int) Math.floor(box[0]) - 2,
                                    (int) Math.floor(box[1]) - 2,
                                    (int) Math.ceil(box[2] - box[0]) + 5,
                                    (int) Math.ceil(box[3] - box[1]) + 5)
                            .intersection(new Rectangle(map.width(), map.height()));
            OutlineCover.paint(points.outlines(), pxPerMm, px, map.width(), coverage);
        }
        return new InkMap(map.width(), map.height(), coverage);
    }
}
