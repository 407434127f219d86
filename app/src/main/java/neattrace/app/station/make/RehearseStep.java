package neattrace.app.station.make;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.DoubleConsumer;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.station.Bench;
import neattrace.app.work.Aside;
import neattrace.app.work.KnownSheet;
import neattrace.app.work.SheetDesk;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.standin.cutter.CutterSettings;
import neattrace.standin.cutter.SheetRehearsal;

/** Cuts the sticker on the stand-in before vinyl is spent. */
final class RehearseStep implements Step {

    /** Where a sheet may lie off to. */
    private enum Way {
        RIGHT("to the right", 1, 0),
        DOWN("downwards", 0, 1),
        LEFT("to the left", -1, 0),
        UP("upwards", 0, -1),
        ASLANT("aslant", Math.sqrt(0.5), Math.sqrt(0.5));

        private final String words;
        private final Point by;

        Way(String words, double x, double y) {
            this.words = words;
            this.by = new Point(x, y);
        }
    }

    private static final double MOST_DRIFT_MM = 5;
    private static final double MOST_OFFSET_MM = 2;
    private static final double MOST_OVERCUT_MM = 10;
    private static final double MOST_SPEED = 1000;

    private final Bench bench;
    private final StickerStep sticker;
    private final SheetStep sheet;
    private final SheetDesk desk;
    private final ChoiceField<Boolean> what;
    private final VBox content;
    private final VBox told = new VBox(6);
    private double driftMm = 0.5;
    private Way way = Way.RIGHT;
    private CutterSettings settings = CutterSettings.USUAL;
    private boolean here;
    private boolean ofSheet;

    /**
     * The step.
     *
     * @param whenTurned called when the sheet is to be cut instead of the sticker, or the other way
     *     round
     */
    RehearseStep(Bench bench, StickerStep sticker, SheetStep sheet, Runnable whenTurned) {
        this.bench = bench;
        this.sticker = sticker;
        this.sheet = sheet;
        this.desk = bench.workspace().sheetDesk();
        what =
                new ChoiceField<>(
                        "What is cut",
                        List.of(false, true),
                        is -> is ? "the sheet of stickers" : "the sticker",
                        is -> {
                            ofSheet = is && desk.sheet() != null;
                            whenTurned.run();
                        });
        what.setId("rehearse-what");
        NumberField drift =
                field("Drift", "drift", MOST_DRIFT_MM, 0.1, driftMm, value -> driftMm = value);
        ChoiceField<Way> ways =
                new ChoiceField<>(
                        "Where it lies off to",
                        List.of(Way.values()),
                        one -> one.words,
                        chosen -> {
                            way = chosen;
                            run();
                        });
        ways.setId("drift-way");
        ways.show(way);
        NumberField offset =
                field(
                        "Offset of the knife",
                        "blade-offset",
                        MOST_OFFSET_MM,
                        0.05,
                        settings.bladeOffsetMm(),
                        value -> settings = settings.withBladeOffsetMm(value));
        NumberField reckoned =
                field(
                        "Offset it is set to",
                        "reckoned-offset",
                        MOST_OFFSET_MM,
                        0.05,
                        settings.reckonedMm(),
                        value -> settings = settings.withReckonedMm(value));
        NumberField speed =
                field(
                        "Speed of the knife",
                        "blade-speed",
                        "mm/s",
                        MOST_SPEED,
                        10,
                        settings.speedMmPerS(),
                        value -> settings = settings.withSpeedMmPerS(Math.max(1, value)));
        NumberField overcut =
                field(
                        "Overcut",
                        "overcut",
                        MOST_OVERCUT_MM,
                        0.1,
                        settings.overcutMm(),
                        value -> settings = settings.withOvercutMm(value));
        content =
                new VBox(
                        8,
                        new Hint(
                                "It reads the cut file as it is written, and shows what comes out."),
                        new Sentence("The stand-in cuts", what, "."),
                        new Sentence("The material lies off by", drift, ways, "."),
                        new Sentence(
                                "The knife trails by",
                                offset,
                                "; the cutter is set to",
                                reckoned,
                                "."),
                        new Sentence("It runs", speed, ", and", overcut, "over each end."),
                        told,
                        new Hint(
                                "Blades and lasers: keep hands clear, cut away from yourself; your"
                                        + " cutter’s own rules hold, and some vinyls give off toxic"
                                        + " gas under a laser."));
        sticker.madeProperty().addListener((property, before, now) -> run());
        desk.knownProperty().addListener((property, before, now) -> run());
    }

