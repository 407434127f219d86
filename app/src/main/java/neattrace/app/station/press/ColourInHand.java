package neattrace.app.station.press;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import neattrace.app.docket.BuildField;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.Hint;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.TextValue;
import neattrace.app.work.Shown;
import neattrace.flat.Swatch;
import neattrace.goods.Ground;
import neattrace.job.Job;
import neattrace.press.Cmyk;
import neattrace.press.Gamut;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Reach;
import neattrace.press.Rgb;
import neattrace.print.ready.PlateStudy;

/** The swatch in hand: its build, as it is asked for and as it prints. */
final class ColourInHand extends VBox {

    private static final Pattern LAB =
            Pattern.compile("\\s*(-?[\\d.]+)[ ,;]+(-?[\\d.]+)[ ,;]+(-?[\\d.]+)\\s*");

    private final PressDesk desk;

    private final ColourChoosers choosers;
    private final BuildField build;
    private final TextValue name;
    private final TextValue hex;
    private final TextValue lab;
    private final Hint lost = new Hint("");
    private final FlowPane neighbours = new FlowPane(6, 4);
    private int inHand;

    ColourInHand(PressDesk desk) {
        super(6);
        this.desk = desk;
        build =
                new BuildField(
                        "Build",
                        "none",
                        one -> desk.bench().workspace().press().preview(one),
                        this::typed);
        build.setId("swatch-build");
        name = new TextValue("Name of the colour", "a name", this::renamed);
        name.setId("swatch-called");
        hex = new TextValue("Colour on screen", "#", this::typedHex);
        hex.setId("swatch-hex");
        lab = new TextValue("L*a*b* as measured", "L a b", this::typedLab);
        lab.setId("swatch-lab");
        choosers = new ColourChoosers(desk, this::chosen, this::built);
        getChildren()
                .addAll(
                        new Sentence(name, "prints as", build, ","),
                        new Sentence("on screen", hex, ", measured", lab, "."),
                        choosers,
                        lost,
                        neighbours);
    }

    /** Takes colours off a picture of a file. */
    void openPicture(Path file) {
        choosers.openPicture(file);
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
        return press().gamut(limit());
    }

    private Optional<Swatch> swatch() {
        Shown shown = desk.bench().shown();
        return shown == null ? Optional.empty() : shown.drawing().job().swatch(inHand);
    }

    /** What was typed and is none gives way to what is. */
    private void again() {
        swatch().ifPresent(one -> show(one, desk.bench().shown().drawing().job()));
    }

    private void set(Swatch next) {
        desk.bench().change("Swatch " + next.name(), job -> job.withSwatch(next));
    }

    private void typed(Cmyk next) {
        swatch().ifPresent(one -> set(one.withBuild(next).withSpot(Optional.empty())));
    }

    /** A build of a palette: an ink of its own is mixed to look like it. */
    private void built(Cmyk next) {
        swatch().ifPresent(
                        one ->
                                set(
                                        one.withBuild(next)
                                                .withSpot(
                                                        one.spot().map(ink -> press().lab(next)))));
    }

    /** An ink of its own is called so in files. */
    private void renamed(String text) {
        if (text.isEmpty() || text.length() > Swatch.MOST_LETTERS) {
            desk.bench().say("A colour has a name of 1 to 60 letters.");
            again();
            return;
        }
        swatch().ifPresent(one -> set(one.withName(text)));
    }

    private void typedHex(String text) {
        Optional<Rgb> wish = Rgb.typed(text);
        if (wish.isEmpty()) {
            desk.bench().say("A colour on screen is such as #2A7F9E or 42 127 158.");
            again();
            return;
        }
        swatch().ifPresent(one -> set(wished(one, wish.get())));
    }

    /** A colour that was chosen by eye: an ink of its own is mixed to it. */
    private void chosen(Rgb wish) {
        swatch().ifPresent(
                        one ->
                                set(
                                        wished(one, wish)
                                                .withSpot(one.spot().map(ink -> wish.toLabD50()))));
    }

    /** With the nearest build to a colour on screen; an ink of its own stays, and is shown so. */
    private Swatch wished(Swatch one, Rgb wish) {
        return one.withBuild(press().nearest(wish, limit())).withWish(Optional.of(wish));
    }

    private void typedLab(String text) {
        Matcher numbers = LAB.matcher(text);
        if (!numbers.matches()) {
            desk.bench().say("L*a*b* is three numbers, such as 52 -14 30.");
            again();
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
                    TreeSet<Integer> cloth = new TreeSet<>(press.cloth());
                    if (!cloth.remove(one.id())) {
                        cloth.add(one.id());
                    }
                    return press.withCloth(cloth);
                });
    }

    /** Shows one. */
    void show(Swatch one, Job job) {
        inHand = one.id();
        name.show(one.name());
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
        choosers.show(gamut(), wish, press(), job);
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
                                ? "An ink of its own, mixed to what is measured; what is on screen is"
                                        + " how it is shown."
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
                .add(
                        Buttons.small(
                                one.spot().isPresent()
                                        ? "Print it with process inks"
                                        : "An ink of its own",
                                "swatch-spot",
                                () -> turnSpot(one)));
        boolean left = job.press().cloth().contains(one.id());
        if (left || isOnCloth(job)) {
            neighbours
                    .getChildren()
                    .add(
                            Buttons.small(
                                    left ? "Print it" : "The cloth shows it",
                                    "swatch-cloth",
                                    () -> turnCloth(one)));
        }
    }

    /** Paper and vinyl show no colour of their own; as long as nobody has said, it may be cloth. */
    private boolean isOnCloth(Job job) {
        return desk.wanted(job)
                .map(goods -> goods.goods().ground().material() == Ground.Material.CLOTH)
                .orElse(true);
    }

    private Node neighbour(Reach near, Swatch one) {
        Rectangle chip = new Rectangle(20, 16, Color.web(near.printed().hex()));
        chip.getStyleClass().add("chip");
        Button button =
                Buttons.small(
                        near.build() + (near.lost().isEmpty() ? "" : ", " + near.lost()),
                        "neighbour-" + neighbours.getChildren().size(),
                        () -> set(one.withBuild(near.build())));
        button.setGraphic(chip);
        return button;
    }
}
