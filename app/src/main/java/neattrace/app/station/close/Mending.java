package neattrace.app.station.close;

import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.pipeline.LineStudy;
import neattrace.region.Gap;
import neattrace.trace.edit.InkEdit;

/** Closes gaps in the way that was chosen. */
final class Mending {

    /** How a gap is closed. */
    enum Way {
        UNSEEN("an unseen line", "Close it"),
        INK("ink, as the lines are drawn", "Draw it in ink"),
        RUN_PAST("an end that runs on past", "Run the end on");

        private final String words;
        private final String answer;

        Way(String words, String answer) {
            this.words = words;
            this.answer = answer;
        }

        String words() {
            return words;
        }

        String answer() {
            return answer;
        }
    }

    /** How far an end runs on beyond the ink it should have met, mm. */
    private static final double PAST_MM = 0.5;

    private final CloseDesk desk;
    private Way way = Way.UNSEEN;

    Mending(CloseDesk desk) {
        this.desk = desk;
    }

    Way way() {
        return way;
    }

    void setWay(Way next) {
        way = next;
    }

    /** Closes a gap. */
    void close(Gap gap) {
        if (way == Way.UNSEEN) {
            decide(desk.place(gap), true);
            return;
        }
        LineStudy study = desk.workspace().studyProperty().get();
        Shown shown = desk.shown();
        if (study == null || !study.fits(shown.drawing().traced())) {
            desk.workspace().say("The lines are still being found; try again in a moment.");
            return;
        }
        Point from = gap.from().times(desk.mmPerPx());
        Point to = gap.to().times(desk.mmPerPx());
        InkEdit edit =
                way == Way.INK
                        ? study.mender().closeGap(from, to)
                        : study.mender().runPast(from, to, PAST_MM);
        desk.workspace().change(edit.what(), (Job job) -> job.withLine(job.line().with(edit)));
        desk.workspace().say(edit.what() + "; it is listed at Line, where it can be taken back.");
    }

    /** Keeps a gap open or closed from now on. */
    void decide(Point place, boolean close) {
        desk.change(
                close ? "Close a gap" : "Leave a gap open",
                settings -> settings.with(place, close));
    }
}
