package neattrace.goods.page;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import neattrace.flat.Swatch;
import neattrace.goods.Goods;
import neattrace.goods.making.PageRecipe;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A drawing as a page to be coloured.
 *
 * @param drawing it is made of
 * @param goods paper, margin and the smallest area
 * @param recipe how it is made
 * @param areas its paper, mends included, mm on the drawing's page
 * @param isMended whether its ink is not the drawing's own any more
 * @param room where things lie, mm on this page
 * @param onPage from the drawing's page to this one
 * @param swatches those that have a number, in the order of the numbers from 1
 * @param numbers where they stand
 */
public record ColouringPage(
        Drawing drawing,
        Goods goods,
        PageRecipe recipe,
        PageAreas areas,
        boolean isMended,
        PageRoom room,
        AffineTransformation onPage,
        List<Swatch> swatches,
        List<PlacedNumber> numbers) {

    /** The sample is so high, mm. */
    static final double SAMPLE_MM = 26;

    /** Beside the sample, mm. */
    private static final double APART_MM = 6;

    public ColouringPage {
        swatches = List.copyOf(swatches);
        numbers = List.copyOf(numbers);
    }

    /**
     * The page of a drawing.
     *
     * @param unmended its areas as drawn, see {@link PageAreas#of}
     * @param innerLeft whether the book's inner side is the left one
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static ColouringPage of(
            Drawing drawing,
            PageAreas unmended,
            WantedGoods wanted,
            boolean innerLeft,
            Progress progress) {
        Goods goods = wanted.goods();
        PageRecipe recipe = wanted.making().page();
        List<Swatch> swatches = recipe.numbers() ? numbered(drawing, unmended) : List.of();
        Extent extent = drawing.extent();
        PageRoom bare = room(goods, recipe, extent, 0, innerLeft);
        PageKey key = key(recipe, swatches, bare.inner().getWidth(), sampleWide(recipe, extent));
        double strip = Math.max(key.heightMm(), hasSample(recipe, drawing) ? SAMPLE_MM : 0);
        PageRoom room = room(goods, recipe, extent, strip, innerLeft);
        AffineTransformation onPage = room.onPage(extent);
        PageAreas areas =
                PageMending.of(drawing, unmended, recipe.mends(), goods, room.factor(), progress);
        progress.report("Placing the numbers", 0.6);
        Map<Integer, Integer> numberOf = new HashMap<>();
        for (Swatch swatch : swatches) {
            numberOf.put(swatch.id(), numberOf.size() + 1);
        }
        List<PlacedNumber> numbers =
                swatches.isEmpty()
                        ? List.of()
                        : new NumberPlacer(onPage, numberOf).place(areas, room.art());
        return new ColouringPage(
                drawing, goods, recipe, areas, areas != unmended, room, onPage, swatches, numbers);
    }

    private static PageRoom room(
            Goods goods, PageRecipe recipe, Extent extent, double strip, boolean innerLeft) {
        return PageRoom.of(goods, recipe.gutterMm(), extent, strip, innerLeft);
    }

    static PageKey key(PageRecipe recipe, List<Swatch> swatches, double widthMm, double besideMm) {
        return new PageKey(recipe.key() ? swatches : List.of(), Math.max(30, widthMm - besideMm));
    }

    private static double sampleWide(PageRecipe recipe, Extent extent) {
        return recipe.sample() && extent.heightMm() > 0
                ? APART_MM + SAMPLE_MM * extent.widthMm() / extent.heightMm()
                : 0;
    }

    static boolean hasSample(PageRecipe recipe, Drawing drawing) {
        return recipe.sample() && !drawing.layers().isEmpty();
    }

    /** Its key, as wide as there is room. */
    PageKey key() {
        return key(recipe, swatches, room.inner().getWidth(), sampleWide(recipe, drawing.extent()));
    }

    /** Swatches that areas have, in the order of the palette. */
    private static List<Swatch> numbered(Drawing drawing, PageAreas areas) {
        Set<Integer> used =
                areas.areas().stream().map(PageArea::swatch).collect(Collectors.toSet());
        List<Swatch> swatches = new ArrayList<>();
        for (Swatch swatch : drawing.job().palette().swatches()) {
            if (used.contains(swatch.id())) {
                swatches.add(swatch);
            }
        }
        return swatches;
    }

    /** Areas into which no circle of the goods' least size fits, the smallest first. */
    public List<PageArea> small() {
        double least = goods.detail().areaMm();
        return areas.areas().stream()
                .filter(area -> area.isSmall(least, room.factor()))
                .sorted(java.util.Comparator.comparingDouble(PageArea::radiusMm))
                .toList();
    }
}
