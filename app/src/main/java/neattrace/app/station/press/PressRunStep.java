package neattrace.app.station.press;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.press.Colorant;
import neattrace.press.rehearsal.DotGain;
import neattrace.press.rehearsal.Fault;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.PrintedSheet;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.print.ready.PlateStudy;
import neattrace.print.ready.PressMend;
import neattrace.print.ready.PressSheet;
import neattrace.print.ready.SheetRehearsals;

/** Prints sheets on the stand-in press before a real one is paid. */
final class PressRunStep implements Step {

    private static final int MOST_SHEETS = 2000;
    private static final int TOLD = 4;

    private final PressDesk desk;
    private final PlatesView view;
    private final NumberField sheets;
    private final NumberField gain;
    private final NumberField seed;
    private final Button run;
    private final ProgressBar progress = new ProgressBar(0);
    private final ChoiceField<Boolean> which;
    private final VBox told = new VBox(6);
    private final FlowPane looks = new FlowPane(6, 6);
    private final FlowPane without = new FlowPane(6, 6);
    private final VBox content;
    private int count = 200;
    private double gainAtHalf = DotGain.COATED.atHalf();
    private long chance = 1;
    private boolean ready = true;
    private final PressRun press;

    PressRunStep(PressDesk desk, PlatesView view) {
        this.desk = desk;
        this.view = view;
        sheets = new NumberField("Sheets", "", 1, MOST_SHEETS, 50, value -> count = whole(value));
        sheets.setId("press-sheets");
        sheets.show(count);
        gain = new NumberField("Dots grow", "%", 0, 40, 1, value -> gainAtHalf = value);
        gain.setId("press-gain");
        gain.show(gainAtHalf);
        seed = new NumberField("Chance", "", 0, 1e6, 1, value -> chance = whole(value));
        seed.setId("press-seed");
        seed.show(chance);
        run = Buttons.small("Print them", "press-run", this::runOrStop);
        progress.setVisible(false);
        progress.setManaged(false);
        progress.setMaxWidth(Double.MAX_VALUE);
        press =
                new PressRun(
                        progress::setProgress,
                        this::tell,
                        () ->
                                desk.bench()
                                        .say(
                                                "The press could not go on. What came of it is"
                                                        + " kept."));
        which =
                new ChoiceField<>(
                        "Which plates",
                        List.of(true, false),
                        is -> is ? "as made ready" : "as drawn",
                        is -> {
                            ready = is;
                            tell();
                        });
        which.setId("press-which");
        content =
                new VBox(
                        8,
                        new Hint(
                                "Each sheet’s plates lie off by chance, no farther than the"
                                        + " tolerance."),
                        new Sentence("Print", sheets, "sheets; dots of 50 % grow by", gain, "."),
                        new Sentence("Chance number", seed, "gives the same run again."),
                        run,
                        progress,
                        new Sentence("Seen are the plates", which, "."),
                        told,
                        looks,
                        without);
        desk.studyProperty().addListener(property -> forget());
    }

    private static int whole(double value) {
        return (int) Math.rint(value);
    }

    private void forget() {
        press.forget();
        tell();
    }

    /** Stops the run; false if none was going on. */
    boolean stop() {
        boolean was = press.stop();
        if (was) {
            tell();
            desk.bench().say("The press stands still. What came of it so far is kept.");
        }
        return was;
    }

    /** Prints, or stops printing. */
    void runOrStop() {
        PlateStudy study = desk.studyProperty().get();
        if (stop() || study == null) {
            return;
        }
        double register = study.sheet().terms().trap().registerMm();
        press.start(
                study,
                count,
                new PressRecipe(
                        register, new DotGain(gainAtHalf), PressRecipe.USUAL_RULING, chance));
        progress.setProgress(0);
        tell();
    }

    private void tell() {
        run.setText(press.isRunning() ? "Stop" : "Print them");
        progress.setVisible(press.isRunning());
        progress.setManaged(press.isRunning());
        view.print(Optional.empty());
        told.getChildren().clear();
        looks.getChildren().clear();
        without.getChildren().clear();
        view.mark(List.of());
        press.result(true)
                .ifPresent(one -> told.getChildren().add(new Hint(words("As made ready", one))));
        press.result(false)
                .ifPresent(one -> told.getChildren().add(new Hint(words("As drawn", one))));
        press.result(ready).ifPresent(this::places);
    }

    private void places(RehearsalRun shown) {
        List<FaultPlace> worst = new ArrayList<>(shown.places());
        List<FaultPlace> few = worst.subList(0, Math.min(TOLD, worst.size()));
        view.mark(few);
        for (int i = 0; i < few.size(); i++) {
            FaultPlace place = few.get(i);
            told.getChildren()
                    .add(
                            Buttons.small(
                                    words(place),
                                    "fault-" + i,
                                    () -> view.go(new Point(place.xMm(), place.yMm()))));
        }
        if (!few.isEmpty()) {
            mends(shown);
        }
        looks.getChildren()
                .addAll(
                        Buttons.small(
                                "Worst sheet", "sheet-worst", () -> look(shown.worst(), Set.of())),
                        Buttons.small(
                                "Usual sheet", "sheet-usual", () -> look(shown.usual(), Set.of())),
                        Buttons.small(
                                "Plates", "sheet-plates", () -> view.print(Optional.empty())));
        PlateStudy study = desk.studyProperty().get();
        for (Colorant ink : study.plates()) {
            without.getChildren()
                    .add(
                            Buttons.small(
                                    "Without " + ink.name(),
                                    "without-" + study.plates().indexOf(ink),
                                    () -> look(shown.usual(), Set.of(ink))));
        }
    }

    private void look(PrintedSheet sheet, Set<Colorant> left) {
        view.print(
                Optional.of(new PlateSight.SeenSheet(sheet, ready, left, new DotGain(gainAtHalf))));
    }

    /** What would mend what fails, each a button. */
    private void mends(RehearsalRun shown) {
        PressSheet sheet = desk.studyProperty().get().sheet();
        List<Fault> faults = shown.places().stream().map(FaultPlace::fault).distinct().toList();
        for (PressMend mend : PressMend.of(sheet, sheet.terms().trap().registerMm(), faults)) {
            told.getChildren()
                    .add(
                            Buttons.small(
                                    mend.label(),
                                    "mend-" + mend.key(),
                                    () -> desk.bench().change(mend.label(), mend::in)));
        }
    }

    private static String words(String what, RehearsalRun run) {
        return String.format(
                Locale.ROOT,
                "%s: %.0f of 100 sheets fail (%d printed). Paper %.2f mm², fringes %.2f mm² on a"
                        + " sheet, at worst %.2f mm².",
                what,
                run.failing(SheetRehearsals.FAILS_MM2),
                run.sheets().size(),
                run.meanSliverMm2(),
                run.meanFringeMm2(),
                run.worst().faultyMm2());
    }

    private static String words(FaultPlace place) {
        String much =
                place.fault() == Fault.DROWNED
                        ? ""
                        : String.format(Locale.ROOT, ", %.2f mm", place.widthMm());
        String words = place.fault().words();
        return Character.toUpperCase(words.charAt(0))
                + words.substring(1)
                + String.format(Locale.ROOT, "%s, on %.0f of 100", much, place.sheets());
    }

    @Override
    public String title() {
        return "Rehearse";
    }

    @Override
    public String state(Shown shown) {
        return "stand-in";
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        tell();
    }
}
