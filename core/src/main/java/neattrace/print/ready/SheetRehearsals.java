package neattrace.print.ready;

import java.util.List;
import java.util.function.Consumer;
import neattrace.press.InkLook;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.PlateMap;
import neattrace.press.rehearsal.PressRecipe;
import neattrace.press.rehearsal.Rehearsal;
import neattrace.press.rehearsal.RehearsalRun;
import neattrace.print.PlateWork;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;

/**
 * A sheet on the stand-in press, before and after it was made ready: the same seed, so that the
 * plates lie alike.
 *
 * @param asDrawn with colours beneath all of the black and no traps
 * @param ready as it is printed
 */
public record SheetRehearsals(RehearsalRun asDrawn, RehearsalRun ready) {

    /** A sheet with more of what was not meant is no good, mm2. */
    public static final double FAILS_MM2 = 0.1;

    /**
     * Prints both.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static SheetRehearsals of(PressSheet sheet, int sheets, long seed, Progress progress) {
        PressRecipe recipe = PressRecipe.of(sheet.terms().trap().registerMm(), seed);
        return new SheetRehearsals(
                run(sheet.plain(), sheets, recipe, run -> {}, progress.part(0, 0.5)),
                run(sheet.plan(), sheets, recipe, run -> {}, progress.part(0.5, 1)));
    }

    /**
     * Prints a plan.
     *
     * @param sofar as for {@link Rehearsal#of}
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static RehearsalRun run(
            PrintPlan plan,
            int sheets,
            PressRecipe recipe,
            Consumer<RehearsalRun> sofar,
            Progress progress) {
        List<Laid> laid = PlateWork.of(plan);
        double ppi = Rehearsal.ppi(recipe.registerMm(), plan.widthMm(), plan.heightMm());
        PlateMap map =
                PlateMaker.map(laid, plan.widthMm(), plan.heightMm(), ppi, progress.part(0, 0.05));
        return Rehearsal.of(
                map,
                PlateMaker.inks(laid),
                recipe,
                new InkLook(plan.press()),
                sheets,
                sofar,
                progress.part(0.05, 1));
    }
}
