package neattrace.sheet;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How a scan becomes ink and paper: the steps in their fixed order, each of which can be switched
 * off without losing its settings. Places are in px of the untouched source.
 *
 * @param frame which part of the scan is the sheet
 * @param masks parts erased or protected by hand
 * @param pencil coloured under-drawing
 * @param negative whether the scan is white on black and is turned round first
 * @param light from brightness to darkness
 * @param sharpen sharpening of the darkness
 * @param decision black or white
 * @param specks dust and pinholes
 * @param off steps that are switched off
 */
public record SheetRecipe(
        FrameRecipe frame,
        List<Mask> masks,
        PencilRecipe pencil,
        boolean negative,
        LightRecipe light,
        SharpenRecipe sharpen,
        DecisionRecipe decision,
        SpeckRecipe specks,
        Set<SheetStep> off) {

    public SheetRecipe {
        masks = List.copyOf(masks);
        off = Set.copyOf(off);
    }

    /** Everything left to the scan. */
    public static SheetRecipe automatic() {
        return new SheetRecipe(
                FrameRecipe.WHOLE,
                List.of(),
                PencilRecipe.GREY,
                false,
                LightRecipe.AUTOMATIC,
                SharpenRecipe.NONE,
                DecisionRecipe.AUTOMATIC,
                SpeckRecipe.AUTOMATIC,
                Set.of());
    }

    /** One threshold, one size for dust and pinholes, and nothing else decided by hand. */
    public static SheetRecipe plain(boolean even, double inkPercent, double speckMm) {
        SheetRecipe all = automatic();
        return all.withLight(all.light().withEven(even))
                .withInkPercent(inkPercent)
                .withSpecks(SpeckRecipe.under(speckMm));
    }

    /** Whether a step is in use. */
    public boolean isOn(SheetStep step) {
        return !off.contains(step);
    }

    /** The recipe that is really applied: steps switched off replaced by ones that do nothing. */
    public SheetRecipe effective() {
        DecisionRecipe plainDecision =
                DecisionRecipe.AUTOMATIC.withInkPercent(decision.inkPercent());
        return new SheetRecipe(
                isOn(SheetStep.FRAME) ? frame : FrameRecipe.WHOLE,
                isOn(SheetStep.MASKS) ? masks : List.of(),
                isOn(SheetStep.PENCIL) ? pencil : PencilRecipe.GREY,
                negative,
                isOn(SheetStep.LIGHT) ? light : LightRecipe.AUTOMATIC.withEven(false),
                isOn(SheetStep.SHARPEN) ? sharpen : SharpenRecipe.NONE,
                isOn(SheetStep.DECISION) ? decision : plainDecision,
                isOn(SheetStep.SPECKS) ? specks : SpeckRecipe.KEEP_ALL,
                Set.of());
    }

    /**
     * What of the recipe suits another scan of the same paper and pen: all but the frame, masks and
     * patches, which belong to one sheet. Enlargement stays.
     */
    public SheetRecipe forOtherSheets() {
        return new SheetRecipe(
                FrameRecipe.WHOLE.withEnlarge(frame.enlarge()),
                List.of(),
                pencil,
                negative,
                light,
                sharpen,
                decision.withPatches(List.of()),
                specks,
                off);
    }

    /** This sheet's frame, masks and patches with everything else from another recipe. */
    public SheetRecipe withSettingsOf(SheetRecipe other) {
        return new SheetRecipe(
                frame.withEnlarge(other.frame.enlarge()),
                masks,
                other.pencil,
                other.negative,
                other.light,
                other.sharpen,
                other.decision.withPatches(decision.patches()),
                other.specks,
                other.off);
    }

    /** The same with a step switched on or off. */
    public SheetRecipe withStep(SheetStep step, boolean on) {
        Set<SheetStep> next = EnumSet.noneOf(SheetStep.class);
        next.addAll(off);
        if (on) {
            next.remove(step);
        } else {
            next.add(step);
        }
        return new SheetRecipe(
                frame, masks, pencil, negative, light, sharpen, decision, specks, next);
    }

    /** The same with another frame. */
    public SheetRecipe withFrame(FrameRecipe next) {
        return new SheetRecipe(
                next, masks, pencil, negative, light, sharpen, decision, specks, off);
    }

    /** The same with other masks. */
    public SheetRecipe withMasks(List<Mask> next) {
        return new SheetRecipe(
                frame, next, pencil, negative, light, sharpen, decision, specks, off);
    }

    /** The same with one mask more. */
    public SheetRecipe withMask(Mask mask) {
        List<Mask> next = new ArrayList<>(masks);
        next.add(mask);
        return withMasks(next);
    }

    /** The same with another way with under-drawings. */
    public SheetRecipe withPencil(PencilRecipe next) {
        return new SheetRecipe(frame, masks, next, negative, light, sharpen, decision, specks, off);
    }

    /** The same, turned round or not. */
    public SheetRecipe withNegative(boolean next) {
        return new SheetRecipe(frame, masks, pencil, next, light, sharpen, decision, specks, off);
    }

    /** The same in another light. */
    public SheetRecipe withLight(LightRecipe next) {
        return new SheetRecipe(
                frame, masks, pencil, negative, next, sharpen, decision, specks, off);
    }

    /** The same with another sharpening. */
    public SheetRecipe withSharpen(SharpenRecipe next) {
        return new SheetRecipe(frame, masks, pencil, negative, light, next, decision, specks, off);
    }

    /** The same with another decision between black and white. */
    public SheetRecipe withDecision(DecisionRecipe next) {
        return new SheetRecipe(frame, masks, pencil, negative, light, sharpen, next, specks, off);
    }

    /** The same with another ink percent. */
    public SheetRecipe withInkPercent(double percent) {
        return withDecision(decision.withInkPercent(percent));
    }

    /** The same with other sizes of specks. */
    public SheetRecipe withSpecks(SpeckRecipe next) {
        return new SheetRecipe(frame, masks, pencil, negative, light, sharpen, decision, next, off);
    }
}
