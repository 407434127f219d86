package neattrace.inspection;

import java.util.Optional;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.print.ready.PressTrials;
import neattrace.sheet.review.SheetReview;

/**
 * What is known about a job when it is looked through.
 *
 * @param drawing all that is computed of it
 * @param review what was found on its sheet; empty as long as that is not known
 * @param study what is known of its lines; empty as long as that is not known
 * @param trials what came of its goods on the stand-in press; empty as long as that is not known
 */
public record Known(
        Drawing drawing,
        Optional<SheetReview> review,
        Optional<LineStudy> study,
        Optional<PressTrials> trials) {

    /** Only what belongs to the drawing's sheet is known of it. */
    public Known {
        Drawing of = drawing;
        review = review.filter(one -> one.reading() == of.reading());
        study = study.filter(one -> one.isOnSheetOf(of.traced()));
        trials = trials.filter(one -> one.isOf(of));
    }

    /** What is known before anything was printed. */
    public Known(Drawing drawing, Optional<SheetReview> review, Optional<LineStudy> study) {
        this(drawing, review, study, Optional.empty());
    }
}
