package neattrace.app.station.sheet;

import java.util.ArrayList;
import java.util.List;
import neattrace.app.docket.Finding;
import neattrace.app.station.LeftAlone;
import neattrace.app.work.Shown;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.blemish.Blemish;
import neattrace.sheet.review.SheetReview;

/** Puts what was found on a sheet into words, with answers, in the order of weight. */
final class SheetFindings {

    private final Desk desk;
    private final WholeFindings whole;
    private final PlaceFindings places;

    SheetFindings(Desk desk) {
        this.desk = desk;
        LeftAlone left = new LeftAlone(desk.workspace());
        this.whole = new WholeFindings(desk, left);
        this.places = new PlaceFindings(desk, left);
    }

    List<Finding> of(Shown shown) {
        Drawing drawing = shown.drawing();
        List<Finding> found = new ArrayList<>();
        whole.damage(drawing).ifPresent(found::add);
        if (!drawing.traced().scan().stated()) {
            found.add(whole.resolution(drawing));
        }
        whole.pages(drawing).ifPresent(found::add);
        SheetReview review = desk.workspace().insights().reviewProperty().get();
        boolean ready = review != null && review.reading() == drawing.reading();
        if (ready) {
            whole.nature(drawing, review).forEach(found::add);
            review.blemishes().stream()
                    .filter(blemish -> blemish.inkPieces() > 0)
                    .forEach(blemish -> places.blemish(drawing, blemish).ifPresent(found::add));
            review.local().forEach(advice -> places.local(drawing, advice).ifPresent(found::add));
            whole.tilt(drawing, review).ifPresent(found::add);
            review.pencil().flatMap(colour -> whole.pencil(drawing, colour)).ifPresent(found::add);
        }
        whole.dropped(drawing).ifPresent(found::add);
        places.specks(drawing, found);
        if (ready) {
            // The lines of an under-drawing are faint marks too, and have an answer of their own.
            boolean pencil = review.pencil().isPresent() && !LeftAlone.isLeft(drawing, "pencil");
            review.blemishes().stream()
                    .filter(blemish -> blemish.inkPieces() == 0)
                    .filter(blemish -> !(pencil && blemish.kind() == Blemish.Kind.MARK))
                    .filter(blemish -> !isFaintLine(blemish, review))
                    .forEach(blemish -> places.blemish(drawing, blemish).ifPresent(found::add));
            whole.coarse(drawing, review).ifPresent(found::add);
            review.crop().flatMap(crop -> whole.crop(drawing, crop)).ifPresent(found::add);
        }
        return found;
    }

    /** Faint lines that want a patch are no stamp. */
    private static boolean isFaintLine(Blemish blemish, SheetReview review) {
        return review.local().stream()
                .anyMatch(
                        advice ->
                                advice.lighter()
                                        && blemish.x() < advice.x() + advice.width()
                                        && blemish.y() < advice.y() + advice.height()
                                        && advice.x() < blemish.x() + blemish.width()
                                        && advice.y() < blemish.y() + blemish.height());
    }
}