    private NumberField field(
            String name, String id, double most, double step, double value, DoubleConsumer set) {
        return field(name, id, "mm", most, step, value, set);
    }

    private NumberField field(
            String name,
            String id,
            String unit,
            double most,
            double step,
            double value,
            DoubleConsumer set) {
        NumberField[] field = new NumberField[1];
        field[0] =
                new NumberField(
                        name,
                        unit,
                        0,
                        most,
                        step,
                        next -> {
                            set.accept(next);
                            field[0].show(next);
                            run();
                        });
        field[0].setId(id);
        field[0].show(value);
        return field[0];
    }

    /** Whether one is at the station with this step open. */
    void setHere(boolean is) {
        here = is;
        run();
    }

    /** Whether it is the open sheet that is cut. */
    boolean isOfSheet() {
        return ofSheet && desk.sheet() != null;
    }

    /** What is cut from now on: what one has just worked on. */
    void setOfSheet(boolean is) {
        ofSheet = is;
    }

    private void run() {
        what.show(isOfSheet());
        what.setDisable(desk.sheet() == null);
        if (isOfSheet()) {
            sticker.rehearse(null);
            runSheet();
        } else {
            sheet.rehearse(null, null);
            runSticker();
        }
    }

    private void runSheet() {
        KnownSheet known = desk.knownProperty().get();
        if (!here || known == null || known.laid().nest().laid().isEmpty()) {
            sheet.rehearse(null, null);
            told.getChildren().clear();
            return;
        }
        CutterSettings with = settings;
        Point drift = way.by.times(driftMm);
        Aside.run(
                () -> rehearsed(known, with), done -> took(known, done, drift, with), this::failed);
    }

    private SheetRehearsal rehearsed(KnownSheet known, CutterSettings with) {
        try {
            return SheetRehearsal.of(known.laid(), bench.workspace().press(), with);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void took(KnownSheet of, SheetRehearsal done, Point drift, CutterSettings with) {
        boolean newest =
                here
                        && isOfSheet()
                        && of == desk.knownProperty().get()
                        && with.equals(settings)
                        && drift.equals(way.by.times(driftMm));
        if (newest) {
            sheet.rehearse(done, drift);
            tell(done.told());
        }
    }

    private void failed(Throwable trouble) {
        String why = trouble.getMessage() == null ? trouble.toString() : trouble.getMessage();
        tell(List.of("It could not be rehearsed: " + why));
    }

    private void tell(List<String> words) {
        told.getChildren().setAll(words.stream().map(Hint::new).toList());
    }

    private void runSticker() {
        MadeSticker made = sticker.madeProperty().get();
        if (!here || made == null || made.sticker().cuts().isEmpty()) {
            sticker.rehearse(null);
            told.getChildren().clear();
            return;
        }
        CutterSettings with = settings;
        Point drift = way.by.times(driftMm);
        Aside.run(() -> rehearsed(made, with, drift), done -> took(done, with), this::failed);
    }

    private static Rehearsal rehearsed(MadeSticker made, CutterSettings with, Point drift) {
        try {
            return Rehearsal.of(made, with, drift);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void took(Rehearsal done, CutterSettings with) {
        boolean newest =
                here
                        && done.of() == sticker.madeProperty().get()
                        && with.equals(settings)
                        && done.drift().equals(way.by.times(driftMm));
        if (newest) {
            sticker.rehearse(done);
            tell(done.told());
        }
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
        if (!isOfSheet()) {
            sticker.show(bench.shown());
        }
    }
}
