package neattrace.goods.page;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import neattrace.flat.LineLayer;
import neattrace.geom.Outline;
import neattrace.geom.Transforms;
import neattrace.goods.making.PageRecipe;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.Artwork;
import neattrace.print.Placement;
import neattrace.print.Plans;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.locationtech.jts.geom.Envelope;

/** A colouring page as a plan: lines in one tint, numbers, leaders, key and sample. */
public final class PagePlan {

    /** A warm brown that stays readable on wet paper (common practice, no source). */
    private static final Cmyk UMBER = new Cmyk(35, 60, 80, 45);

    /** Numbers are to be read at an arm's length and to vanish beneath the pencil. */
    private static final Cmyk NUMBERS = new Cmyk(0, 0, 0, 80);

    private static final Cmyk BLACK = new Cmyk(0, 0, 0, 100);

    private PagePlan() {}

    /** What lines are printed in. */
    public static Cmyk build(PageRecipe recipe) {
        double k = recipe.tintPercent() / 100;
        return recipe.tint() == PageRecipe.Tint.BLACK
                ? new Cmyk(0, 0, 0, recipe.tintPercent())
                : new Cmyk(k * UMBER.c(), k * UMBER.m(), k * UMBER.y(), k * UMBER.k());
    }

    /** The plan of a page. */
    public static PrintPlan of(ColouringPage page, PressProfile press) {
        List<PrintLayer> layers = new ArrayList<>();
        layers.add(lines(page, press));
        if (!page.numbers().isEmpty()) {
            numbers(page, press, layers);
        }
        PageRoom room = page.room();
        Envelope strip = room.strip();
        double top = strip.getMaxY() - page.key().heightMm();
        layers.addAll(page.key().layers(strip.getMinX(), top, press));
        if (ColouringPage.hasSample(page.recipe(), page.drawing())) {
            layers.addAll(sample(page, press));
        }
        return new PrintPlan(
                page.drawing().job().title(), room.widthMm(), room.heightMm(), 0, layers, press);
    }

    private static PrintLayer lines(ColouringPage page, PressProfile press) {
        Cmyk build = build(page.recipe());
        Tints tints = Tints.of(build);
        List<PrintObject> objects = new ArrayList<>();
        if (page.isMended()) {
            objects.add(
                    PrintObject.of(
                            new PrintShape.Filled(page.onPage().transform(page.areas().ink())),
                            tints));
        } else {
            AffineTransform map = Transforms.toAwt(page.onPage());
            List<Outline> lines = new ArrayList<>(page.drawing().traced().blackLines());
            for (LineLayer layer : page.drawing().traced().colouredLines()) {
                lines.addAll(layer.shapes());
            }
            for (Outline line : lines) {
                objects.add(PrintObject.of(new PrintShape.Curved(line.mapped(map)), tints));
            }
        }
        return layer("Lines", Kind.LINES, build, press, objects);
    }

    private static void numbers(ColouringPage page, PressProfile press, List<PrintLayer> layers) {
        Tints tints = Tints.of(NUMBERS);
        List<PrintObject> within = new ArrayList<>();
        List<PrintObject> beside = new ArrayList<>();
        for (PlacedNumber number : page.numbers()) {
            PrintObject letters =
                    new PrintObject(
                            String.valueOf(number.number()),
                            new PrintShape.Filled(number.letters()),
                            tints,
                            false,
                            0);
            if (number.leader().isEmpty()) {
                within.add(letters);
            } else {
                beside.add(letters);
                beside.add(
                        PrintObject.of(
                                new PrintShape.Filled(number.leader().orElseThrow()), tints));
            }
        }
        layers.add(layer("In their areas", Kind.NUMBERS, NUMBERS, press, within));
        if (!beside.isEmpty()) {
            layers.add(layer("Leaders", Kind.LEADERS, NUMBERS, press, beside));
        }
    }

    private static PrintLayer layer(
            String name, Kind kind, Cmyk build, PressProfile press, List<PrintObject> objects) {
        Rgb screen = build.equals(BLACK) ? Plans.SCREEN_BLACK : press.preview(build);
        return new PrintLayer(
                name + " " + screen.hex(), kind, screen, build.toString(), objects, List.of());
    }

    /** The drawing in its colours, small, at the lower right. */
    private static List<PrintLayer> sample(ColouringPage page, PressProfile press) {
        PrintPlan art = Plans.of(Artwork.of(page.drawing(), press));
        var extent = page.drawing().extent();
        double k = ColouringPage.SAMPLE_MM / extent.heightMm();
        Envelope strip = page.room().strip();
        double middleX = strip.getMaxX() - k * extent.widthMm() / 2;
        double middleY = strip.getMaxY() - ColouringPage.SAMPLE_MM / 2;
        double artX = (extent.left() + extent.right()) / 2 - art.widthMm() / 2;
        double artY = (extent.top() + extent.bottom()) / 2 - art.heightMm() / 2;
        Placement placed = new Placement(art, middleX - k * artX, middleY - k * artY, 0, k);
        PrintPlan small =
                new PrintPage(
                                art.title(),
                                page.room().widthMm(),
                                page.room().heightMm(),
                                0,
                                List.of(placed))
                        .plan(press);
        return small.layers().stream()
                .filter(PrintLayer::onScreen)
                .map(
                        layer ->
                                new PrintLayer(
                                        "Sample " + layer.name(),
                                        Kind.KEY,
                                        layer.screen(),
                                        layer.inks(),
                                        layer.objects(),
                                        List.of()))
                .toList();
    }
}
