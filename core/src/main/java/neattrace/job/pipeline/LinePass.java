package neattrace.job.pipeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neattrace.flat.LineLayer;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureException;
import neattrace.region.CloseSettings;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import neattrace.trace.InkEditor;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracing;

/** From a job to its lines. */
final class LinePass {

    private final Outcomes outcomes;

    LinePass(Outcomes outcomes) {
        this.outcomes = outcomes;
    }

    Traced run(Job job, Progress progress) throws PictureException {
        Traced sheet = sheet(job, progress.part(0, 0.4));
        Picture picture = sheet.picture();
        Resolution scan = sheet.scan();
        InkReading reading = sheet.reading();
        LineWork work =
                work(job, reading, Traced.resolution(scan, reading), progress.part(0.4, 0.9));
        return coloured(
                new Traced(job, picture, scan, reading, work, List.of(), List.of()),
                progress.part(0.9, 1));
    }

    /** The same lines with other widths. */
    Traced widened(Traced traced, double widths, Progress progress) throws PictureException {
        LineWork before = traced.work();
        boolean oneBit = isOneBit(traced.job(), traced.reading());
        InkMap ink =
                outcomes.read(
                        LineStages.WIDENED,
                        new LineStages.Widening(Same.of(before.ink()), widths, oneBit),
                        progress.part(0, 0.4));
        Tracing tracing =
                outcomes.read(
                        LineStages.WIDE_TRACED,
                        new LineStages.Inked(
                                Same.of(traced.reading().map()),
                                Same.of(ink),
                                new TraceSettings(traced.job().line().maxErrorPx(), false)),
                        progress.part(0.4, 0.9));
        double mmPerPx = traced.resolution().mmPerPx();
        LineWork work =
                new LineWork(
                        before.edited(),
                        before.weighed(),
                        tracing,
                        ink,
                        tracing.outlines().stream().map(one -> one.scaled(mmPerPx)).toList(),
                        Extent.of(ink, mmPerPx),
                        before.adriftEdits(),
                        before.adriftPoints());
        return coloured(
                new Traced(
                        traced.job(),
                        traced.picture(),
                        traced.scan(),
                        traced.reading(),
                        work,
                        List.of(),
                        List.of()),
                progress.part(0.9, 1));
    }

    private static boolean isOneBit(Job job, InkReading reading) {
        return reading.oneBit() && job.line().weight().isAsDrawn();
    }

    /** Lines in their colours. */
    private Traced coloured(Traced traced, Progress progress) throws PictureException {
        Job job = traced.job();
        List<LineLayer> coloured = new ArrayList<>();
        List<Outline> black = new ArrayList<>();
        colours(job, traced.work(), traced.resolution(), progress)
                .forEach(
                        (id, outlines) ->
                                job.swatch(id)
                                        .ifPresentOrElse(
                                                swatch ->
                                                        coloured.add(
                                                                new LineLayer(swatch, outlines)),
                                                () -> black.addAll(outlines)));
        return new Traced(
                job,
                traced.picture(),
                traced.scan(),
                traced.reading(),
                traced.work(),
                black,
                coloured);
    }

    /** The same as far as the ink: nothing is traced. */
    Traced sheet(Job job, Progress progress) throws PictureException {
        progress.report("Reading the picture", 0);
        Picture picture = outcomes.read(SheetStages.PICTURE, job.source(), progress.part(0, 0.25));
        Resolution scan = job.ppi() == 0 ? picture.resolution() : new Resolution(job.ppi(), true);
        InkReading reading =
                outcomes.read(
                        SheetStages.READING,
                        new SheetStages.Scan(Same.of(picture), job.recipe(), scan.pxPerMm()),
                        progress.part(0.25, 1));
        InkMap ink = reading.map();
        Tracing nothing =
                new Tracing(List.of(), 0, List.of(), job.line().maxErrorPx(), List.of(), 0);
        LineWork work =
                new LineWork(
                        ink, ink, nothing, ink, List.of(), Extent.NOTHING, List.of(), List.of());
        return new Traced(job, picture, scan, reading, work, List.of(), List.of());
    }

    private LineWork work(Job job, InkReading reading, Resolution resolution, Progress progress)
            throws PictureException {
        LineRecipe recipe = job.line();
        double pxPerMm = resolution.pxPerMm();
        Same<InkMap> sheet = Same.of(reading.map());
        InkEditor.Edited edited =
                outcomes.read(
                        LineStages.EDITED,
                        new LineStages.Edits(sheet, recipe.edits(), pxPerMm, reading.oneBit()),
                        progress.part(0, 0.1));
        InkMap weighed =
                outcomes.read(
                        LineStages.WEIGHED,
                        new LineStages.Weighing(
                                Same.of(edited.map()),
                                recipe.weight(),
                                closeIf(recipe.weight().outsideMm() > 0, job),
                                pxPerMm,
                                reading.oneBit()),
                        progress.part(0.1, 0.3));
        boolean oneBit = isOneBit(job, reading);
        Tracing tracing =
                outcomes.read(
                        LineStages.TRACED,
                        new LineStages.Inked(
                                sheet,
                                Same.of(weighed),
                                new TraceSettings(recipe.maxErrorPx(), oneBit)),
                        progress.part(0.3, 0.95));
        LineStages.Pointed pointed =
                outcomes.read(
                        LineStages.POINTED,
                        new LineStages.Points(
                                Same.of(tracing),
                                Same.of(weighed),
                                recipe.points(),
                                resolution.ppi()),
                        progress.part(0.95, 1));
        Extent extent =
                outcomes.read(
                        LineStages.EXTENT,
                        new LineStages.Measured(Same.of(pointed.ink()), pxPerMm),
                        Progress.SILENT);
        return new LineWork(
                edited.map(),
                weighed,
                tracing,
                pointed.ink(),
                pointed.outlines(),
                extent,
                edited.adrift(),
                pointed.adrift());
    }

    /** Outlines in mm by swatch, 0 for black. */
    private Map<Integer, List<Outline>> colours(
            Job job, LineWork work, Resolution resolution, Progress progress)
            throws PictureException {
        LineColour colour = job.line().colour();
        boolean known = colour.swatch() == 0 || job.swatch(colour.swatch()).isPresent();
        if (colour.isBlack() || !known) {
            return Map.of(0, work.lines());
        }
        if (colour.held().isEmpty() && !colour.borderBlack()) {
            return Map.of(colour.swatch(), work.lines());
        }
        return outcomes.read(
                LineStages.COLOURED,
                new LineStages.Colours(
                        Same.of(work.ink()),
                        colour,
                        closeIf(colour.borderBlack(), job),
                        resolution.ppi(),
                        job.line().maxErrorPx()),
                progress);
    }

    static Optional<CloseSettings> closeIf(boolean matters, Job job) {
        return matters ? Optional.of(AreaStages.parting(job)) : Optional.empty();
    }
}
