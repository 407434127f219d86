package neattrace.goods.cloth;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;

/**
 * A print in its place on a plain garment: what it looks like, never written to files.
 *
 * @param print where the print's upper left corner lies, mm
 * @param plan cloth, seams and print
 */
public record Garment(Point print, PrintPlan plan) {

    private static final double SEAM_MM = 1.6;
    private static final Tints NOTHING = Tints.of(new Cmyk(0, 0, 0, 0));

    /** The garment of a print with the print on it. */
    public static Garment of(ClothPrint print, PrintPlan art, PressProfile press) {
        GarmentShape shape = GarmentShape.of(print.recipe());
        Point at = shape.print(print.widthMm(), print.belowMm());
        PrintPlan placed =
                PrintPage.mapped(
                        art,
                        AffineTransform.getTranslateInstance(at.x(), at.y()),
                        shape.widthMm(),
                        shape.heightMm(),
                        press);
        Rgb colour = print.cloth();
        List<PrintLayer> layers = new ArrayList<>();
        layers.add(
                layer(
                        "Cloth",
                        Kind.GROUND,
                        colour,
                        shape.cloth().stream().map(PrintShape.Curved::new).toList()));
        layers.add(
                layer(
                        "Seams",
                        Kind.UNDERLAY,
                        seam(colour),
                        shape.seams().stream()
                                .map(one -> new PrintShape.Stroked(one, false, SEAM_MM))
                                .toList()));
        layers.addAll(placed.layers());
        return new Garment(at, placed.with(layers));
    }

    private static PrintLayer layer(
            String name, Kind kind, Rgb colour, List<? extends PrintShape> shapes) {
        List<PrintObject> objects =
                shapes.stream().map(one -> PrintObject.of(one, NOTHING)).toList();
        return new PrintLayer(name, kind, colour, "", objects, List.of());
    }

    /** Seen on light and on dark cloth. */
    private static Rgb seam(Rgb cloth) {
        double light = 0.3 * cloth.r() + 0.6 * cloth.g() + 0.1 * cloth.b();
        int by = light > 90 ? -48 : 52;
        return new Rgb(near(cloth.r() + by), near(cloth.g() + by), near(cloth.b() + by));
    }

    private static int near(int value) {
        return Math.max(0, Math.min(255, value));
    }
}
