package neattrace.goods.transfer;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.page.FlatLine;
import neattrace.goods.page.PageAreas;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.Plans;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.print.lettering.Lettering;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Transfer stencils as plans, a page for each sheet. */
public final class TransferPlan {

    private static final Cmyk BLACK = new Cmyk(0, 0, 0, 100);
    private static final Cmyk PALE = new Cmyk(0, 0, 0, 50);

    /** Marks by which sheets are put together: how long and how wide, mm. */
    private static final double MARK_MM = 5;

    private static final double MARK_LINE_MM = 0.2;
    private static final double LABEL_MM = 2.6;

    private TransferPlan() {}

    /** What lines are drawn in. */
    public static Cmyk build(TransferRecipe.Colour colour) {
        return switch (colour) {
            case BLACK -> BLACK;
            case RED -> new Cmyk(0, 100, 100, 0);
            case BLUE -> new Cmyk(100, 70, 0, 0);
            case GREEN -> new Cmyk(85, 10, 100, 10);
        };
    }

    /** A page for each sheet, then the guide sheets if they are wanted. */
    public static List<PrintPlan> pages(TransferStencil stencil, PressProfile press) {
        List<PrintPlan> pages = sheets(stencil, whole(stencil, false, press), press);
        if (stencil.recipe().guide()) {
            pages.addAll(sheets(stencil, whole(stencil, true, press), press));
        }
        return pages;
    }

    /** All of it on one page of its own size, as strokes for pens and engravers. */
    public static PrintPlan forMachines(TransferStencil stencil, PressProfile press) {
        PrintPlan art = whole(stencil, false, press);
        Tints cut = Tints.full(Colorant.CUT);
        // What is bold is drawn over the whole line: a machine would run along it twice.
        List<StencilLine> lines = stencil.drawn();
        Set<Integer> whole =
                lines.stream()
                        .filter(one -> !one.bold())
                        .map(StencilLine::of)
                        .collect(Collectors.toSet());
        List<PrintObject> drawn = art.layers().get(0).objects();
        List<PrintObject> objects =
                IntStream.range(0, lines.size())
                        .filter(i -> !(lines.get(i).bold() && whole.contains(lines.get(i).of())))
                        .mapToObj(i -> PrintObject.of(drawn.get(i).shape(), cut))
                        .toList();
        PrintLayer strokes =
                new PrintLayer(
                        Plans.STROKES, Kind.TECHNICAL, Plans.SCREEN_BLACK, "", objects, List.of());
        PrintPlan plan = art.with(List.of(strokes));
        return PrintPage.mapped(plan, stencil.from(0, 0), width(stencil), height(stencil), press);
    }

    private static double width(TransferStencil stencil) {
        return stencil.factor() * stencil.drawing().extent().widthMm()
                + stencil.recipe().outsideMm();
    }

    private static double height(TransferStencil stencil) {
        return stencil.factor() * stencil.drawing().extent().heightMm()
                + stencil.recipe().outsideMm();
    }

    /** The lines on the drawing's page, their weights divided by what they are scaled by. */
    private static PrintPlan whole(TransferStencil stencil, boolean guide, PressProfile press) {
        TransferRecipe recipe = stencil.recipe();
        Cmyk build = build(recipe.colour());
        Tints tints = Tints.of(build);
        List<PrintObject> objects = new ArrayList<>();
        for (StencilLine line : stencil.drawn()) {
            double weight = line.bold() ? recipe.outsideMm() : recipe.weightMm();
            objects.add(
                    PrintObject.of(
                            new PrintShape.Stroked(
                                    line.path(), line.closed(), weight / stencil.factor()),
                            tints));
        }
        Rgb screen = build.equals(BLACK) ? Plans.SCREEN_BLACK : press.preview(build);
        List<PrintLayer> layers = new ArrayList<>();
        if (guide) {
            GuideReference.layer(stencil.drawing()).ifPresent(layers::add);
            layers.add(drawing(stencil, press));
        }
        layers.add(
                new PrintLayer(
                        "Stencil " + screen.hex(),
                        Kind.STROKES,
                        screen,
                        build.toString(),
                        objects,
                        List.of()));
        return new PrintPlan(
                stencil.drawing().job().title() + (guide ? ", guide" : ""),
                stencil.drawing().widthMm(),
                stencil.drawing().heightMm(),
                0,
                layers,
                press);
    }

