package neattrace.goods.cloth;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.page.PageAreas;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Rgb;
import neattrace.print.lettering.Lettering;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * A drawing as a print on cloth.
 *
 * @param drawing it is made of
 * @param goods its width on L and XL, the cloth's colour, how many inks
 * @param recipe where it goes
 * @param factor how many times as large as drawn it comes out
 * @param quiet places for the signature, mm on the drawing's page, the best first
 * @param signature its letters there; empty if there is none or no room for it
 */
public record ClothPrint(
        Drawing drawing,
        Goods goods,
        ClothRecipe recipe,
        double factor,
        List<Point> quiet,
        Optional<Geometry> signature) {

    /** Small letters are so high, as a share of the type's size, in the typeface that ships. */
    static final double X_HEIGHT = 0.506;

    public ClothPrint {
        quiet = List.copyOf(quiet);
    }

    /**
     * Makes one.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static ClothPrint of(
            Pipeline pipeline, Drawing drawing, WantedGoods wanted, Progress progress) {
        ClothRecipe recipe = wanted.making().cloth();
        double step = ClothPlaces.step(recipe.size(), recipe.place());
        double factor = step * GoodsDrawing.fit(drawing, wanted).factor();
        List<Point> quiet = List.of();
        Optional<Geometry> signature = Optional.empty();
        if (!recipe.signature().isEmpty()) {
            double size = recipe.signatureMm() / X_HEIGHT / factor;
            double wide = Lettering.widthMm(recipe.signature(), Lettering.Face.PLAIN, size);
            quiet = QuietPlaces.of(PageAreas.of(pipeline, drawing, progress), wide * 1.1, size);
            Optional<Point> first = quiet.stream().findFirst();
            Optional<Point> at = recipe.signatureAt().or(() -> first);
            signature = at.map(place -> letters(recipe.signature(), size, place));
        }
        return new ClothPrint(drawing, wanted.goods(), recipe, factor, quiet, signature);
    }

    private static Geometry letters(String text, double size, Point at) {
        Geometry line =
                Lettering.line(text, Lettering.Face.PLAIN, size, at.x(), 0, Lettering.Align.MIDDLE);
        double middle = line.getEnvelopeInternal().centre().y;
        return AffineTransformation.translationInstance(0, at.y() - middle).transform(line);
    }

    /** How wide it is printed, mm. */
    public double widthMm() {
        return factor * drawing.extent().widthMm();
    }

    /** How high, mm. */
    public double heightMm() {
        return factor * drawing.extent().heightMm();
    }

    /** How far below the seam its upper edge lies, mm. */
    public double belowMm() {
        return ClothPlaces.belowMm(recipe);
    }

    /** The cloth's colour. */
    public Rgb cloth() {
        return goods.ground().colour();
    }
}
