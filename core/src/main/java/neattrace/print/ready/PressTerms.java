package neattrace.print.ready;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.goods.Ground;
import neattrace.goods.Printing;
import neattrace.job.PressSection;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackRecipe;
import neattrace.press.black.BlackSchool;
import neattrace.press.trap.TrapRule;

/**
 * What a plan is made ready by. Lengths are on the finished thing.
 *
 * @param trap widths and limits
 * @param black what lies beneath black
 * @param choices pieces of black that are printed otherwise, mm on the page that is made ready
 * @param linesOver whether coloured lines print over what lies beneath
 * @param inkLimit the most ink in one place, percent; 0 for any
 * @param untrapped places beside seams that are not trapped, mm on the page
 * @param underbase white beneath inks on dark cloth
 */
public record PressTerms(
        TrapRule trap,
        BlackRecipe black,
        List<BlackChoice> choices,
        boolean linesOver,
        double inkLimit,
        List<Point> untrapped,
        Optional<Underbase> underbase) {

    public PressTerms {
        choices = List.copyOf(choices);
        untrapped = List.copyOf(untrapped);
    }

    /**
     * The same where no place of the drawing is known on the page: what was decided for single
     * places is left to the rule.
     */
    public static PressTerms of(PressSection press, Printing printing, Ground ground) {
        PressSection plain = press.withUntrapped(List.of()).withChoices(List.of());
        return of(plain, printing, ground, UnaryOperator.identity());
    }

    /**
     * What a job says, and where it leaves that to the goods, what they say.
     *
     * @param ground what it is printed on
     * @param onPage where a place of the drawing's page, mm, lies on the page that is made ready
     */
    public static PressTerms of(
            PressSection press, Printing printing, Ground ground, UnaryOperator<Point> onPage) {
        double register = or(press.registerMm(), printing.registerMm());
        double limit = or(press.inkLimit(), printing.inkLimit());
        double width = press.trapped() ? or(press.trapMm(), printing.trapMm()) : 0;
        // Whatever goods say of builds: inks of their own that touch show paper between them.
        boolean byGoods = press.trapped() && press.trapMm() == PressSection.AUTO;
        double spots = byGoods ? Math.max(width, Math.min(register, TrapRule.MOST_MM)) : width;
        // One ink leaves nothing to lay beneath it.
        BlackSchool school = press.oneColour().on() ? BlackSchool.K_ONLY : press.school();
        BlackRecipe black = BlackRecipe.of(school, press.underlay(), register);
        if (press.boldMm() != PressSection.AUTO) {
            black =
                    new BlackRecipe(
                            black.school(), black.underlay(), black.keptBackMm(), press.boldMm());
        }
        boolean white = Underbase.isWanted(ground);
        return new PressTerms(
                new TrapRule(width, spots, register, limit),
                black,
                press.oneColour().on()
                        ? List.of()
                        : press.choices().stream()
                                .map(one -> new BlackChoice(onPage.apply(one.at()), one.rich()))
                                .toList(),
                press.linesOver(),
                limit,
                press.untrapped().stream().map(onPage).toList(),
                white ? Optional.of(new Underbase(ground.colour(), register)) : Optional.empty());
    }

    private static double or(double own, double goods) {
        return own == PressSection.AUTO ? goods : own;
    }
}
