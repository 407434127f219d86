package neattrace.app.station.close;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.app.docket.Choice;
import neattrace.app.station.Reply;
import neattrace.app.table.Mark;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.region.AreaMap;
import neattrace.region.tree.ColourRun;
import neattrace.region.tree.Neck;

/** Where colour would run from the place that was asked about last. */
final class RunReport {

    private final CloseDesk desk;
    private final Mending mending;
    private Point asked;

    /** The areas that the run was found among; recolouring leaves them as they are. */
    private AreaMap of;

    private ColourRun run;

    RunReport(CloseDesk desk, Mending mending) {
        this.desk = desk;
        this.mending = mending;
    }

    /** Asks about a place, mm. */
    void ask(Point place) {
        asked = place;
        of = null;
        Shown shown = desk.shown();
        if (shown != null) {
            desk.workspace().say(words(run(shown), desk.mmPerPx()));
        }
        desk.refresh();
    }

    /** Asks nothing any more. */
    void forget() {
        asked = null;
        desk.refresh();
    }

    private ColourRun run(Shown shown) {
        Drawing drawing = shown.drawing();
        if (of != drawing.areas()) {
            of = drawing.areas();
            run = drawing.runFrom(asked);
        }
        return run;
    }

    private static String words(ColourRun run, double mmPerPx) {
        String tight =
                run.tightest()
                        .map(
                                neck ->
                                        String.format(
                                                Locale.ROOT, "%.2f mm", neck.widthPx() * mmPerPx))
                        .orElse("");
        return switch (run.target()) {
            case PAGE ->
                    run.open()
                            ? "Colour runs out to the page here; the tightest place is "
                                    + tight
                                    + "."
                            : "Held: only a closed gap of " + tight + " leads out to the page.";
            case AREA -> "Held: only a closed gap of " + tight + " leads into the next area.";
            case OUTSIDE -> "This is the paper round the drawing.";
            case NOWHERE -> "Held: there is ink all round, without a gap.";
            case NOTHING -> "There is no area here.";
        };
    }

    /** The way, if there is one. */
    Optional<Mark> mark(Shown shown) {
        if (asked == null) {
            return Optional.empty();
        }
        ColourRun now = run(shown);
        if (now.way().isEmpty() || now.tightest().isEmpty()) {
            return Optional.empty();
        }
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        Neck neck = now.tightest().get();
        List<Point> way = now.way().stream().map(at -> at.times(mmPerPx)).toList();
        return Optional.of(
                new Mark(
                                neck.place().times(mmPerPx),
                                neck.from().times(mmPerPx),
                                neck.to().times(mmPerPx),
                                String.format(
                                        Locale.ROOT,
                                        "%.2f mm, %s",
                                        neck.widthPx() * mmPerPx,
                                        now.open() ? "open" : "closed"),
                                true,
                                now.open())
                        .on(way));
    }

    /** What it came to, and what can be done about it. */
    Optional<Reply> reply(Shown shown) {
        Optional<Mark> mark = mark(shown);
        if (mark.isEmpty()) {
            return Optional.empty();
        }
        Neck neck = run.tightest().orElseThrow();
        Point place = neck.place().times(shown.drawing().resolution().mmPerPx());
        Choice first =
                run.open()
                        ? new Choice(
                                Mending.answer(desk.settings().mend()),
                                () -> mending.close(neck.gap(false, false, 0, 0)))
                        : new Choice("Open it", () -> mending.decide(place, false));
        return Optional.of(
                new Reply(
                        run.open() ? "From there colour runs out" : "From there colour is held",
                        words(run, desk.mmPerPx()),
                        mark.get(),
                        List.of(first, new Choice("Done", this::forget))));
    }
}
