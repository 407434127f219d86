package neattrace.sheet.ink;

import java.util.BitSet;
import neattrace.raster.GreySheet;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Method;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.light.LightEvener;
import neattrace.sheet.light.LightField;
import neattrace.sheet.light.Unsharp;
import neattrace.sheet.threshold.Levels;
import neattrace.sheet.threshold.Response;
import neattrace.sheet.threshold.Sauvola;
import neattrace.sheet.threshold.ToneMap;
import neattrace.stage.Progress;

/**
 * The sheet as darkness, ready for the decision.
 *
 * @param light the light that was evened out
 * @param measured where paper and ink lie after evening, as measured
 * @param levels the same with what was set by hand
 * @param tone darkness; all paper if nothing parts ink from paper
 */
record TonedSheet(LightField light, Levels measured, Levels levels, ToneMap tone) {

    /** Levels of pictures that are black and white from the start. */
    private static final Levels ONE_BIT = new Levels(255, 0, 0, 0, true);

    static TonedSheet of(LaidSheet laid, SheetRecipe recipe, double pxPerMm, Progress progress) {
        GreySheet grey = laid.grey();
        progress.report("Evening the light", 0);
        LightRecipe how = recipe.light();
        LightField light = LightField.flat();
        if (how.even() && !laid.oneBit()) {
            light = LightEvener.estimate(grey, laid.masked().erased());
            grey = LightEvener.even(grey, light);
        }
        progress.report("Measuring paper and ink", 0.3);
        Levels measured = laid.oneBit() ? ONE_BIT : Levels.measure(grey, laid.masked().erased());
        Levels levels = laid.oneBit() ? ONE_BIT : adjusted(measured, how);
        if (!levels.found()) {
            byte[] none = new byte[grey.samples().length];
            ToneMap paper = new ToneMap(grey.width(), grey.height(), none);
            return new TonedSheet(light, measured, levels, paper);
        }
        ToneMap tone = tone(grey, levels, recipe, pxPerMm, progress);
        BitSet erased = laid.masked().erased();
        for (int i = erased.nextSetBit(0); i >= 0; i = erased.nextSetBit(i + 1)) {
            tone.darkness()[i] = 0;
        }
        return new TonedSheet(light, measured, levels, tone);
    }

    /** Measured levels with what a user set by hand. */
    static Levels adjusted(Levels measured, LightRecipe how) {
        boolean byHand = how.paper() != LightRecipe.MEASURED && how.ink() != LightRecipe.MEASURED;
        return measured.found() || byHand ? measured.with(how) : measured;
    }

    /** Darkness of an evened sheet, in an array of its own. */
    static ToneMap tone(
            GreySheet grey, Levels levels, SheetRecipe recipe, double pxPerMm, Progress progress) {
        int width = grey.width();
        int height = grey.height();
        DecisionRecipe decision = recipe.decision();
        if (decision.method() == Method.ADAPTIVE) {
            int radius = (int) Math.max(1, Math.round(decision.windowMm() * pxPerMm / 2));
            double contrast = levels.paper() - levels.ink();
            return new ToneMap(
                    width, height, Sauvola.darkness(grey, radius, decision.k(), contrast));
        }
        byte[] darkness = ToneMap.of(grey, levels).darkness();
        LightRecipe how = recipe.light();
        darkness =
                Response.apply(darkness, width, height, pxPerMm, how.faintGain(), how.openGain());
        darkness =
                Unsharp.sharpen(
                        darkness, width, height, recipe.sharpen(), pxPerMm, progress.part(0.5, 1));
        return new ToneMap(width, height, darkness);
    }

    /** Whether another recipe would make the same of the same laid sheet. */
    static boolean same(SheetRecipe before, SheetRecipe now) {
        DecisionRecipe a = before.decision();
        DecisionRecipe b = now.decision();
        boolean sameMethod =
                a.method() == b.method()
                        && (a.method() == Method.ONE
                                || a.windowMm() == b.windowMm() && a.k() == b.k());
        return sameMethod
                && before.light().equals(now.light())
                && before.sharpen().equals(now.sharpen());
    }
}
