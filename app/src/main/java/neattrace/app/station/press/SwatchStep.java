package neattrace.app.station.press;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neattrace.app.docket.BuildField;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.docket.TextValue;
import neattrace.app.work.Shown;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.press.Cmyk;
import neattrace.press.Gamut;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Reach;
import neattrace.press.Rgb;
import neattrace.print.ready.PlateStudy;

/** The colours as they print, those that look duller first. */
final class SwatchStep implements Step {

    private static final Pattern LAB =
            Pattern.compile("\\s*(-?[\\d.]+)[ ,;]+(-?[\\d.]+)[ ,;]+(-?[\\d.]+)\\s*");

    private final PressDesk desk;
    private final VBox rows = new VBox(2);
    private final VBox chosen = new VBox(6);
    private final ReachPicker picker;
    private final BuildField build;
    private final TextValue hex;
    private final TextValue lab;
    private final Hint lost = new Hint("");
    private final FlowPane neighbours = new FlowPane(6, 4);
    private final VBox content;
    private int inHand;
    private PressProfile gamutOf;
    private double gamutLimit;
    private Gamut gamut;

    SwatchStep(PressDesk desk) {
        this.desk = desk;
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("swatch-scroll");
        scroll.setMinHeight(130);
        scroll.setPrefHeight(130);
        scroll.setMaxHeight(130);
        build =
                new BuildField(
                        "Build",
                        "none",
                        one -> desk.bench().workspace().press().preview(one),
                        this::typed);
        build.setId("swatch-build");
        hex = new TextValue("Colour on screen", "#", this::typedHex);
        hex.setId("swatch-hex");
        lab = new TextValue("L*a*b* as measured", "L a b", this::typedLab);
        lab.setId("swatch-lab");
        picker = new ReachPicker(this::wished);
        chosen.getChildren()
                .addAll(
                        new Sentence("Printed as", build, ","),
                        new Sentence("on screen", hex, ", measured", lab, "."),
                        picker,
                        new Hint(
                                "What ink makes of it: ticked where it falls short. The wheel makes it"
                                        + " more or less colourful."),
                        lost,
                        neighbours);
        content = new VBox(8, scroll, chosen);
    }

    private PressProfile press() {
        return desk.bench().workspace().press();
    }

    private double limit() {
        PlateStudy study = desk.studyProperty().get();
        double limit = study == null ? 300 : study.sheet().terms().inkLimit();
        return limit == 0 ? 400 : limit;
    }

    private Gamut gamut() {
        if (gamut == null || gamutOf != press() || gamutLimit != limit()) {
            gamutOf = press();
            gamutLimit = limit();
            gamut = Gamut.of(gamutOf, gamutLimit);
        }
        return gamut;
    }

    private Optional<Swatch> swatch() {
        Shown shown = desk.bench().shown();
        return shown == null ? Optional.empty() : shown.drawing().job().swatch(inHand);
    }

    private void set(Swatch next) {
        desk.bench().change("Swatch " + next.name(), job -> job.withSwatch(next));
    }

    private void typed(Cmyk next) {
        swatch().ifPresent(
                        one ->
                                set(
                                        one.withBuild(next)
                                                .withWish(Optional.empty())
                                                .withSpot(Optional.empty())));
    }

    private void typedHex(String text) {
        Optional<Rgb> wish = Rgb.parse(text);
        if (wish.isEmpty()) {
            desk.bench().say("A colour on screen is such as #2A7F9E.");
            show(desk.bench().shown());
            return;
        }
        wished(wish.get());
    }

    /** The nearest build to a colour on screen. */
    private void wished(Rgb wish) {
        Cmyk nearest = press().nearest(wish, limit());
        swatch().ifPresent(
                        one ->
                                set(
                                        one.withBuild(nearest)
                                                .withWish(Optional.of(wish))
                                                .withSpot(Optional.empty())));
    }

    private void typedLab(String text) {
        Matcher numbers = LAB.matcher(text);
        if (!numbers.matches()) {
            desk.bench().say("L*a*b* is three numbers, such as 52 -14 30.");
            show(desk.bench().shown());
            return;
        }
        Lab measured =
                new Lab(
                        Math.max(0, Math.min(100, number(numbers, 1))),
                        Math.max(-128, Math.min(127, number(numbers, 2))),
                        Math.max(-128, Math.min(127, number(numbers, 3))));
        Cmyk nearest = press().nearest(measured, limit());
        swatch().ifPresent(
                        one -> {
                            Swatch next =
                                    one.withBuild(nearest)
                                            .withWish(Optional.of(measured.toScreen()));
                            // An ink of its own is what was measured; process inks come near it.
                            set(
                                    one.spot().isPresent()
                                            ? next.withSpot(Optional.of(measured))
                                            : next);
                        });
    }

    private static double number(Matcher numbers, int group) {
        try {
            return Double.parseDouble(numbers.group(group));
        } catch (NumberFormatException e) {
            return 0;
        }
    }

    private void turnSpot(Swatch one) {
        set(
                one.withSpot(
                        one.spot().isPresent()
                                ? Optional.empty()
                                : Optional.of(press().lab(one.build()))));
    }

    private void turnCloth(Swatch one) {
        desk.change(
                "The cloth shows",
                press -> {
                    var cloth = new TreeSet<>(press.cloth());
                    if (!cloth.remove(one.id())) {
                        cloth.add(one.id());
                    }
                    return press.withCloth(cloth);
                });
    }

