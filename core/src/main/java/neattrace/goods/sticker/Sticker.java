package neattrace.goods.sticker;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.LineLayer;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.goods.cut.CutLine;
import neattrace.goods.cut.PrintedShape;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.cut.StickerRecipe;
import neattrace.print.Artwork;
import neattrace.print.Placement;
import neattrace.print.Plans;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressTerms;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A drawing as a sticker at its true size, its page as large as the drawing's, scaled.
 *
 * @param art what is printed of the drawing, mm
 * @param silhouette of all that is printed, mm
 * @param cuts its lines, the largest sticker first; several if it fell apart
 * @param recipe how it was made
 * @param terms by which printers get it; empty for as it is
 */
public record Sticker(
        PrintPlan art,
        Geometry silhouette,
        List<StickerCut> cuts,
        StickerRecipe recipe,
        Optional<PressTerms> terms) {

    public Sticker {
        cuts = List.copyOf(cuts);
    }

    /**
     * Makes one; as long as it takes to draw its cut lines.
     *
     * @param art the drawing as it goes into files, see {@link Artwork#forFiles(double)}
     * @param factor how many times as large as the page it comes out, over 0
     */
    public static Sticker of(Artwork art, double factor, StickerRecipe recipe) {
        return of(art, silhouette(art, recipe.enclosed()), factor, recipe);
    }

    /**
     * The same with the silhouette known, which takes a third of the time.
     *
     * @param page of {@link #silhouette}, of this art and as the recipe says
     */
    public static Sticker of(Artwork art, Geometry page, double factor, StickerRecipe recipe) {
        Geometry silhouette = AffineTransformation.scaleInstance(factor, factor).transform(page);
        List<StickerCut> cuts =
                CutLine.of(
                        silhouette,
                        recipe.cutAt(factor),
                        recipe.pulls().stream().map(pull -> pull.scaled(factor)).toList());
        PrintPlan plan = Plans.of(art);
        double width = factor * art.widthMm();
        double height = factor * art.heightMm();
        Placement scaled = new Placement(plan, width / 2, height / 2, 0, factor);
        PrintPlan printed =
                new PrintPage(art.title(), width, height, 0, List.of(scaled)).plan(art.press());
        return new Sticker(printed, silhouette, cuts, recipe, Optional.empty());
    }

    /**
     * The silhouette of a drawing on its page, mm.
     *
     * @param enclosed whether paper that it encloses belongs to it
     */
    public static Geometry silhouette(Artwork art, boolean enclosed) {
        List<Outline> lines = new ArrayList<>(art.lines());
        for (LineLayer layer : art.colouredLines()) {
            lines.addAll(layer.shapes());
        }
        List<Geometry> flats = art.layers().stream().map(FlatLayer::shape).toList();
        return PrintedShape.of(lines, flats, enclosed);
    }

    /** All its cut areas as one. */
    public Geometry area() {
        return silhouette
                .getFactory()
                .createMultiPolygon(cuts.stream().map(StickerCut::area).toArray(Polygon[]::new));
    }

    /** The same with what printers make it ready by. */
    public Sticker with(PressTerms value) {
        return new Sticker(art, silhouette, cuts, recipe, Optional.of(value));
    }
}
