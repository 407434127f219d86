package neattrace.goods;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import neattrace.goods.Sizing.Fit;

/**
 * Goods as they are written on a command line: {@code sticker:60mm}, {@code shirt:280mm}, {@code
 * colouring-page:A4}, {@code mug:200x90mm}, {@code film}.
 */
public final class GoodsWish {

    private GoodsWish() {}

    /**
     * Reads a wish.
     *
     * @param kept goods that a person keeps under names, which can be wished for by them
     * @throws IllegalArgumentException if there are no such goods or no such size; says what there
     *     is
     */
    public static Goods parse(String text, List<Goods> kept) {
        int colon = text.lastIndexOf(':');
        String name = (colon < 0 ? text : text.substring(0, colon)).strip();
        Goods goods = named(name, kept);
        return colon < 0 ? goods : sized(goods, text.substring(colon + 1).strip());
    }

    private static Goods named(String name, List<Goods> kept) {
        for (Goods goods : kept) {
            if (goods.name().equalsIgnoreCase(name)) {
                return goods;
            }
        }
        return GoodsKind.of(name.toLowerCase(Locale.ROOT))
                .map(UsualGoods::of)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "There are no goods “" + name + "”; there are " + kinds()));
    }

    private static String kinds() {
        return Arrays.stream(GoodsKind.values())
                .map(GoodsKind::key)
                .collect(Collectors.joining(", "));
    }

    /** The same in another size: a paper, a width, or width by height. */
    public static Goods sized(Goods goods, String size) {
        Sizing sizing = goods.sizing();
        var paper = PaperSize.named(size);
        if (paper.isPresent()) {
            return goods.withSizing(
                    new Sizing(
                            Fit.PAGE, paper.get().widthMm(), paper.get().heightMm(), sizing.ppi()));
        }
        String[] sides = size.toLowerCase(Locale.ROOT).split("(?<!p)[x×]", 2);
        if (sides.length < 2) {
            double width = Length.parse(size, sizing.ppi());
            return goods.withSizing(sizing.withFit(Fit.WIDTH).withWidthMm(width));
        }
        double height = Length.parse(sides[1], sizing.ppi());
        String unit = sides[1].strip().replaceAll("[\\d.,\\s]", "");
        boolean bare = sides[0].strip().matches("[\\d.,]+");
        double width = Length.parse(bare ? sides[0].strip() + unit : sides[0], sizing.ppi());
        return goods.withSizing(sizing.withFit(Fit.PAGE).withWidthMm(width).withHeightMm(height));
    }
}
