package neattrace.testing;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import neattrace.geom.Point;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.LightRecipe;
import neattrace.sheet.Mask;
import neattrace.sheet.PencilRecipe;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SheetShape;
import neattrace.sheet.SheetStep;

/** Sheet recipes for tests. */
public final class Recipes {

    private Recipes() {}

    /** Nothing in it is what a new recipe has. */
    public static SheetRecipe full() {
        return new SheetRecipe(
                new FrameRecipe(
                        List.of(
                                new Point(1.5, 2),
                                new Point(100, 3),
                                new Point(99, 80),
                                new Point(2, 81)),
                        -0.37,
                        Optional.of(new Crop(3, 4, 50, 60.5)),
                        2),
                List.of(
                        new Mask(
                                new SheetShape.Box(new Point(1, 2), new Point(3, 4)),
                                Mask.Kind.ERASE),
                        new Mask(
                                new SheetShape.Polygon(
                                        List.of(
                                                new Point(0, 0),
                                                new Point(9, 0),
                                                new Point(4, 7.25))),
                                Mask.Kind.PROTECT),
                        new Mask(
                                new SheetShape.Brush(
                                        List.of(new Point(5, 5), new Point(8, 9)), 2.5),
                                Mask.Kind.ERASE)),
                new PencilRecipe(PencilRecipe.Use.DROP, PencilRecipe.Colour.RED),
                true,
                new LightRecipe(false, 240, 31.5, 20, 35),
                new SharpenRecipe(3, 60, 0.08, 5),
                new DecisionRecipe(
                        DecisionRecipe.Method.ADAPTIVE,
                        44.5,
                        3,
                        0.2,
                        List.of(
                                new Patch(
                                        new SheetShape.Box(new Point(5, 5), new Point(9, 9)), 30))),
                0.35,
                Set.of(SheetStep.SHARPEN, SheetStep.MASKS));
    }
}
