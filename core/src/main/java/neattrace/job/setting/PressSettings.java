package neattrace.job.setting;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import neattrace.job.PressSection;
import neattrace.press.black.BlackSchool;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.trap.TrapRule;

/** What can be set about printing. */
public final class PressSettings {

    public static final Option<BlackSchool> BLACK =
            new Option<>(
                    "black-rule",
                    "Black",
                    List.of(BlackSchool.values()),
                    BlackSchool::words,
                    job -> job.press().school(),
                    (job, v) -> job.withPress(job.press().withSchool(v)));

    public static final Quantity BOLD =
            automatic(
                    "black-bold",
                    "Bold from",
                    "mm",
                    PressSection.MOST_BOLD_MM,
                    0.1,
                    PressSection::boldMm,
                    PressSection::withBoldMm);

    public static final Option<Boolean> LINES =
            new Option<>(
                    "coloured-lines-over",
                    "Coloured lines",
                    List.of(false, true),
                    over -> over ? "print over what lies beneath" : "knock it out, with traps",
                    job -> job.press().linesOver(),
                    (job, v) -> job.withPress(job.press().withLinesOver(v)));

    public static final Quantity REGISTER =
            automatic(
                    "register",
                    "Register tolerance",
                    "mm",
                    TrapRule.MOST_MM,
                    0.05,
                    PressSection::registerMm,
                    PressSection::withRegisterMm);

    public static final Option<Boolean> TRAPPED =
            new Option<>(
                    "trapped",
                    "Traps",
                    List.of(true, false),
                    on -> on ? "with traps" : "without traps",
                    job -> job.press().trapped(),
                    (job, v) -> job.withPress(job.press().withTrapped(v)));

    public static final Quantity TRAP =
            automatic(
                    "trap",
                    "Trap",
                    "mm",
                    TrapRule.MOST_MM,
                    0.05,
                    PressSection::trapMm,
                    PressSection::withTrapMm);

    public static final Quantity LIMIT =
            new Quantity(
                            "ink-limit",
                            "Ink limit",
                            "%",
                            100,
                            400,
                            10,
                            OptionalDouble.empty(),
                            job -> job.press().inkLimit(),
                            (job, v) -> job.withPress(job.press().withInkLimit(v)))
                    .orAuto(PressSection.AUTO);

    public static final Option<Boolean> ONE_COLOUR =
            new Option<>(
                    "one-colour",
                    "One colour",
                    List.of(false, true),
                    on -> on ? "in one colour" : "in all its colours",
                    job -> job.press().oneColour().on(),
                    (job, v) ->
                            job.withPress(
                                    job.press().withOneColour(job.press().oneColour().withOn(v))));

    public static final Option<OneColourRecipe.Style> ONE_COLOUR_STYLE =
            new Option<>(
                    "one-colour-style",
                    "Between ink and bare",
                    List.of(OneColourRecipe.Style.values()),
                    OneColourRecipe.Style::words,
                    job -> job.press().oneColour().style(),
                    (job, v) ->
                            job.withPress(
                                    job.press()
                                            .withOneColour(job.press().oneColour().withStyle(v))));

    /** All of them. */
    static final List<Setting> ALL =
            List.of(
                    BLACK,
                    BOLD,
                    LINES,
                    REGISTER,
                    TRAPPED,
                    TRAP,
                    LIMIT,
                    ONE_COLOUR,
                    ONE_COLOUR_STYLE);

    private PressSettings() {}

    private static Quantity automatic(
            String key,
            String name,
            String unit,
            double most,
            double step,
            ToDoubleFunction<PressSection> get,
            BiFunction<PressSection, Double, PressSection> put) {
        return Quantity.of(
                        key,
                        name,
                        unit,
                        0,
                        most,
                        step,
                        job -> get.applyAsDouble(job.press()),
                        (job, v) -> job.withPress(put.apply(job.press(), v)))
                .orAuto(PressSection.AUTO);
    }
}
