package neattrace.job;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackRecipe;
import neattrace.press.black.BlackSchool;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.trap.TrapRule;

/**
 * What was decided about printing.
 *
 * @param school which of the black has colours beneath it
 * @param underlay those colours
 * @param boldMm from this width on black has them, mm on the goods; {@link #AUTO} for as wide as
 *     the register tolerance asks for
 * @param choices pieces of black that are printed otherwise than the rule says, mm on the page
 * @param linesOver whether coloured and half-strength lines print over what lies beneath instead of
 *     knocking it out
 * @param registerMm how far plates may lie off; {@link #AUTO} for as the goods say
 * @param trapped whether there are traps
 * @param trapMm how wide they are; {@link #AUTO} for as the goods say
 * @param inkLimit the most ink in one place, percent; {@link #AUTO} for as the goods say
 * @param untrapped places of seams without a trap, mm on the page
 * @param profile of the press
 * @param merged swatches that are printed in another one's ink, by their ids
 * @param cloth ids of swatches that the cloth itself shows: they are not printed
 * @param order names of inks in the order they are printed; those that are not named come where
 *     they are usual
 * @param oneColour how the drawing is made in one ink
 */
public record PressSection(
        BlackSchool school,
        Cmyk underlay,
        double boldMm,
        List<BlackChoice> choices,
        boolean linesOver,
        double registerMm,
        boolean trapped,
        double trapMm,
        double inkLimit,
        List<Point> untrapped,
        PressProfile profile,
        Map<Integer, Integer> merged,
        Set<Integer> cloth,
        List<String> order,
        OneColourRecipe oneColour)
        implements OnPage<PressSection> {

    /** Left to the goods. */
    public static final double AUTO = -1;

    /** The widest line that can be said to be bold, mm. */
    public static final double MOST_BOLD_MM = 50;

    /** No places more are kept. */
    private static final int MOST_PLACES = 10_000;

    private static final int MOST_INKS = 1000;

    /** As most work is printed. */
    public static final PressSection USUAL =
            new PressSection(
                    BlackSchool.KEPT_BACK,
                    BlackRecipe.USUAL_UNDERLAY,
                    AUTO,
                    List.of(),
                    false,
                    AUTO,
                    true,
                    AUTO,
                    AUTO,
                    List.of(),
                    PressProfile.bundled(),
                    Map.of(),
                    Set.of(),
                    List.of(),
                    OneColourRecipe.OFF);

    public PressSection {
        check("bold lines", boldMm, MOST_BOLD_MM);
        check("the register tolerance", registerMm, TrapRule.MOST_MM);
        check("the trap", trapMm, TrapRule.MOST_MM);
        if (inkLimit != AUTO && !(inkLimit >= 100 && inkLimit <= 400)) {
            throw new IllegalArgumentException("the ink limit is 100 to 400 %");
        }
        if (untrapped.size() > MOST_PLACES) {
            throw new IllegalArgumentException("too many seams are without a trap");
        }
        if (choices.size() > MOST_PLACES) {
            throw new IllegalArgumentException("too many pieces of black are chosen by hand");
        }
        if (order.size() > MOST_INKS) {
            throw new IllegalArgumentException("too many inks are in order");
        }
        choices = List.copyOf(choices);
        order = order.stream().distinct().toList();
        untrapped = List.copyOf(untrapped);
        merged = Collections.unmodifiableMap(new TreeMap<>(merged));
        cloth = Collections.unmodifiableSet(new TreeSet<>(cloth));
    }

    private static void check(String what, double mm, double most) {
        if (mm != AUTO && !(mm >= 0 && mm <= most)) {
            throw new IllegalArgumentException(what + ": 0 to " + most + " mm");
        }
    }

    /** Whether black has colours beneath it, as goods ask. */
    public BlackRule black() {
        return school == BlackSchool.K_ONLY ? BlackRule.K_ONLY : BlackRule.RICH;
    }

    /** The same with black as goods ask for it. */
    public PressSection withBlack(BlackRule rule) {
        if (rule == black()) {
            return this;
        }
        return withSchool(rule == BlackRule.RICH ? BlackSchool.KEPT_BACK : BlackSchool.K_ONLY);
    }

    public PressSection withSchool(BlackSchool value) {
        return with(fields -> fields.school = value);
    }

    public PressSection withUnderlay(Cmyk value) {
        return with(fields -> fields.underlay = value);
    }

    public PressSection withBoldMm(double value) {
        return with(fields -> fields.boldMm = value);
    }

    public PressSection withChoices(List<BlackChoice> value) {
        return with(fields -> fields.choices = value);
    }

    public PressSection withLinesOver(boolean value) {
        return with(fields -> fields.linesOver = value);
    }

    public PressSection withRegisterMm(double value) {
        return with(fields -> fields.registerMm = value);
    }

    public PressSection withTrapped(boolean value) {
        return with(fields -> fields.trapped = value);
    }

    public PressSection withTrapMm(double value) {
        return with(fields -> fields.trapMm = value);
    }

    public PressSection withInkLimit(double value) {
        return with(fields -> fields.inkLimit = value);
    }

    public PressSection withUntrapped(List<Point> value) {
        return with(fields -> fields.untrapped = value);
    }

    public PressSection withProfile(PressProfile value) {
        return with(fields -> fields.profile = value);
    }

    public PressSection withMerged(Map<Integer, Integer> value) {
        return with(fields -> fields.merged = value);
    }

    public PressSection withCloth(Set<Integer> value) {
        return with(fields -> fields.cloth = value);
    }

    public PressSection withOrder(List<String> value) {
        return with(fields -> fields.order = value);
    }

    public PressSection withOneColour(OneColourRecipe value) {
        return with(fields -> fields.oneColour = value);
    }

    private PressSection with(Consumer<Fields> change) {
        Fields fields = new Fields(this);
        change.accept(fields);
        return fields.section();
    }

    /** All values, while one of them changes. */
    private static final class Fields {

        private BlackSchool school;
        private Cmyk underlay;
        private double boldMm;
        private List<BlackChoice> choices;
        private boolean linesOver;
        private double registerMm;
        private boolean trapped;
        private double trapMm;
        private double inkLimit;
        private List<Point> untrapped;
        private PressProfile profile;
        private Map<Integer, Integer> merged;
        private Set<Integer> cloth;
        private List<String> order;
        private OneColourRecipe oneColour;

        Fields(PressSection from) {
            school = from.school;
            underlay = from.underlay;
            boldMm = from.boldMm;
            choices = from.choices;
            linesOver = from.linesOver;
            registerMm = from.registerMm;
            trapped = from.trapped;
            trapMm = from.trapMm;
            inkLimit = from.inkLimit;
            untrapped = from.untrapped;
            profile = from.profile;
            merged = from.merged;
            cloth = from.cloth;
            order = from.order;
            oneColour = from.oneColour;
        }

        PressSection section() {
            return new PressSection(
                    school,
                    underlay,
                    boldMm,
                    choices,
                    linesOver,
                    registerMm,
                    trapped,
                    trapMm,
                    inkLimit,
                    untrapped,
                    profile,
                    merged,
                    cloth,
                    order,
                    oneColour);
        }
    }

    @Override
    public PressSection moved(UnaryOperator<Point> map, double growth) {
        return withChoices(choices.stream().map(one -> one.moved(map, growth)).toList())
                .withUntrapped(untrapped.stream().map(map).toList())
                .withOneColour(oneColour.moved(map, growth));
    }
}
