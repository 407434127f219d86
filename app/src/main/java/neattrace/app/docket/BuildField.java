package neattrace.app.docket;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import neattrace.press.Cmyk;
import neattrace.press.Rgb;

/**
 * An ink build within a sentence: four numbers, such as "20 0 8 0", or "none" for bare paper,
 * beside what they look like.
 */
public final class BuildField extends HBox {

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,]\\d+)?");
    private static final Cmyk NONE = new Cmyk(0, 0, 0, 0);

    private final Region chip = new Region();
    private final TextValue words;
    private final Function<Cmyk, Rgb> look;
    private final String bare;
    private final Consumer<Cmyk> whenSet;
    private Cmyk value = NONE;

    /**
     * A field.
     *
     * @param name for screen readers
     * @param bare what no ink at all is called
     * @param look how a build looks
     * @param whenSet called with a new build
     */
    public BuildField(String name, String bare, Function<Cmyk, Rgb> look, Consumer<Cmyk> whenSet) {
        super(5);
        this.look = look;
        this.bare = bare;
        setAlignment(Pos.CENTER_LEFT);
        chip.getStyleClass().add("build-chip");
        chip.setMinSize(14, 14);
        chip.setMaxSize(14, 14);
        words = new TextValue(name + ": cyan, magenta, yellow, black in %", bare, this::typed);
        getChildren().addAll(chip, words);
        this.whenSet = whenSet;
        show(NONE);
    }

    /** The words of a build; all of it typed at once, for tests and screen readers. */
    public TextValue words() {
        return words;
    }

    /** Shows a build without reporting it. */
    public void show(Cmyk build) {
        value = build;
        words.show(text());
        chip.setStyle("-fx-background-color: " + look.apply(build).hex() + ";");
    }

    private String text() {
        return value.total() == 0
                ? bare
                : number(value.c())
                        + " "
                        + number(value.m())
                        + " "
                        + number(value.y())
                        + " "
                        + number(value.k());
    }

    private static String number(double ink) {
        return ink == Math.rint(ink) ? String.valueOf((long) ink) : String.valueOf(ink);
    }

    private void typed(String text) {
        Optional<Cmyk> build = read(text);
        if (build.isEmpty()) {
            words.refuse(
                    "“"
                            + text
                            + "” is no build: cyan, magenta, yellow and black in percent, such as"
                            + " 20 0 8 0. It stays "
                            + text()
                            + ".");
            words.show("");
            words.show(text());
            words.setText(text());
            return;
        }
        show(build.get());
        whenSet.accept(build.get());
    }

    /** A build of what is typed; empty if it is none. */
    private Optional<Cmyk> read(String text) {
        if (text.isBlank() || text.equalsIgnoreCase(bare)) {
            return Optional.of(NONE);
        }
        double[] inks = new double[4];
        int count = 0;
        for (Matcher number = NUMBER.matcher(text); number.find(); count++) {
            if (count == 4) {
                return Optional.empty();
            }
            inks[count] = Double.parseDouble(number.group().replace(',', '.'));
        }
        boolean fits = count == 4 && Arrays.stream(inks).allMatch(ink -> ink <= 100);
        return fits ? Optional.of(new Cmyk(inks[0], inks[1], inks[2], inks[3])) : Optional.empty();
    }
}
