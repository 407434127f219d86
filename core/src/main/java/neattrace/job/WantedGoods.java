package neattrace.job;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.FileUse;
import neattrace.goods.Goods;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.making.Makings;

/**
 * Goods that a drawing is for.
 *
 * @param id never used twice in a job
 * @param goods what and how large
 * @param forSale whether they are sold; if not, they are for oneself or for practice
 * @param pieces how many are to be made; 0 if nobody has said
 * @param maker which printer or cutter, as the person calls it; empty if nobody has said
 * @param weightsKept whether lines are as wide on them as on the sheet; if not, lines are scaled
 *     with the drawing
 * @param costs what it costs to have them made
 * @param making how it is made
 * @param owed files that were promised for them
 */
public record WantedGoods(
        int id,
        Goods goods,
        boolean forSale,
        int pieces,
        String maker,
        boolean weightsKept,
        Costs costs,
        Makings making,
        List<FileUse> owed)
        implements OnPage<WantedGoods> {

    /** More are made by nobody who does it alone. */
    public static final int MOST_PIECES = 1_000_000;

    private static final int LONGEST_MAKER = 200;

    public WantedGoods {
        maker = maker.strip();
        owed = owed.stream().distinct().toList();
        if (pieces < 0 || pieces > MOST_PIECES) {
            throw new IllegalArgumentException("pieces are 0 to 1000000");
        }
        if (maker.length() > LONGEST_MAKER) {
            throw new IllegalArgumentException("a printer's name has at most 200 letters");
        }
    }

    public WantedGoods withGoods(Goods value) {
        return new WantedGoods(id, value, forSale, pieces, maker, weightsKept, costs, making, owed);
    }

    public WantedGoods withForSale(boolean value) {
        return new WantedGoods(id, goods, value, pieces, maker, weightsKept, costs, making, owed);
    }

    public WantedGoods withPieces(int value) {
        return new WantedGoods(id, goods, forSale, value, maker, weightsKept, costs, making, owed);
    }

    public WantedGoods withMaker(String value) {
        return new WantedGoods(id, goods, forSale, pieces, value, weightsKept, costs, making, owed);
    }

    public WantedGoods withWeightsKept(boolean value) {
        return new WantedGoods(id, goods, forSale, pieces, maker, value, costs, making, owed);
    }

    public WantedGoods withCosts(Costs value) {
        return new WantedGoods(id, goods, forSale, pieces, maker, weightsKept, value, making, owed);
    }

    public WantedGoods withOwed(List<FileUse> value) {
        return new WantedGoods(
                id, goods, forSale, pieces, maker, weightsKept, costs, making, value);
    }

    public WantedGoods withMaking(Makings value) {
        return new WantedGoods(id, goods, forSale, pieces, maker, weightsKept, costs, value, owed);
    }

    /** How it is cut if it is a sticker. */
    public StickerRecipe sticker() {
        return making.sticker();
    }

    public WantedGoods withSticker(StickerRecipe value) {
        return withMaking(making.withSticker(value));
    }

    @Override
    public WantedGoods moved(UnaryOperator<Point> map, double growth) {
        return withMaking(making.moved(map, growth));
    }
}
