package neattrace.goods.sticker;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.LineLayer;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.goods.GoodsFit;
import neattrace.goods.Sizing;
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
import org.locationtech.jts.geom.Envelope;
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
 * @param factor how many times as large as the drawing's page it is
 * @param terms by which printers get it; empty for as it is
 */
public record Sticker(
        PrintPlan art,
        Geometry silhouette,
        List<StickerCut> cuts,
        StickerRecipe recipe,
        double factor,
        Optional<PressTerms> terms) {

    /** Cut lines lie farther out than asked for by less than this at both sides together, mm. */
    private static final double UNEVEN_MM = 0.9;

    /** Nearer to its width than this nothing is drawn again, mm. */
    private static final double NEAR_MM = 0.005;

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
        return new Sticker(printed, silhouette, cuts, recipe, factor, Optional.empty());
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

    /**
     * The same, as wide or as high as its goods say to 0.01 mm. Even cut lines lie a little farther
     * out than the border, up to 0.4 mm at each side of silhouettes full of nooks; so much smaller
     * is all of it, its border by a fiftieth at most. What is wider for another reason, because it
     * was pulled or fell apart, stays as it is.
     */
    public Sticker fitted(GoodsFit fit) {
        if (cuts.isEmpty() || !recipe.pulls().isEmpty()) {
            return this;
        }
        Envelope box = area().getEnvelopeInternal();
        boolean high = fit.goods().sizing().fit() == Sizing.Fit.HEIGHT;
        double is = high ? box.getHeight() : box.getWidth();
        double wanted = high ? fit.thingHeightMm() : fit.thingWidthMm();
        boolean fits =
                fit.goods().sizing().fit() == Sizing.Fit.PAGE
                        || Math.abs(is - wanted) < NEAR_MM
                        || Math.abs(is - wanted) > UNEVEN_MM;
        return fits ? this : scaled(wanted / is);
    }

    private Sticker scaled(double k) {
        double width = k * art.widthMm();
        double height = k * art.heightMm();
        Placement placed = new Placement(art, width / 2, height / 2, 0, k);
        AffineTransformation map = AffineTransformation.scaleInstance(k, k);
        return new Sticker(
                new PrintPage(art.title(), width, height, 0, List.of(placed)).plan(art.press()),
                map.transform(silhouette),
                cuts.stream().map(cut -> cut.scaled(k)).toList(),
                recipe,
                factor * k,
                terms);
    }

    /** The same with what printers make it ready by. */
    public Sticker with(PressTerms value) {
        return new Sticker(art, silhouette, cuts, recipe, factor, Optional.of(value));
    }
}
