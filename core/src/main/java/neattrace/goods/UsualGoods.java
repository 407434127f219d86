package neattrace.goods;

import java.util.Arrays;
import java.util.List;
import neattrace.goods.Ground.Material;
import neattrace.goods.Needs.Coloured;
import neattrace.goods.Sizing.Fit;
import neattrace.press.BlackRule;
import neattrace.press.Rgb;

/** Goods with the figures of common practice (no source). */
public final class UsualGoods {

    /** Room on a sheet that printers of the house cannot print on, mm. */
    private static final double UNPRINTED_MM = 6;

    /** Round a cut stencil, so that it can be held, mm. */
    private static final double RIM_MM = 25;

    private static final Ground PAPER = new Ground(Material.PAPER, Rgb.WHITE);

    /** As the program looks at a drawing of which nobody has said what it is for. */
    public static final Goods UNDECIDED =
            new Goods(
                    "Not decided",
                    GoodsKind.PRINT,
                    new Sizing(Fit.SCANNED, 100, 100, 300),
                    new Detail(0.2, 0.2, 1, 0, 0, 400),
                    new Printing(0, BlackRule.RICH, 300, 0.2, 0, false),
                    new Edges(0, 0, 0),
                    PAPER,
                    new Needs(Coloured.OR_GROUND, false));

    private UsualGoods() {}

    /** One of each kind, in the order of the kinds. */
    public static List<Goods> all() {
        return Arrays.stream(GoodsKind.values()).map(UsualGoods::of).toList();
    }

    /** The usual goods of a kind. */
    public static Goods of(GoodsKind kind) {
        return switch (kind) {
            case STICKER ->
                    goods(
                            kind,
                            new Sizing(Fit.WIDTH, 60, 60, 300),
                            new Detail(0.25, 0.25, 1, 4, 1.2, 400),
                            digital(300),
                            new Edges(2.5, 2, 0),
                            new Ground(Material.VINYL, Rgb.WHITE),
                            new Needs(Coloured.YES, false));
            case STICKER_SHEET ->
                    goods(
                            kind,
                            new Sizing(Fit.WIDTH, 50, 50, 300),
                            new Detail(0.25, 0.25, 1, 4, 1.2, 400),
                            digital(300),
                            new Edges(2.5, 2, 0),
                            new Ground(Material.VINYL, Rgb.WHITE),
                            new Needs(Coloured.YES, false));
            case SHIRT ->
                    goods(
                            kind,
                            new Sizing(Fit.WIDTH, 280, 280, 300),
                            new Detail(0.35, 0.5, 1.5, 0, 3, 700),
                            new Printing(4, BlackRule.K_ONLY, 0, 0.3, 0.3, false),
                            new Edges(0, 0, 0),
                            new Ground(Material.CLOTH, Rgb.WHITE),
                            new Needs(Coloured.OR_GROUND, false));
            case MUG ->
                    goods(
                            kind,
                            new Sizing(Fit.PAGE, 200, 90, 300),
                            new Detail(0.3, 0.3, 1, 0, 1.2, 400),
                            digital(300),
                            new Edges(0, 0, 10),
                            new Ground(Material.CERAMIC, Rgb.WHITE),
                            new Needs(Coloured.YES, false));
            case COLOURING_PAGE ->
                    goods(
                            kind,
                            page(PaperSize.EIGHT_BY_TEN, 300),
                            new Detail(0.35, 0.5, 3, 0, 1.2, 350),
                            new Printing(1, BlackRule.K_ONLY, 280, 0.2, 0, false),
                            new Edges(0, 0, UNPRINTED_MM),
                            PAPER,
                            new Needs(Coloured.NO, true));
            case TRANSFER_STENCIL ->
                    goods(
                            kind,
                            page(PaperSize.A4, 150),
                            new Detail(0.5, 1, 2, 0, 3, 400),
                            new Printing(1, BlackRule.K_ONLY, 0, 0, 0, false),
                            new Edges(0, 0, UNPRINTED_MM),
                            PAPER,
                            new Needs(Coloured.NO, false));
            case CUT_STENCIL ->
                    goods(
                            kind,
                            page(PaperSize.A4, 150),
                            new Detail(1.5, 2, 0, 2, 0, 400),
                            new Printing(1, BlackRule.K_ONLY, 0, 0, 0, true),
                            new Edges(0, 0, RIM_MM),
                            new Ground(Material.FILM, Rgb.WHITE),
                            new Needs(Coloured.NO, false));
            case PRINT ->
                    goods(
                            kind,
                            page(PaperSize.FIVE_BY_FIVE, 300),
                            new Detail(0.25, 0.25, 1, 0, 1.2, 400),
                            digital(300),
                            new Edges(0, 3, 5),
                            PAPER,
                            new Needs(Coloured.YES, false));
            case FILM ->
                    goods(
                            kind,
                            new Sizing(Fit.SCANNED, 100, 100, 1200),
                            new Detail(0.1, 0.1, 0, 0, 0, 400),
                            new Printing(1, BlackRule.K_ONLY, 0, 0, 0, true),
                            new Edges(0, 0, 0),
                            new Ground(Material.FILM, Rgb.WHITE),
                            new Needs(Coloured.NO, false));
        };
    }

    private static Goods goods(
            GoodsKind kind,
            Sizing sizing,
            Detail detail,
            Printing printing,
            Edges edges,
            Ground ground,
            Needs needs) {
        return new Goods(kind.label(), kind, sizing, detail, printing, edges, ground, needs);
    }

    private static Sizing page(PaperSize paper, double ppi) {
        return new Sizing(Fit.PAGE, paper.widthMm(), paper.heightMm(), ppi);
    }

    private static Printing digital(double inkLimit) {
        return new Printing(0, BlackRule.RICH, inkLimit, 0.2, 0, false);
    }
}
