package neattrace.goods.sticker;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.goods.cut.CutInks;
import neattrace.goods.cut.CutLine;
import neattrace.goods.cut.CutOrder;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.cut.StickerRecipe;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PageBoxes;
import neattrace.print.Placement;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.print.ready.PressReady;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** A sticker as a plan: border, bleed, art, and the lines it is cut along. */
public final class StickerPlan {

    /** The layer of what is cut through the face only, as files and cutters call it. */
    public static final String KISS = "cut";

    /** The layer of what is cut through the backing as well. */
    public static final String THROUGH = "cut-through";

    /** How cut lines look where they are shown. */
    public static final Rgb KISS_COLOUR = new Rgb(0xb5, 0x2b, 0x18);

    public static final Rgb THROUGH_COLOUR = new Rgb(0x1f, 0x4e, 0x8c);

    /** Round all that is cut, mm. */
    private static final double CLEAR_MM = 1;

    private static final int QUARTER = 24;

    /** What is bare in a drawing begins so far within its edge, mm. */
    private static final double WITHIN_EDGE_MM = 0.2;

    private StickerPlan() {}

    /** Everything of a sticker, where it lies on the drawing's page. */
    public static PrintPlan of(Sticker sticker) {
        return withCuts(printed(sticker), sticker);
    }

    /** What is printed of a sticker: border, bleed and art. */
    public static PrintPlan printed(Sticker sticker) {
        List<PrintLayer> layers = new ArrayList<>(beneath(sticker));
        layers.addAll(sticker.art().layers());
        PrintPlan art = sticker.art();
        return new PrintPlan(art.title(), art.widthMm(), art.heightMm(), 0, layers, art.press());
    }

    /**
     * The same as printers get it.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PrintPlan ready(Sticker sticker, Progress progress) {
        PrintPlan plan = printed(sticker);
        return sticker.terms()
                .map(terms -> PressReady.of(plan, terms, progress).plan())
                .orElse(plan);
    }

    private static PrintPlan withCuts(PrintPlan plan, Sticker sticker) {
        List<PrintLayer> layers = new ArrayList<>(plan.layers());
        boolean through = sticker.recipe().backingMm() == 0;
        List<CubicLoop> along =
                CutOrder.of(sticker.cuts().stream().map(cut -> cut.loops().toList()).toList());
        CutInks inks = sticker.recipe().inks();
        layers.add(kiss(through ? List.of() : along, inks));
        layers.add(through(through ? along : backing(sticker), inks));
        return plan.with(layers);
    }

    /** Everything of it on a page as small as may be. */
    public static PrintPlan page(Sticker sticker) {
        return page(of(sticker), sticker);
    }

    /**
     * The same as printers get it.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PrintPlan readyPage(Sticker sticker, Progress progress) {
        return page(withCuts(ready(sticker, progress), sticker), sticker);
    }

    private static PrintPlan page(PrintPlan plan, Sticker sticker) {
        Envelope all = reach(sticker).getEnvelopeInternal();
        if (all.isNull()) {
            return plan;
        }
        double width = all.getWidth() + 2 * CLEAR_MM;
        double height = all.getHeight() + 2 * CLEAR_MM;
        Placement placed =
                new Placement(
                        plan,
                        width / 2 + plan.widthMm() / 2 - (all.getMinX() + all.getMaxX()) / 2,
                        height / 2 + plan.heightMm() / 2 - (all.getMinY() + all.getMaxY()) / 2,
                        0,
                        1);
        PrintPlan page =
                new PrintPage(plan.title(), width, height, 0, List.of(placed)).plan(plan.press());
        Envelope cut = new Envelope();
        for (StickerCut one : sticker.cuts()) {
            double[] xy = one.outside().flatten(StickerCut.CHORD_MM);
            for (int i = 0; i < xy.length; i += 2) {
                cut.expandToInclude(xy[i], xy[i + 1]);
            }
        }
        if (cut.isNull()) {
            return page;
        }
        cut.translate(width / 2 - all.centre().x, height / 2 - all.centre().y);
        return page.with(PageBoxes.of(cut, sticker.recipe().bleedMm(), width, height));
    }

    /** Where something is printed: the face and what runs on beyond the cut. */
    public static Geometry printedUpTo(Sticker sticker) {
        return BufferOp.bufferOp(sticker.area(), sticker.recipe().bleedMm(), QUARTER);
    }

