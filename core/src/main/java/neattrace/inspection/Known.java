package neattrace.inspection;

import java.util.Optional;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.sheet.review.SheetReview;

/**
 * What is known about a job when it is looked through.
 *
 * @param drawing all that is computed of it
 * @param review what was found on its sheet; empty as long as that is not known
 * @param study what is known of its lines; empty as long as that is not known
 */
public record Known(Drawing drawing, Optional<SheetReview> review, Optional<LineStudy> study) {

    /** Only what belongs to the drawing's sheet is known of it. */
    public Known {
        Drawing of = drawing;
        review = review.filter(one -> one.reading() == of.reading());
        study = study.filter(one -> one.isOnSheetOf(of.traced()));
    }
}
