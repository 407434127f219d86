package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.table.Mark;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.region.AreaMap;
import neattrace.region.Gap;
import neattrace.region.run.Run;
import neattrace.region.run.RunFinder;
import neattrace.region.tree.Neck;

/** Where colour would run from the place that was asked about last. */
final class RunReport {

    private final CloseDesk desk;
    private final Mending mending;
    private Point asked;

    /** The areas that the run was found among; recolouring leaves them as they are. */
    private AreaMap of;

    private Run run;

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
        desk.showFindingsAgain();
    }

    /** Asks nothing any more. */
    void forget() {
        asked = null;
        desk.showFindingsAgain();
    }

    private Run run(Shown shown) {
        Drawing drawing = shown.drawing();
        if (of != drawing.areas()) {
            of = drawing.areas();
            run =
                    new RunFinder(
                                    drawing.traced().ink(),
                                    drawing.tree(),
                                    drawing.job().close(),
                                    drawing.areas())
                            .from(asked.times(drawing.resolution().pxPerMm()));
        }
        return run;
    }

    private static String words(Run run, double mmPerPx) {
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
        Run now = run(shown);
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

    /** What can be done about it, as the first finding. */
    List<Finding> findings(Shown shown) {
        Optional<Mark> mark = mark(shown);
        if (mark.isEmpty()) {
            return List.of();
        }
        Neck neck = run.tightest().orElseThrow();
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        Point place = neck.place().times(mmPerPx);
        List<Answer> answers = new ArrayList<>();
        if (run.open()) {
            Gap gap =
                    new Gap(
                            neck.place(),
                            neck.from(),
                            neck.to(),
                            neck.widthPx(),
                            neck.ends(),
                            false,
                            false,
                            0,
                            0);
            answers.add(new Answer(mending.way().answer(), () -> mending.close(gap)));
        } else {
            answers.add(new Answer("Open it", () -> mending.decide(place, false)));
        }
        answers.add(new Answer("Done", this::forget));
        return List.of(
                new Finding(
                        place,
                        Math.max(4, 4 * neck.widthPx() * mmPerPx),
                        run.open() ? "From there colour runs out" : "From there colour is held",
                        words(run, mmPerPx),
                        mark.get(),
                        answers));
    }
}
