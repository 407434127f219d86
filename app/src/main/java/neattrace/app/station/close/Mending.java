package neattrace.app.station.close;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.region.Gap;
import neattrace.trace.edit.InkEdit;
import neattrace.trace.edit.InkShape;

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
        Optional<InkEdit> edit = edit(gap);
        if (edit.isEmpty()) {
            desk.workspace().say("The lines are still being found; try again in a moment.");
            return;
        }
        String what = edit.get().what();
        desk.workspace().change(what, (Job job) -> job.withLine(job.line().with(edit.get())));
        desk.workspace().say(what + "; it is listed at Line, where it can be taken back.");
    }

    /** What would be drawn to close a gap; nothing while the lines are being found. */
    private Optional<InkEdit> edit(Gap gap) {
        Point from = gap.from().times(desk.mmPerPx());
        Point to = gap.to().times(desk.mmPerPx());
        return desk.study()
                .map(
                        study ->
                                way == Way.INK
                                        ? study.mender().closeGap(from, to)
                                        : study.mender().runPast(from, to, PAST_MM));
    }

    /** The line that would close a gap, mm: over its narrowest place, or as it would be drawn. */
    List<Point> suggested(Gap gap) {
        if (way != Way.UNSEEN) {
            for (InkShape shape : edit(gap).map(InkEdit::drawn).orElse(List.of())) {
                if (shape instanceof InkShape.Stroke stroke) {
                    return IntStream.range(0, stroke.x().length)
                            .mapToObj(i -> new Point(stroke.x()[i], stroke.y()[i]))
                            .toList();
                }
            }
        }
        return List.of(
                gap.from().times(desk.mmPerPx()), desk.place(gap), gap.to().times(desk.mmPerPx()));
    }

    /** Keeps a gap open or closed from now on. */
    void decide(Point place, boolean close) {
        desk.change(
                close ? "Close a gap" : "Leave a gap open",
                settings -> settings.with(place, close));
    }
}
