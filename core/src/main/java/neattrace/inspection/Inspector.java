package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.print.ready.PressTrials;
import neattrace.raster.reading.PictureException;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Progress;

/**
 * Looks through jobs. What was found of the same is not looked for again. Safe for use by many
 * threads.
 */
public final class Inspector {

    /** What is looked for, in the order in which one works. */
    public static final List<Inspection<?>> ALL =
            List.of(
                    BriefInspection.BRIEF,
                    SheetInspection.SHEET,
                    LineInspection.LINE,
                    LimitInspection.LIMITS,
                    CloseInspection.CLOSE,
                    FlatInspection.FLATS,
                    PressInspection.PRESS,
                    MakeInspection.MAKE,
                    GoodsInspection.GOODS,
                    HandOverInspection.HAND_OVER);

    private final Pipeline pipeline;
    private final List<Inspection<?>> inspections;

    /**
     * An inspector.
     *
     * @param pipeline keeps what was found
     * @param inspections what is looked for, in the order in which one works
     */
    public Inspector(Pipeline pipeline, List<Inspection<?>> inspections) {
        this.pipeline = pipeline;
        this.inspections = List.copyOf(inspections);
    }

    /**
     * All that there is to find, however long it takes.
     *
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Findings look(Drawing drawing, Progress progress) throws PictureException {
        SheetReview review = pipeline.review(drawing.reading(), progress.part(0, 0.3));
        LineStudy study = pipeline.study(drawing.traced(), progress.part(0.3, 0.6));
        // Hundreds of sheets are printed only if something looks at them.
        Optional<PressTrials> trials =
                inspections.contains(PressInspection.PRESS)
                        ? Optional.of(PressTrials.of(pipeline, drawing, progress.part(0.6, 0.9)))
                        : Optional.empty();
        return look(
                new Known(drawing, Optional.of(review), Optional.of(study), trials),
                progress.part(0.9, 1));
    }

    /**
     * What can be found of what is known.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public Findings look(Known known, Progress progress) {
        List<Group> groups = new ArrayList<>();
        for (Inspection<?> inspection : inspections) {
            groups.addAll(look(inspection, known, progress));
        }
        return new Findings(groups);
    }

    private <I> List<Group> look(Inspection<I> inspection, Known known, Progress progress) {
        return pipeline.made(inspection.stage(), inspection.reads(known), progress);
    }
}
