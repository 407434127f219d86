package neattrace.goods.sheet;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import neattrace.geom.CubicLoop;
import neattrace.goods.cut.CutOrder;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.nest.Laid;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerPlan;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.print.PageBoxes;
import neattrace.print.Placement;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.lettering.Lettering;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** A sheet of stickers as a plan: ground, borders and bleed, art, kiss cuts and the sheet's cut. */
public final class SheetPlan {

    /** Lettering stands so far from a sheet's sides, mm. */
    private static final double ASIDE_MM = 8;

    /** Of a strip's height: how large its lettering is, and where it stands. */
    private static final double TITLE_SHARE = 0.5;

    private static final double SMALL_SHARE = 0.34;

    private static final double STANDS = 0.66;

    /** A blade drifts by up to 0.5 mm; what runs on beyond the cut hides that, twice over, mm. */
    private static final double WITHIN_MM = 2;

    private SheetPlan() {}

    /** The plan of a sheet. */
    public static PrintPlan of(StickerSheet sheet, PressProfile press) {
        return of(sheet, press, SheetPlan::printed);
    }

    /**
     * The same as printers get it: each sticker is made ready once, however often it lies there.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PrintPlan ready(StickerSheet sheet, PressProfile press, Progress progress) {
        return of(sheet, press, sticker -> StickerPlan.ready(sticker, progress));
    }

    private static PrintPlan of(
            StickerSheet sheet, PressProfile press, Function<Sticker, PrintPlan> printing) {
        SheetLayout layout = sheet.layout();
        Map<Integer, PrintPlan> printed = new TreeMap<>();
        List<Placement> placements = new ArrayList<>();
        List<List<CubicLoop>> cuts = new ArrayList<>();
        placements.add(Placement.whole(ground(sheet, press)));
        for (Laid laid : sheet.nest().laid()) {
            int kind = sheet.nest().pieces().get(laid.piece()).kind();
            SheetItem item = sheet.items().get(kind);
            PrintPlan plan = printed.computeIfAbsent(kind, key -> printing.apply(item.sticker()));
            placements.add(placement(plan, item, laid));
            AffineTransform map = map(item, laid);
            for (StickerCut cut : item.sticker().cuts()) {
                cuts.add(cut.loops().map(loop -> loop.mapped(map)).toList());
            }
        }
        PrintPlan page =
                new PrintPage(sheet.title(), layout.widthMm(), layout.heightMm(), 0, placements)
                        .plan(press);
        List<PrintLayer> layers = new ArrayList<>(page.layers());
        layers.add(StickerPlan.kiss(CutOrder.of(cuts), layout.inks()));
        layers.add(StickerPlan.through(List.of(outline(layout)), layout.inks()));
        double within = within(layout);
        Envelope cut =
                new Envelope(within, layout.widthMm() - within, within, layout.heightMm() - within);
        return page.with(layers)
                .with(PageBoxes.of(cut, within, layout.widthMm(), layout.heightMm()));
    }

    /** How far the cut round the sheet lies within the paper: a blade on its edge runs off it. */
    static double within(SheetLayout layout) {
        return Math.min(WITHIN_MM, layout.rimMm() / 2);
    }

    /** Round the sheet. */
    private static CubicLoop outline(SheetLayout layout) {
        double least = within(layout);
        double right = layout.widthMm() - least;
        double bottom = layout.heightMm() - least;
        return CubicLoop.polygon(least, least, right, least, right, bottom, least, bottom);
    }

    /** A sticker without its lines, which are cut in an order over the whole sheet. */
    public static PrintPlan printed(Sticker sticker) {
        return StickerPlan.printed(sticker);
    }

    private static Placement placement(PrintPlan plan, SheetItem item, Laid laid) {
        Coordinate middle = item.middle();
        double turn = Math.toRadians(laid.turnDegrees());
        double dx = plan.widthMm() / 2 - middle.x;
        double dy = plan.heightMm() / 2 - middle.y;
        return new Placement(
                plan,
                laid.xMm() + dx * Math.cos(turn) - dy * Math.sin(turn),
                laid.yMm() + dx * Math.sin(turn) + dy * Math.cos(turn),
                laid.turnDegrees(),
                1);
    }

    private static AffineTransform map(SheetItem item, Laid laid) {
        AffineTransform map = AffineTransform.getTranslateInstance(laid.xMm(), laid.yMm());
        map.rotate(Math.toRadians(laid.turnDegrees()));
        map.translate(-item.middle().x, -item.middle().y);
        return map;
    }

    /** Background, strips and what is written in them. */
    public static PrintPlan ground(StickerSheet sheet, PressProfile press) {
        SheetLayout layout = sheet.layout();
        List<PrintLayer> layers = new ArrayList<>();
        if (layout.ground().total() > 0) {
            layers.add(plain("Ground", layout.ground(), box(layout, 0, layout.heightMm()), press));
        }
        Strip header = layout.header();
        if (header.heightMm() > 0) {
            double size = TITLE_SHARE * header.heightMm();
            double small = SMALL_SHARE * header.heightMm();
            double foot = STANDS * header.heightMm();
            layers.add(plain("Header", header.build(), box(layout, 0, header.heightMm()), press));
            letters(
                    "Title",
                    Lettering.line(
                            sheet.title(),
                            Lettering.Face.TITLE,
                            size,
                            ASIDE_MM,
                            foot,
                            Lettering.Align.LEFT),
                    header,
                    press,
                    layers);
            letters(
                    "Number",
                    Lettering.line(
                            sheet.number(),
                            Lettering.Face.PLAIN,
                            small,
                            layout.widthMm() - ASIDE_MM,
                            foot,
                            Lettering.Align.RIGHT),
                    header,
                    press,
                    layers);
        }
        Strip footer = layout.footer();
        if (footer.heightMm() > 0) {
            double top = layout.heightMm() - footer.heightMm();
            layers.add(plain("Footer", footer.build(), box(layout, top, layout.heightMm()), press));
            letters(
                    "Shop line",
                    Lettering.line(
                            layout.shop(),
                            Lettering.Face.PLAIN,
                            SMALL_SHARE * footer.heightMm(),
                            layout.widthMm() / 2,
                            top + STANDS * footer.heightMm(),
                            Lettering.Align.MIDDLE),
                    footer,
                    press,
                    layers);
        }
        return new PrintPlan(sheet.title(), layout.widthMm(), layout.heightMm(), 0, layers, press);
    }

    private static void letters(
            String name,
            Geometry letters,
            Strip strip,
            PressProfile press,
            List<PrintLayer> layers) {
        if (!letters.isEmpty()) {
            layers.add(plain(name, strip.lettering(), letters, press));
        }
    }

    private static PrintLayer plain(String name, Cmyk build, Geometry shape, PressProfile press) {
        return StickerPlan.plain(name, Kind.GROUND, build, shape, press);
    }

    private static Geometry box(SheetLayout layout, double top, double bottom) {
        return new GeometryFactory().toGeometry(new Envelope(0, layout.widthMm(), top, bottom));
    }
}
