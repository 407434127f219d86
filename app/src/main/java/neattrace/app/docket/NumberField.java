package neattrace.app.docket;

import java.util.Locale;
import java.util.function.DoubleConsumer;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * A number within a sentence. Enter or leaving it takes the number, Escape puts the old one back,
 * the up and down keys step it.
 */
public final class NumberField extends ValueField {

    private static final double LEAST_WIDTH = 34;
    private static final double PADDING = 14;
    private static final Pattern NUMBER = Pattern.compile("[+-]?(\\d+\\.?\\d*|\\.\\d+)");

    private final String unit;
    private final double least;
    private final double most;
    private final double step;
    private final DoubleConsumer whenSet;
    private double value;

    /**
     * A field.
     *
     * @param name for screen readers
     * @param unit shown behind the number, may be empty
     * @param least smallest number taken
     * @param most largest number taken
     * @param step of the up and down keys
     * @param whenSet called with a new number
     */
    public NumberField(
            String name,
            String unit,
            double least,
            double most,
            double step,
            DoubleConsumer whenSet) {
        super(name, LEAST_WIDTH, Double.MAX_VALUE, PADDING);
        this.unit = unit;
        this.least = least;
        this.most = most;
        this.step = step;
        this.whenSet = whenSet;
    }

    /** Shows a number without reporting it. */
    public void show(double next) {
        // What somebody is typing stays; a number that only was shown gives way to the new one.
        boolean typing = isFocused() && !getText().equals(text());
        value = next;
        if (!typing) {
            setText(text());
        }
    }

    private String text() {
        return words(value);
    }

    private String words(double of) {
        String digits =
                of == Math.rint(of)
                        ? String.valueOf((long) of)
                        : String.format(Locale.ROOT, step < 0.01 ? "%.3f" : "%.2f", of)
                                .replaceAll("\\.?0+$", "");
        return unit.isEmpty() ? digits : digits + " " + unit;
    }

    @Override
    void pressed(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            setText(text());
            event.consume();
        } else if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
            set(value + (event.getCode() == KeyCode.UP ? step : -step));
            event.consume();
        }
    }

    @Override
    void take() {
        // What is shown may be rounded; leaving it as it is changes nothing.
        if (getText().equals(text())) {
            return;
        }
        String typed = getText().strip();
        String digits = typed.replace(unit, "").replace(',', '.').strip();
        // Not all that Java takes for a number is one to a person: NaN, 1e5, 7d.
        if (!NUMBER.matcher(digits).matches()) {
            refuse("“" + typed + "” is no number; it stays " + text() + ".");
            setText(text());
            return;
        }
        double wanted = Double.parseDouble(digits);
        set(wanted);
        if (wanted < least || wanted > most) {
            refuse(
                    "It can be "
                            + words(least)
                            + " to "
                            + words(most)
                            + ", so it is "
                            + text()
                            + ".");
        }
    }

    private void set(double next) {
        double kept = Math.round(Math.max(least, Math.min(most, next)) * 1000) / 1000.0;
        boolean changed = Math.abs(kept - value) > 1e-9;
        value = kept;
        setText(text());
        if (changed && Double.isFinite(kept)) {
            whenSet.accept(kept);
        }
    }
}
