package neattrace.job.pipeline;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.form.FormBuilder;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureException;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.tree.AreaTree;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import neattrace.stage.Stages;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import neattrace.trace.TraceSettings;
import neattrace.trace.Tracing;
import neattrace.trace.edit.InkEditor;
import neattrace.trace.stroke.StrokeArt;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * Runs the stages from a job to its drawing. What earlier jobs came to is taken over where nothing
 * that a stage reads is different, so a change costs what it changes. Safe for use by many threads.
 */
public final class Pipeline {

    /** More stretches of paper than this are noise, not a drawing; no areas are made of them. */
    public static final int MOST_AREAS = 100_000;

    private final Stages stages;

    /** A pipeline that knows nothing yet. */
    public Pipeline() {
        this(new Stages());
    }

    private Pipeline(Stages stages) {
        this.stages = stages;
    }

    /** A copy for trying something: what is computed there is not remembered here. */
    public Pipeline apart() {
        return new Pipeline(stages.apart());
    }

    /** Remembers what was computed apart. */
    public void takeOver(Pipeline apart) {
        stages.takeOver(apart.stages);
    }

    /**
     * Computes the drawing of a job.
     *
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Drawing run(Job job, Progress progress) throws PictureException {
        return colour(trace(job, progress.part(0, 0.6)), progress.part(0.6, 1));
    }

    /**
     * Computes the lines of a job alone.
     *
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Traced trace(Job job, Progress progress) throws PictureException {
        progress.report("Reading the picture", 0);
        Picture picture = get(SheetStages.PICTURE, job.source(), progress.part(0, 0.1));
        Resolution scan = job.ppi() == 0 ? picture.resolution() : new Resolution(job.ppi(), true);
        InkReading reading =
                get(
                        SheetStages.READING,
                        new SheetStages.Scan(Same.of(picture), job.recipe(), scan.pxPerMm()),
                        progress.part(0.1, 0.4));
        LineWork work =
                work(job, reading, Traced.resolution(scan, reading), progress.part(0.4, 0.9));
        List<LineLayer> coloured = new ArrayList<>();
        List<Outline> black = new ArrayList<>();
        colours(job, work, Traced.resolution(scan, reading), progress.part(0.9, 1))
                .forEach(
                        (id, outlines) ->
                                job.swatch(id)
                                        .ifPresentOrElse(
                                                swatch ->
                                                        coloured.add(
                                                                new LineLayer(swatch, outlines)),
                                                () -> black.addAll(outlines)));
        return new Traced(job, picture, scan, reading, work, black, coloured);
    }

    private LineWork work(Job job, InkReading reading, Resolution resolution, Progress progress)
            throws PictureException {
        LineRecipe recipe = job.line();
        double pxPerMm = resolution.pxPerMm();
        Same<InkMap> sheet = Same.of(reading.map());
        InkEditor.Edited edited =
                get(
                        LineStages.EDITED,
                        new LineStages.Edits(sheet, recipe.edits(), pxPerMm, reading.oneBit()),
                        progress.part(0, 0.1));
        InkMap weighed =
                get(
                        LineStages.WEIGHED,
                        new LineStages.Weighing(
                                Same.of(edited.map()),
                                recipe.weight(),
                                closeIf(recipe.weight().outsideMm() > 0, job),
                                pxPerMm,
                                reading.oneBit()),
                        progress.part(0.1, 0.3));
        boolean oneBit = reading.oneBit() && recipe.weight().isAsDrawn();
        Tracing tracing =
                get(
                        LineStages.TRACED,
                        new LineStages.Inked(
                                sheet,
                                Same.of(weighed),
                                new TraceSettings(recipe.maxErrorPx(), oneBit)),
                        progress.part(0.3, 0.95));
        LineStages.Pointed pointed =
                get(
                        LineStages.POINTED,
                        new LineStages.Points(
                                Same.of(tracing),
                                Same.of(weighed),
                                recipe.points(),
                                resolution.ppi()),
                        progress.part(0.95, 1));
        return new LineWork(
                edited.map(),
                weighed,
                tracing,
                pointed.ink(),
                pointed.outlines(),
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
        return get(
                LineStages.COLOURED,
                new LineStages.Colours(
                        Same.of(work.ink()),
                        colour,
                        closeIf(colour.borderBlack(), job),
                        resolution.ppi(),
                        job.line().maxErrorPx()),
                progress);
    }

    private static Optional<CloseSettings> closeIf(boolean matters, Job job) {
        return matters ? Optional.of(job.close()) : Optional.empty();
    }

    /**
     * Finds the areas between lines and lays the job's colours.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Drawing colour(Traced traced, Progress progress) {
        Job job = traced.job();
        double pxPerMm = traced.resolution().pxPerMm();
        AreaTree tree =
                areas(
                        AreaStages.TREE,
                        new AreaStages.Paper(Same.of(traced.ink()), job.close(), pxPerMm),
                        progress.part(0, 0.5));
        List<MultiPolygon> cells =
                areas(AreaStages.CELL_OUTLINES, Same.of(tree), progress.part(0.5, 0.85));
        AreaMap areas =
                areas(
                        AreaStages.AREAS,
                        new AreaStages.Width(Same.of(tree), job.close()),
                        progress.part(0.85, 0.87));
        List<MultiPolygon> outlines =
                areas(
                        AreaStages.OUTLINES,
                        new AreaStages.United(Same.of(cells), Same.of(areas)),
                        progress.part(0.87, 0.9));
        progress.report("Laying colours", 0.9);
        Progress laying = progress.part(0.9, 1);
        Attachment attachment =
                areas(
                        FlatStages.ATTACHED,
                        new FlatStages.Filled(Same.of(areas), job.fills(), pxPerMm),
                        laying);
        Map<Integer, List<MultiPolygon>> outlined =
                areas(
                        FlatStages.PIECES,
                        new FlatStages.Attached(Same.of(outlines), Same.of(attachment)),
                        laying);
        FormBuilder.Formed formed =
                areas(
                        FlatStages.FORMED,
                        new FlatStages.Ground(
                                Same.of(outlined),
                                job.flat().forms(),
                                job.swatches().stream().map(Swatch::id).collect(Collectors.toSet()),
                                job.flat().fall(),
                                Same.of(areas),
                                Same.of(outlines),
                                pxPerMm),
                        laying);
        List<FlatLayer> layers =
                areas(
                        FlatStages.LAYERS,
                        new FlatStages.Covered(
                                Same.of(formed.pieces()), Same.of(outlined), job.swatches()),
                        laying);
        progress.report("Ready", 1);
        return new Drawing(traced, tree, cells, areas, outlines, attachment, formed.lost(), layers);
    }

    /**
     * What is doubtful about a sheet.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so, or if another
     *     sheet is to be looked through meanwhile
     */
    public SheetReview review(InkReading reading, Progress progress) {
        return unchecked(() -> stages.prepare(SheetStages.REVIEW, Same.of(reading), progress));
    }

    /**
     * What is known about lines as lines.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so, or if others
     *     are to be studied meanwhile
     */
    public LineStudy study(Traced traced, Progress progress) {
        return unchecked(
                () -> stages.prepare(LineStages.STUDY, LineStudy.About.of(traced), progress));
    }

    /**
     * Lines as single paths, mm.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public StrokeArt strokes(Traced traced, Progress progress) {
        LineColour colour = traced.job().line().colour();
        return areas(
                LineStages.PATHS,
                new LineStages.Paths(
                        Same.of(traced.ink()),
                        colour,
                        closeIf(colour.borderBlack(), traced.job()),
                        traced.resolution().pxPerMm()),
                progress);
    }

    private <I, O> O get(Stage<I, O> stage, I input, Progress progress) throws PictureException {
        try {
            return stages.get(stage, input, progress);
        } catch (PictureException e) {
            throw e;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of stages that read no file. */
    private <I, O> O areas(Stage<I, O> stage, I input, Progress progress) {
        return unchecked(() -> stages.get(stage, input, progress));
    }

    private interface Work<O> {
        O run() throws IOException;
    }

    private static <O> O unchecked(Work<O> work) {
        try {
            return work.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
