package neattrace.job.pipeline;

import neattrace.job.Job;
import neattrace.raster.reading.PictureException;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import neattrace.stage.Stages;
import neattrace.trace.centre.StrokeArt;

/**
 * Runs the stages from a job to its drawing. What earlier jobs came to is taken over where nothing
 * that a stage reads is different, so a change costs what it changes. Safe for use by many threads.
 */
public final class Pipeline {

    /** More stretches of paper than this are noise, not a drawing; no areas are made of them. */
    public static final int MOST_AREAS = 100_000;

    private final Stages stages;
    private final Outcomes outcomes;

    /** A pipeline that knows nothing yet. */
    public Pipeline() {
        this(new Stages());
    }

    private Pipeline(Stages stages) {
        this.stages = stages;
        this.outcomes = new Outcomes(stages);
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
        return new LinePass(outcomes).run(job, progress);
    }

    /**
     * A job's drawing as far as its sheet: without lines and areas, for whoever decides about the
     * sheet alone.
     *
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Drawing sheet(Job job, Progress progress) throws PictureException {
        return Drawing.ofLines(new LinePass(outcomes).sheet(job, progress));
    }

    /**
     * A job's drawing as far as its lines, without areas.
     *
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Drawing lines(Job job, Progress progress) throws PictureException {
        return Drawing.ofLines(trace(job, progress));
    }

    /**
     * The same lines wider or thinner by one factor, round the same middles.
     *
     * @param widths how many times as wide, over 0
     * @throws PictureException never; stages may read files
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    Traced widened(Traced traced, double widths, Progress progress) throws PictureException {
        return new LinePass(outcomes).widened(traced, widths, progress);
    }

    /**
     * Finds the areas between lines and lays the job's colours.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Drawing colour(Traced traced, Progress progress) {
        return new FlatPass(outcomes).run(traced, progress);
    }

    /**
     * The outcome of a stage of one's own that reads no file; kept like all others.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public <I, O> O made(Stage<I, O> stage, I input, Progress progress) {
        return outcomes.made(stage, input, progress);
    }

    /**
     * What is doubtful about a sheet.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so, or if another
     *     sheet is to be looked through meanwhile
     */
    public SheetReview review(InkReading reading, Progress progress) {
        return outcomes.prepared(SheetStages.REVIEW, Same.of(reading), progress);
    }

    /**
     * What is known about lines as lines.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so, or if others
     *     are to be studied meanwhile
     */
    public LineStudy study(Traced traced, Progress progress) {
        return outcomes.prepared(LineStages.STUDY, LineStudy.About.of(traced), progress);
    }

    /**
     * Lines as single paths, mm.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public StrokeArt strokes(Traced traced, Progress progress) {
        return outcomes.made(StrokePaths.PATHS, StrokePaths.of(traced), progress);
    }
}
