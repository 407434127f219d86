package neattrace.print.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Drawing;
import neattrace.press.black.BlackSchool;
import neattrace.press.rehearsal.Fault;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.trap.TrapRule;
import neattrace.trace.LineRecipe;
import neattrace.trace.WeightRecipe;

/**
 * What may mend places that fail on a press.
 *
 * @param key what it is called in files
 * @param label in a person's words
 * @param press what it makes of what is decided about printing
 * @param line what it makes of what is decided about lines
 */
public record PressMend(
        String key,
        String label,
        UnaryOperator<PressSection> press,
        UnaryOperator<LineRecipe> line) {

    /** Lines are made thinner by so much where gaps between them fill, mm. */
    private static final double THINNER_MM = 0.1;

    /** Inks that differ by more are not printed in one (CIEDE2000; common practice, no source). */
    private static final double ALIKE = 12;

    /** Traps as wide as plates may lie off, along every seam. */
    static PressMend trap(double registerMm) {
        double wide = Math.min(TrapRule.MOST_MM, registerMm);
        return onPress(
                "trap",
                String.format(Locale.ROOT, "Trap %.2f mm wide", wide),
                press -> press.withTrapped(true).withTrapMm(wide).withUntrapped(List.of()));
    }

    /** Colours beneath black kept back from its edge. */
    static PressMend keepBack() {
        return onPress(
                "keep-back", "Keep colours back", press -> press.withSchool(BlackSchool.KEPT_BACK));
    }

    private static PressMend onPress(String key, String label, UnaryOperator<PressSection> change) {
        return new PressMend(key, label, change, UnaryOperator.identity());
    }

    /** One ink less: the merge that harms least. */
    static PressMend fewer(FewerInks fewer) {
        FewerInks.Merge merge = fewer.merges().get(0);
        return onPress("fewer", merge.from().name() + " in " + merge.into().name(), fewer::in);
    }

    /**
     * Bolder lines, that cover seams and are not drowned; thinner ones where gaps fill.
     *
     * @param factor how many times as wide as on the page lines come out
     */
    static PressMend weight(boolean bolder, double registerMm, double factor) {
        double onGoods = bolder ? 2 * registerMm : THINNER_MM;
        double mm = Math.round(100 * onGoods / factor) / 100.0 * (bolder ? 1 : -1);
        return new PressMend(
                bolder ? "bolder" : "thinner",
                String.format(
                        Locale.ROOT, "Lines %.2f mm %s", onGoods, bolder ? "bolder" : "thinner"),
                UnaryOperator.identity(),
                line -> line.withWeight(heavier(line.weight(), mm)));
    }

    private static WeightRecipe heavier(WeightRecipe weight, double mm) {
        double sum = weight.allMm() + mm;
        return weight.withAllMm(
                Math.max(-WeightRecipe.MOST_MM, Math.min(WeightRecipe.MOST_MM, sum)));
    }

    /** A job with it. */
    public Job in(Job job) {
        return job.withPress(press.apply(job.press())).withLine(line.apply(job.line()));
    }

    /**
     * What can be tried for a sheet without drawing anything anew, the usual thing first.
     *
     * @param registerMm the widest tolerance of all goods of the job
     */
    public static List<PressMend> of(PressSheet sheet, double registerMm, List<Fault> faults) {
        PressTerms terms = sheet.terms();
        boolean untrapped = !terms.untrapped().isEmpty();
        boolean paper = faults.contains(Fault.SLIVER);
        List<PressMend> mends = new ArrayList<>();
        if (paper && (terms.trap().widthMm() < terms.trap().registerMm() || untrapped)) {
            mends.add(trap(Math.max(registerMm, terms.trap().widthMm())));
        }
        if (faults.contains(Fault.FRINGE) && terms.black().school() == BlackSchool.AS_DRAWN) {
            mends.add(keepBack());
        }
        if (paper || faults.contains(Fault.DROWNED)) {
            FewerInks.ranked(sheet.art()).stream()
                    .findFirst()
                    .filter(one -> one.merges().get(0).difference() <= ALIKE)
                    .map(PressMend::fewer)
                    .ifPresent(mends::add);
        }
        return mends;
    }

    /**
     * What can be tried with the lines for what fails in spite of all else.
     *
     * @param kept whether lines are as wide on the goods as on the page
     */
    static List<PressMend> weights(PressTrial trial, Drawing drawing, boolean kept) {
        if (drawing.lines().isEmpty()) {
            return List.of();
        }
        double factor = kept ? 1 : trial.factor();
        return trial.unmended().stream()
                .map(FaultPlace::fault)
                .map(fault -> fault == Fault.FILLED)
                .distinct()
                .map(filled -> weight(!filled, trial.registerMm(), factor))
                .toList();
    }
}
