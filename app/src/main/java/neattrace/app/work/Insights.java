package neattrace.app.work;

import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.SheetReview;

/**
 * What is found out about the shown drawing beside the work, because nothing waits for it: a review
 * of the sheet and a study of the lines. Belongs to the JavaFX thread.
 */
public final class Insights implements AutoCloseable {

    private final ReadOnlyObjectWrapper<SheetReview> review = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<LineStudy> study = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper reviewFailure = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper studyFailure = new ReadOnlyStringWrapper("");
    private final Background reviewing = new Background("reviewing");
    private final Background studying = new Background("studying");
    private final Pipeline pipeline;

    /** What {@code pipeline} finds out. */
    Insights(Pipeline pipeline) {
        this.pipeline = pipeline;
    }

    /** What was found on the shown sheet; null while it is being looked through. */
    public ReadOnlyObjectProperty<SheetReview> reviewProperty() {
        return review.getReadOnlyProperty();
    }

    /**
     * What is known about the shown lines as lines, or about those before the last edit while they
     * are being looked through; null while nothing is known about this sheet.
     */
    public ReadOnlyObjectProperty<LineStudy> studyProperty() {
        return study.getReadOnlyProperty();
    }

    /** Why the sheet could not be looked through; empty if it could, or is being. */
    public ReadOnlyStringProperty reviewFailureProperty() {
        return reviewFailure.getReadOnlyProperty();
    }

    /** Why the lines could not be studied; empty if they could, or are being studied. */
    public ReadOnlyStringProperty studyFailureProperty() {
        return studyFailure.getReadOnlyProperty();
    }

    /** Looks through what is about to be shown, as far as it is not known already. */
    void lookThrough(Traced traced) {
        review(traced);
        study(traced);
    }

    private void review(Traced traced) {
        InkReading reading = traced.reading();
        if (review.get() != null && review.get().reading() == reading) {
            return;
        }
        review.set(null);
        reviewFailure.set("");
        reviewing.start(
                progress -> pipeline.review(reading, progress),
                review::set,
                e -> reviewFailure.set(Messages.plain(e)));
    }

    private void study(Traced traced) {
        LineStudy known = study.get();
        if (known != null && known.fits(traced)) {
            return;
        }
        // Until the new study is there the old one serves, as long as it is about the same sheet.
        if (known != null && !known.isOnSheetOf(traced)) {
            study.set(null);
        }
        studyFailure.set("");
        studying.start(
                progress -> pipeline.study(traced, progress),
                study::set,
                e -> studyFailure.set(Messages.plain(e)));
    }

    @Override
    public void close() {
        reviewing.close();
        studying.close();
    }
}
