package neattrace.goods.cut;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.press.Cmyk;

/**
 * How a sticker is made, mm on the finished thing.
 *
 * @param cut how it is cut
 * @param enclosed whether paper that the drawing encloses belongs to it
 * @param border the colour of its border
 * @param bleedMm how far its colour runs on beyond the cut
 * @param carried whether beyond the art its edge's own colours run on, instead of the border's
 * @param backingMm how far its backing reaches beyond the cut; 0 to cut through all along it
 * @param pieces what becomes of single loose pieces, mm of the drawing's page
 * @param inks what its cut lines are called in files of inks
 * @param pulls places of the cut line pulled elsewhere by hand, mm of the drawing's page
 */
public record StickerRecipe(
        CutRecipe cut,
        boolean enclosed,
        Cmyk border,
        double bleedMm,
        boolean carried,
        double backingMm,
        List<LooseChoice> pieces,
        CutInks inks,
        List<Pull> pulls)
        implements OnPage<StickerRecipe> {

    /** As is usual for stickers of vinyl (common practice, no source). */
    public static final StickerRecipe USUAL =
            new StickerRecipe(
                    CutRecipe.USUAL,
                    true,
                    new Cmyk(0, 0, 0, 0),
                    2,
                    false,
                    3,
                    List.of(),
                    CutInks.USUAL,
                    List.of());

    /** No bleed and no backing reaches farther. */
    public static final double MOST_MM = 50;

    public StickerRecipe {
        pieces = List.copyOf(pieces);
        pulls = List.copyOf(pulls);
        if (!(bleedMm >= 0 && bleedMm <= MOST_MM)) {
            throw new IllegalArgumentException("a bleed has 0 to 50 mm");
        }
        if (!(backingMm >= 0 && backingMm <= MOST_MM)) {
            throw new IllegalArgumentException("a backing reaches 0 to 50 mm beyond the cut");
        }
    }

    /** The same with border, bleed and necks as goods want them. */
    public StickerRecipe on(Goods goods) {
        CutRecipe fitted =
                cut.withBorderMm(Math.min(CutRecipe.MOST_MM, goods.edges().borderMm()))
                        .withNeckMm(goods.detail().webMm());
        return withCut(fitted).withBleedMm(Math.min(MOST_MM, goods.edges().bleedMm()));
    }

    /**
     * How it is cut where the drawing comes out at another size, with what becomes of single
     * pieces.
     *
     * @param factor how many times as large as its page
     */
    public CutRecipe cutAt(double factor) {
        return cut.withPieces(pieces.stream().map(one -> one.scaled(factor)).toList());
    }

    /** Whether what runs on beyond the cut has the edge's own colours: without a border it must. */
    public boolean carriesEdge() {
        return carried || cut.borderMm() == 0;
    }

    public StickerRecipe withCut(CutRecipe value) {
        return new StickerRecipe(
                value, enclosed, border, bleedMm, carried, backingMm, pieces, inks, pulls);
    }

    public StickerRecipe withEnclosed(boolean value) {
        return new StickerRecipe(
                cut, value, border, bleedMm, carried, backingMm, pieces, inks, pulls);
    }

    public StickerRecipe withBorder(Cmyk value) {
        return new StickerRecipe(
                cut, enclosed, value, bleedMm, carried, backingMm, pieces, inks, pulls);
    }

    public StickerRecipe withBleedMm(double value) {
        return new StickerRecipe(
                cut, enclosed, border, value, carried, backingMm, pieces, inks, pulls);
    }

    public StickerRecipe withCarried(boolean value) {
        return new StickerRecipe(
                cut, enclosed, border, bleedMm, value, backingMm, pieces, inks, pulls);
    }

    public StickerRecipe withBackingMm(double value) {
        return new StickerRecipe(
                cut, enclosed, border, bleedMm, carried, value, pieces, inks, pulls);
    }

    public StickerRecipe withPulls(List<Pull> value) {
        return new StickerRecipe(
                cut, enclosed, border, bleedMm, carried, backingMm, pieces, inks, value);
    }

    public StickerRecipe withPieces(List<LooseChoice> value) {
        return new StickerRecipe(
                cut, enclosed, border, bleedMm, carried, backingMm, value, inks, pulls);
    }

    public StickerRecipe withInks(CutInks value) {
        return new StickerRecipe(
                cut, enclosed, border, bleedMm, carried, backingMm, pieces, value, pulls);
    }

    @Override
    public StickerRecipe moved(UnaryOperator<Point> map, double growth) {
        return withCut(cut.moved(map, growth))
                .withPieces(pieces.stream().map(one -> one.moved(map, growth)).toList())
                .withPulls(pulls.stream().map(one -> one.moved(map, growth)).toList());
    }
}
