package neattrace.goods.making;

import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.goods.cut.StickerRecipe;

/**
 * How goods are made, whatever kind they are: what was decided for another kind is kept.
 *
 * @param sticker how a sticker is cut; border and bleed are those of the goods
 * @param page how a colouring page is made
 * @param transfer how a transfer stencil is drawn
 * @param stencil how a cut stencil is made
 * @param cloth where a print goes on cloth
 * @param wrap what goes round a mug
 */
public record Makings(
        StickerRecipe sticker,
        PageRecipe page,
        TransferRecipe transfer,
        StencilRecipe stencil,
        ClothRecipe cloth,
        WrapRecipe wrap)
        implements OnPage<Makings> {

    /** As is usual. */
    public static final Makings USUAL =
            new Makings(
                    StickerRecipe.USUAL,
                    PageRecipe.USUAL,
                    TransferRecipe.USUAL,
                    StencilRecipe.USUAL,
                    ClothRecipe.USUAL,
                    WrapRecipe.USUAL);

    public Makings withSticker(StickerRecipe value) {
        return new Makings(value, page, transfer, stencil, cloth, wrap);
    }

    public Makings withPage(PageRecipe value) {
        return new Makings(sticker, value, transfer, stencil, cloth, wrap);
    }

    public Makings withTransfer(TransferRecipe value) {
        return new Makings(sticker, page, value, stencil, cloth, wrap);
    }

    public Makings withStencil(StencilRecipe value) {
        return new Makings(sticker, page, transfer, value, cloth, wrap);
    }

    public Makings withCloth(ClothRecipe value) {
        return new Makings(sticker, page, transfer, stencil, value, wrap);
    }

    public Makings withWrap(WrapRecipe value) {
        return new Makings(sticker, page, transfer, stencil, cloth, value);
    }

    @Override
    public Makings moved(UnaryOperator<Point> map, double growth) {
        return new Makings(
                sticker.moved(map, growth),
                page.moved(map, growth),
                transfer.moved(map, growth),
                stencil.moved(map, growth),
                cloth.moved(map, growth),
                wrap);
    }
}
