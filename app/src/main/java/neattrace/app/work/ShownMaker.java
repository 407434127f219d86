package neattrace.app.work;

import java.io.IOException;
import java.util.function.BiConsumer;
import neattrace.export.PlanPainter;
import neattrace.job.Job;
import neattrace.job.change.Owed;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.sheet.SheetFrame;
import neattrace.stage.Progress;

/** Computes a job's drawing with all that is needed to show it. Runs off the JavaFX thread. */
final class ShownMaker {

    private final Pipeline pipeline;
    private final BiConsumer<Job, PlanPainter> whenLinesAreThere;

    /**
     * A maker.
     *
     * @param whenLinesAreThere called, before the areas of changed lines are found, with the job
     *     and a painter of its lines over the old colours
     */
    ShownMaker(Pipeline pipeline, BiConsumer<Job, PlanPainter> whenLinesAreThere) {
        this.pipeline = pipeline;
        this.whenLinesAreThere = whenLinesAreThere;
    }

    /**
     * Computes.
     *
     * @param of the opening of the job
     * @param base what is shown now; may be null
     */
    Shown make(Sitting of, Job job, Shown base, Progress progress) throws IOException {
        Drawing before = base == null ? null : base.drawing();
        Traced traced = pipeline.trace(job, progress.part(0, 0.6));
        if (before != null && areOtherLinesOfThePage(before.traced(), traced)) {
            Artwork early = Artwork.of(before.withLines(traced), job.press().profile());
            whenLinesAreThere.accept(job, new PlanPainter(Plans.forPixels(early)));
        }
        Drawing drawing = pipeline.colour(traced, progress.part(0.6, 0.95));
        progress.report("Laying it on the table", 0.95);
        SheetFrame frame = drawing.reading().frame();
        ScanPyramid scan =
                before != null && before.picture() == drawing.picture()
                        ? base.scan().in(drawing.picture(), before.reading().frame(), frame)
                        : ScanPyramid.of(drawing.picture(), frame);
        Artwork art = Artwork.of(drawing, job.press().profile());
        return new Shown(
                of, drawing, art, new PlanPainter(Plans.forPixels(art)), scan, Owed.of(job));
    }

    /** Whether lines changed, so that areas will take their time, on a page that did not. */
    private static boolean areOtherLinesOfThePage(Traced before, Traced now) {
        return before.picture() == now.picture()
                && before.widthMm() == now.widthMm()
                && before.heightMm() == now.heightMm()
                && before.ink() != now.ink();
    }
}