    @Override
    public String title() {
        return "Colours";
    }

    @Override
    public String state(Shown shown) {
        long dull = reaches(shown.drawing().job()).stream().filter(Reach::isSeen).count();
        return dull == 0 ? "as meant" : dull + " duller";
    }

    private List<Reach> reaches(Job job) {
        List<Reach> all = new ArrayList<>();
        for (Swatch one : job.swatches()) {
            if (one.wish().isPresent() && one.spot().isEmpty()) {
                all.add(Reach.of(one.wish().get(), one.build(), press()));
            }
        }
        return all;
    }

    private double off(Swatch one) {
        return one.wish().isEmpty() || one.spot().isPresent()
                ? 0
                : Reach.of(one.wish().get(), one.build(), press()).difference();
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        if (shown == null) {
            return;
        }
        Job job = shown.drawing().job();
        rows.getChildren().clear();
        List<Swatch> sorted = new ArrayList<>(job.swatches());
        sorted.sort(Comparator.comparingDouble(this::off).reversed());
        if (job.swatch(inHand).isEmpty() && !sorted.isEmpty()) {
            inHand = sorted.get(0).id();
        }
        sorted.forEach(one -> rows.getChildren().add(row(one, job)));
        Optional<Swatch> now = job.swatch(inHand);
        chosen.setVisible(now.isPresent());
        chosen.setManaged(now.isPresent());
        if (now.isEmpty()) {
            rows.getChildren().add(new Hint("There are no colours yet: Flats lays them."));
            return;
        }
        detail(now.get(), job);
    }

    private void detail(Swatch one, Job job) {
        build.show(one.build());
        Lab seen = one.spot().orElseGet(() -> press().lab(one.build()));
        Rgb wish =
                one.wish()
                        .orElseGet(
                                () ->
                                        one.spot()
                                                .map(Lab::toScreen)
                                                .orElseGet(() -> press().preview(one.build())));
        hex.show(wish.hex());
        lab.show(String.format(Locale.ROOT, "%.0f %.0f %.0f", seen.l(), seen.a(), seen.b()));
        picker.show(gamut(), wish);
        Reach reach = Reach.of(wish, one.build(), press());
        boolean dull = reach.isSeen() && one.spot().isEmpty();
        lost.setText(
                dull
                        ? String.format(
                                Locale.ROOT,
                                "Prints %s than on screen, %.1f away (CIEDE2000). Printable near it:",
                                reach.lost(),
                                reach.difference())
                        : one.spot().isPresent()
                                ? "An ink of its own, mixed to this colour."
                                : String.format(
                                        Locale.ROOT,
                                        "Prints as on screen, %.1f away.",
                                        reach.difference()));
        neighbours.getChildren().clear();
        if (dull) {
            for (Reach near : gamut().neighbours(wish, press(), limit())) {
                neighbours.getChildren().add(neighbour(near, one));
            }
        }
        neighbours
                .getChildren()
                .addAll(
                        Buttons.small(
                                one.spot().isPresent()
                                        ? "Print it with process inks"
                                        : "An ink of its own",
                                "swatch-spot",
                                () -> turnSpot(one)),
                        Buttons.small(
                                job.press().cloth().contains(one.id())
                                        ? "Print it"
                                        : "The cloth shows it",
                                "swatch-cloth",
                                () -> turnCloth(one)));
    }

    private Node neighbour(Reach near, Swatch one) {
        Rectangle chip = new Rectangle(20, 16, Color.web(near.printed().hex()));
        chip.getStyleClass().add("chip");
        var button =
                Buttons.small(
                        near.build() + (near.lost().isEmpty() ? "" : ", " + near.lost()),
                        "neighbour-" + neighbours.getChildren().size(),
                        () -> set(one.withBuild(near.build())));
        button.setGraphic(chip);
        return button;
    }

    private Node row(Swatch one, Job job) {
        Rgb printed = one.spot().map(Lab::toScreen).orElseGet(() -> press().preview(one.build()));
        Rgb wish = one.wish().orElse(printed);
        Rectangle screen = new Rectangle(22, 22, Color.web(wish.hex()));
        Rectangle print = new Rectangle(22, 22, Color.web(printed.hex()));
        Label name = new Label(one.name());
        name.getStyleClass().add("swatch-name");
        String inks =
                job.press().cloth().contains(one.id())
                        ? "the cloth shows it"
                        : one.spot().isPresent() ? "an ink of its own" : one.build().toString();
        Label words = new Label(inks);
        words.getStyleClass().add("swatch-inks");
        VBox texts = new VBox(name, words);
        HBox.setHgrow(texts, Priority.ALWAYS);
        double off = off(one);
        Label away =
                new Label(off >= Reach.SEEN ? String.format(Locale.ROOT, "%.0f duller", off) : "");
        away.getStyleClass().add("swatch-total");
        HBox row = new HBox(8, new HBox(screen, print), texts, away);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("ink-row");
        row.setAccessibleText(one.name());
        row.setFocusTraversable(true);
        row.setOpacity(one.id() == inHand ? 1 : 0.75);
        row.setOnMouseClicked(event -> take(one.id()));
        row.setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                        take(one.id());
                        event.consume();
                    }
                });
        return row;
    }

    private void take(int id) {
        inHand = id;
        show(desk.bench().shown());
    }
}
