package neattrace.app.work;

import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;
import neattrace.inspection.Inspection;
import neattrace.inspection.Inspector;
import neattrace.inspection.Known;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.print.ready.PressTrials;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.SheetReview;

/**
 * What is found out about the shown drawing beside the work, because nothing waits for it: a review
 * of the sheet, a study of the lines, what comes of its goods on the stand-in press, and what needs
 * a decision. Belongs to the JavaFX thread.
 */
public final class Insights implements AutoCloseable {

    /** Sheets are printed on the stand-in press once nothing has changed for so long. */
    static final Duration CALM = Duration.millis(500);

    private final ReadOnlyObjectWrapper<SheetReview> review = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<LineStudy> study = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<LookedDrawing> looked = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper reviewFailure = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper studyFailure = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper lookFailure = new ReadOnlyStringWrapper("");
    private final Background reviewing = new Background("reviewing");
    private final Background studying = new Background("studying");
    private final Background trying = new Background("trying");
    private final Background looking = new Background("looking");
    private final PauseTransition calm;
    private final boolean prints;
    private final Pipeline pipeline;
    private final Inspector inspector;
    private Drawing drawing;
    private PressTrials trials;
    private Drawing tried;

    /**
     * What {@code pipeline} finds out, and what {@code inspections} find in it.
     *
     * @param calm how long nothing changes before goods are printed on the stand-in press; {@link
     *     Duration#INDEFINITE} for never
     */
    Insights(Pipeline pipeline, List<Inspection<?>> inspections, Duration calm) {
        this.calm = new PauseTransition(calm);
        this.prints = !calm.isIndefinite();
        this.pipeline = pipeline;
        this.inspector = new Inspector(pipeline, inspections);
        review.addListener(property -> look());
        study.addListener(property -> look());
        this.calm.setOnFinished(event -> print());
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

    /**
     * What needs a decision, as far as it was found; it may be of an earlier drawing of the job
     * while a newer one is looked through; null while nothing is known.
     */
    public ReadOnlyObjectProperty<LookedDrawing> lookedProperty() {
        return looked.getReadOnlyProperty();
    }

    /** Why the sheet could not be looked through; empty if it could, or is being. */
    public ReadOnlyStringProperty reviewFailureProperty() {
        return reviewFailure.getReadOnlyProperty();
    }

    /** Why the lines could not be studied; empty if they could, or are being studied. */
    public ReadOnlyStringProperty studyFailureProperty() {
        return studyFailure.getReadOnlyProperty();
    }

    /** Why nothing could be found; empty if it could, or is being looked for. */
    public ReadOnlyStringProperty lookFailureProperty() {
        return lookFailure.getReadOnlyProperty();
    }

    /** Whether all is known of the drawing that is shown. */
    public boolean isWhole() {
        return looked.get() != null && looked.get().whole() && looked.get().drawing() == drawing;
    }

    /** Looks through what is about to be shown, as far as it is not known already. */
    void lookThrough(Drawing next) {
        boolean other = drawing == null || drawing.picture() != next.picture();
        drawing = next;
        if (other) {
            looked.set(null);
            trials = null;
        }
        review(next.reading());
        study(next.traced());
        trying.stop();
        if (prints && PressTrials.isWanted(next)) {
            calm.playFromStart();
        } else {
            calm.stop();
            tried = next;
        }
        look();
    }

    /** Prints the goods of what is shown on the stand-in press. */
    private void print() {
        Drawing of = drawing;
        trying.start(
                progress -> PressTrials.of(pipeline, of, progress),
                printed -> {
                    trials = printed;
                    tried = of;
                    look();
                },
                e -> {
                    tried = of;
                    look();
                });
    }

    private void review(InkReading reading) {
        if (review.get() != null && review.get().reading() == reading) {
            return;
        }
        review.set(null);
        reviewFailure.set("");
        reviewing.start(
                progress -> pipeline.review(reading, progress),
                review::set,
                e -> {
                    reviewFailure.set(Messages.plain(e));
                    look();
                });
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
                e -> {
                    studyFailure.set(Messages.plain(e));
                    look();
                });
    }

    /** Looks for what can be found of what is known by now. */
    private void look() {
        if (drawing == null) {
            return;
        }
        Drawing of = drawing;
        Known known =
                new Known(
                        of,
                        Optional.ofNullable(review.get()),
                        Optional.ofNullable(study.get()),
                        Optional.ofNullable(trials));
        boolean reviewed = known.review().isPresent() || !reviewFailure.get().isEmpty();
        boolean studied =
                known.study().filter(one -> one.fits(of.traced())).isPresent()
                        || !studyFailure.get().isEmpty();
        boolean printed = tried == of;
        lookFailure.set("");
        looking.start(
                progress -> inspector.look(known, progress),
                found -> looked.set(new LookedDrawing(of, found, reviewed && studied && printed)),
                e -> lookFailure.set(Messages.plain(e)));
    }

    @Override
    public void close() {
        calm.stop();
        reviewing.close();
        trying.close();
        studying.close();
        looking.close();
    }
}
