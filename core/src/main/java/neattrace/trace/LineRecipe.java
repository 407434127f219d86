package neattrace.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * Everything decided about the lines of a drawing, applied in this order.
 *
 * @param edits changes to the ink, oldest first
 * @param weight the weight of all lines
 * @param maxErrorPx how far curves may leave the ink's contour, sheet px
 * @param points changes to single points of the outlines, oldest first
 * @param colour lines in colours of their own
 */
public record LineRecipe(
        List<InkEdit> edits,
        WeightRecipe weight,
        double maxErrorPx,
        List<PointEdit> points,
        LineColour colour)
        implements OnPage<LineRecipe> {

    /** Bounds for the curves' error, px. */
    public static final double LEAST_ERROR_PX = 0.05;

    public static final double MOST_ERROR_PX = 5;

    /** Lines as they were drawn. */
    public static final LineRecipe AS_DRAWN =
            new LineRecipe(
                    List.of(),
                    WeightRecipe.AS_DRAWN,
                    Tracer.USUAL_ERROR_PX,
                    List.of(),
                    LineColour.BLACK);

    public LineRecipe {
        if (!(maxErrorPx >= LEAST_ERROR_PX && maxErrorPx <= MOST_ERROR_PX)) {
            throw new IllegalArgumentException("curves must keep within 0.05 to 5 px");
        }
        edits = List.copyOf(edits);
        points = List.copyOf(points);
    }

    public LineRecipe withWeight(WeightRecipe value) {
        return new LineRecipe(edits, value, maxErrorPx, points, colour);
    }

    public LineRecipe withMaxErrorPx(double value) {
        return new LineRecipe(edits, weight, value, points, colour);
    }

    public LineRecipe withColour(LineColour value) {
        return new LineRecipe(edits, weight, maxErrorPx, points, value);
    }

    public LineRecipe withEdits(List<InkEdit> value) {
        return new LineRecipe(value, weight, maxErrorPx, points, colour);
    }

    public LineRecipe withPoints(List<PointEdit> value) {
        return new LineRecipe(edits, weight, maxErrorPx, value, colour);
    }

    /** The same with one more change to the ink. */
    public LineRecipe with(InkEdit edit) {
        List<InkEdit> next = new ArrayList<>(edits);
        next.add(edit);
        return withEdits(next);
    }

    /** The same with one more change to a point. */
    public LineRecipe with(PointEdit edit) {
        List<PointEdit> next = new ArrayList<>(points);
        next.add(edit);
        return withPoints(next);
    }

    /**
     * The same where the drawing now is.
     *
     * @param map from places on the page as they were to places as they are, mm
     * @param growth how much lengths grew
     */
    @Override
    public LineRecipe moved(UnaryOperator<Point> map, double growth) {
        return new LineRecipe(
                edits.stream().map(edit -> edit.moved(map, growth)).toList(),
                weight.moved(map, growth),
                maxErrorPx,
                points.stream().map(edit -> edit.moved(map, growth)).toList(),
                colour.moved(map, growth));
    }
}