    /** The drawing at half strength. */
    private static PrintLayer drawing(TransferStencil stencil, PressProfile press) {
        return new PrintLayer(
                "As drawn " + press.preview(PALE).hex(),
                Kind.UNDERLAY,
                press.preview(PALE),
                PALE.toString(),
                List.of(
                        PrintObject.of(
                                new PrintShape.Filled(PageAreas.ink(stencil.drawing())),
                                Tints.of(PALE))),
                List.of());
    }

    private static List<PrintPlan> sheets(
            TransferStencil stencil, PrintPlan art, PressProfile press) {
        Tiles tiles = stencil.tiles();
        List<PrintPlan> pages = new ArrayList<>();
        for (int i = 0; i < tiles.count(); i++) {
            PrintPlan page =
                    PrintPage.mapped(
                            art,
                            stencil.onSheet(i),
                            tiles.sheetWidthMm(),
                            tiles.sheetHeightMm(),
                            press);
            if (tiles.count() > 1) {
                List<PrintLayer> layers = new ArrayList<>(inSight(page));
                layers.add(marks(tiles, i, press));
                page = page.with(layers);
            }
            pages.add(page);
        }
        return pages;
    }

    /** What leaves anything on a page. */
    private static List<PrintLayer> inSight(PrintPlan page) {
        Envelope box = new Envelope(0, page.widthMm(), 0, page.heightMm());
        List<PrintLayer> layers = new ArrayList<>();
        for (PrintLayer layer : page.layers()) {
            List<PrintObject> objects =
                    layer.objects().stream().filter(one -> touches(one.shape(), box)).toList();
            layers.add(
                    new PrintLayer(
                            layer.name(),
                            layer.kind(),
                            layer.screen(),
                            layer.inks(),
                            objects,
                            List.of()));
        }
        return layers;
    }

    private static boolean touches(PrintShape shape, Envelope box) {
        if (!(shape instanceof PrintShape.Stroked stroked)) {
            return true;
        }
        Envelope own = new Envelope();
        for (int i = 0; i < stroked.path().size(); i++) {
            own.expandToInclude(stroked.path().point(i).x(), stroked.path().point(i).y());
            for (int k = 0; k < 2; k++) {
                own.expandToInclude(
                        stroked.path().control(i, k).x(), stroked.path().control(i, k).y());
            }
            own.expandToInclude(stroked.path().point(i + 1).x(), stroked.path().point(i + 1).y());
        }
        own.expandBy(stroked.widthMm() / 2);
        return own.intersects(box);
    }

    private static PrintLayer marks(Tiles tiles, int number, PressProfile press) {
        Envelope printed = tiles.printed();
        double inset = tiles.overlapMm() / 2;
        List<Geometry> shapes = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            double x = k % 2 == 0 ? printed.getMinX() + inset : printed.getMaxX() - inset;
            double y = k / 2 == 0 ? printed.getMinY() + inset : printed.getMaxY() - inset;
            shapes.add(line(x - MARK_MM / 2, y, x + MARK_MM / 2, y));
            shapes.add(line(x, y - MARK_MM / 2, x, y + MARK_MM / 2));
        }
        String words =
                String.format(
                        java.util.Locale.ROOT,
                        "Row %d, column %d of %d x %d",
                        number / tiles.columns() + 1,
                        number % tiles.columns() + 1,
                        tiles.rows(),
                        tiles.columns());
        shapes.add(
                Lettering.line(
                        words,
                        Lettering.Face.PLAIN,
                        LABEL_MM,
                        (printed.getMinX() + printed.getMaxX()) / 2,
                        printed.getMaxY() - 0.4,
                        Lettering.Align.MIDDLE));
        return new PrintLayer(
                "Marks",
                Kind.MARKS,
                Plans.SCREEN_BLACK,
                BLACK.toString(),
                shapes.stream()
                        .map(one -> PrintObject.of(new PrintShape.Filled(one), Tints.of(BLACK)))
                        .toList(),
                List.of());
    }

    private static Geometry line(double x1, double y1, double x2, double y2) {
        return FlatLine.of(new Coordinate(x1, y1), new Coordinate(x2, y2), MARK_LINE_MM);
    }
}
