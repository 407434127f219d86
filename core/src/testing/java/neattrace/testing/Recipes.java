package neattrace.testing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Form;
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
import neattrace.sheet.SpeckRecipe;
import neattrace.trace.LineColour;
import neattrace.trace.LineRecipe;
import neattrace.trace.PointEdit;
import neattrace.trace.WeightRecipe;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;

/** Recipes of sheets and lines for tests. */
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
                        2,
                        3,
                        true),
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
                new SpeckRecipe(0.35, 0.15),
                Set.of(SheetStep.SHARPEN, SheetStep.MASKS));
    }

    /** A recipe of lines in which nothing is as drawn. */
    public static LineRecipe lines() {
        InkShape stroke =
                new InkShape.Stroke(
                        new double[] {1.5, 2.25}, new double[] {3, 4}, new double[] {0.5, 0.25});
        InkShape area =
                new InkShape.Area(
                        List.of(
                                new double[] {0, 0, 4, 0, 4, 4.0625, 0, 4},
                                new double[] {1, 1, 1, 2, 2, 2, 2, 1}));
        return new LineRecipe(
                List.of(
                        new InkEdit("Ends joined", new Point(2, 3), List.of(area), List.of(stroke)),
                        new InkEdit("Line trimmed", new Point(1, 1), List.of(area), List.of())),
                new WeightRecipe(0.5, 0.25, -0.125, 0.75, List.of(new Point(8, 9))),
                0.45,
                List.of(
                        new PointEdit.Move(
                                new Point(1, 2),
                                new Point(1.5, 2),
                                new Point(1, 1.5),
                                new Point(2, 2.5)),
                        new PointEdit.Add(new Point(7, 7)),
                        new PointEdit.Delete(new Point(6, 6.5))),
                new LineColour(4, true, List.of(new LineColour.Hold(new Point(3, 3), 9))));
    }

    /** Flats with one of every form. */
    public static FlatRecipe flats() {
        List<Point> ring = List.of(new Point(1, 1), new Point(4, 1.5), new Point(2, 5.25));
        return new FlatRecipe(
                0.17,
                FlatRecipe.Pieces.BY_AREA,
                300,
                List.of(
                        new Form.Inset(new Point(3, 4), 1.25, 4),
                        new Form.Side(new Point(5, 6), 2, true, 9),
                        new Form.Side(new Point(5, 7), 2, false, 9),
                        new Form.Highlight(new Point(2, 2), ring, 4),
                        new Form.Shade(ring, Map.of(4, 9)),
                        new Form.Cast(3.5, 9)));
    }
}