    /** What a sticker takes up: its cut, and what runs on beyond it. */
    static Geometry reach(Sticker sticker) {
        StickerRecipe recipe = sticker.recipe();
        double beyond = Math.max(recipe.bleedMm(), recipe.backingMm());
        return BufferOp.bufferOp(sticker.area(), beyond, QUARTER);
    }

    /** Border and bleed. */
    public static List<PrintLayer> beneath(Sticker sticker) {
        StickerRecipe recipe = sticker.recipe();
        Geometry face = sticker.area();
        if (face.isEmpty()) {
            return List.of();
        }
        Geometry bled = printedUpTo(sticker);
        List<PrintLayer> layers = new ArrayList<>();
        PressProfile press = sticker.art().press();
        if (recipe.carriesEdge()) {
            // Where the drawing is bare no ground of a sheet may show through; its edge hides the
            // seam.
            Geometry bare = BufferOp.bufferOp(sticker.silhouette(), -WITHIN_EDGE_MM, QUARTER);
            if (!bare.isEmpty()) {
                layers.add(plain("Bare", PrintLayer.Kind.GROUND, recipe.border(), bare, press));
            }
            layers.addAll(EdgeColours.carried(sticker.art(), sticker.silhouette(), bled));
            return layers;
        }
        layers.add(plain("Border", PrintLayer.Kind.GROUND, recipe.border(), face, press));
        if (recipe.bleedMm() > 0) {
            Geometry ring = OverlayNGRobust.overlay(bled, face, OverlayNG.DIFFERENCE);
            layers.add(plain("Bleed", PrintLayer.Kind.BLEED, recipe.border(), ring, press));
        }
        return layers;
    }

    /** A plain shape in a build. */
    public static PrintLayer plain(
            String name, PrintLayer.Kind kind, Cmyk build, Geometry shape, PressProfile press) {
        return new PrintLayer(
                name + " " + press.preview(build).hex(),
                kind,
                press.preview(build),
                build.toString(),
                List.of(PrintObject.of(new PrintShape.Filled(shape), Tints.of(build))),
                List.of());
    }

    /** The line round the backing, rounder than the sticker's own. */
    private static List<CubicLoop> backing(Sticker sticker) {
        StickerRecipe recipe = sticker.recipe();
        CutRecipe round =
                new CutRecipe(
                        recipe.backingMm(),
                        Math.max(recipe.cut().radiusMm(), recipe.backingMm()),
                        0,
                        recipe.cut().joinMm(),
                        false,
                        recipe.cut().loose(),
                        List.of());
        return CutLine.of(sticker.area(), round).stream().map(StickerCut::outside).toList();
    }

    /** What is cut through the face only. */
    public static PrintLayer kiss(List<CubicLoop> lines, CutInks inks) {
        return cut(KISS, Colorant.technical(inks.kiss()), KISS_COLOUR, lines);
    }

    /** What is cut through everything. */
    public static PrintLayer through(List<CubicLoop> lines, CutInks inks) {
        return cut(THROUGH, Colorant.technical(inks.through()), THROUGH_COLOUR, lines);
    }

    private static PrintLayer cut(
            String name, Colorant colorant, Rgb colour, List<CubicLoop> lines) {
        Tints tints = Tints.full(colorant);
        List<PrintObject> objects =
                lines.stream()
                        .map(loop -> new PrintShape.Curved(new Outline(loop, List.of())))
                        .map(shape -> new PrintObject("", shape, tints, true, 0))
                        .toList();
        return new PrintLayer(
                name, PrintLayer.Kind.TECHNICAL, colour, colorant.name(), objects, List.of());
    }
}
