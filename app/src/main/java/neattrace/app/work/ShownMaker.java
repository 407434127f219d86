package neattrace.app.work;

import java.io.IOException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiConsumer;
import neattrace.export.Artwork;
import neattrace.export.png.ArtworkPainter;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.profile.PressProfile;
import neattrace.progress.Progress;
import neattrace.sheet.frame.SheetFrame;

/** Computes a job's drawing with all that is needed to show it. Runs off the JavaFX thread. */
final class ShownMaker {

    private final PressProfile press;
    private final BiConsumer<Job, ArtworkPainter> whenLinesAreThere;
    private final AtomicReference<Drawing> workedOut = new AtomicReference<>();

    /**
     * A maker.
     *
     * @param whenLinesAreThere called, before the areas of changed lines are found, with the job
     *     and a painter of its lines over the old colours
     */
    ShownMaker(PressProfile press, BiConsumer<Job, ArtworkPainter> whenLinesAreThere) {
        this.press = press;
        this.whenLinesAreThere = whenLinesAreThere;
    }

    /** The next job with the same gaps, cuts and picture comes to the same areas. */
    void hasWorkedOut(Drawing drawing) {
        workedOut.set(drawing);
    }

    /**
     * Computes.
     *
     * @param base what is shown now, to take over what did not change; may be null
     */
    Shown make(Job job, Shown base, Progress progress) throws IOException {
        Drawing before = base == null ? null : base.drawing();
        Drawing known = workedOut.getAndSet(null);
        boolean knows =
                known != null
                        && before != null
                        && known.picture() == before.picture()
                        && known.job().close().equals(job.close());
        Drawing nearest = knows ? known : before;
        Traced traced =
                Pipeline.trace(
                        job, nearest == null ? null : nearest.traced(), progress.part(0, 0.6));
        if (before != null && areOtherLinesOfThePage(before.traced(), traced)) {
            Artwork early = Artwork.of(before.withLines(traced), press);
            whenLinesAreThere.accept(job, new ArtworkPainter(early));
        }
        Drawing drawing = Pipeline.colour(traced, nearest, progress.part(0.6, 1));
        SheetFrame frame = drawing.reading().frame();
        ScanPyramid scan =
                before != null && before.picture() == drawing.picture()
                        ? base.scan().in(drawing.picture(), before.reading().frame(), frame)
                        : ScanPyramid.of(drawing.picture(), frame);
        Artwork art = Artwork.of(drawing, press);
        return new Shown(drawing, art, new ArtworkPainter(art), scan);
    }

    /** Whether lines changed, so that areas will take their time, on a page that did not. */
    private static boolean areOtherLinesOfThePage(Traced before, Traced now) {
        return before.picture() == now.picture()
                && before.widthMm() == now.widthMm()
                && before.heightMm() == now.heightMm()
                && before.ink() != now.ink();
    }
}
