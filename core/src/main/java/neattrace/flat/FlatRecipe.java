package neattrace.flat;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;

/**
 * How flats are finished.
 *
 * @param spreadMm how far a colour runs on beneath the neighbour that lies above it, mm
 * @param pieces what is one shape in a file
 * @param lightDegrees where the light comes from, clockwise from above; 315 is from the upper left
 * @param forms insets, shadows and highlights, oldest first
 */
public record FlatRecipe(double spreadMm, Pieces pieces, double lightDegrees, List<Form> forms)
        implements OnPage<FlatRecipe> {

    /** What is one shape in a file. */
    public enum Pieces {
        /** All areas of a colour: one shape for each ink. */
        UNITED,
        /** Each area by itself. */
        BY_AREA,
        /** Areas of a group, by its name; of all others those of a colour that touch. */
        BY_OBJECT
    }

    /** One pixel at 300 ppi (common practice, no source). */
    public static final double USUAL_SPREAD_MM = 0.085;

    /** Two pixels at 300 ppi, for thick lines (common practice, no source). */
    public static final double WIDE_SPREAD_MM = 0.17;

    /** Colours spread no farther, mm. */
    public static final double MOST_SPREAD_MM = 2;

    /** From the upper left (common practice, no source). */
    public static final double USUAL_LIGHT = 315;

    /** As most people want it. */
    public static final FlatRecipe USUAL =
            new FlatRecipe(USUAL_SPREAD_MM, Pieces.UNITED, USUAL_LIGHT, List.of());

    public FlatRecipe {
        if (!(spreadMm >= 0 && spreadMm <= MOST_SPREAD_MM)) {
            throw new IllegalArgumentException("colours spread 0 to 2 mm");
        }
        if (!(lightDegrees >= 0 && lightDegrees < 360)) {
            throw new IllegalArgumentException("light comes from 0 to 360 degrees");
        }
        forms = List.copyOf(forms);
    }

    /** The same with another spread. */
    public FlatRecipe withSpreadMm(double next) {
        return new FlatRecipe(next, pieces, lightDegrees, forms);
    }

    /** The same with other pieces. */
    public FlatRecipe withPieces(Pieces next) {
        return new FlatRecipe(spreadMm, next, lightDegrees, forms);
    }

    /** The same in another light. */
    public FlatRecipe withLightDegrees(double next) {
        return new FlatRecipe(spreadMm, pieces, next, forms);
    }

    /** The same with other forms. */
    public FlatRecipe withForms(List<Form> next) {
        return new FlatRecipe(spreadMm, pieces, lightDegrees, next);
    }

    /** The same without a swatch, in forms. */
    public FlatRecipe without(int swatch) {
        return withForms(forms.stream().flatMap(form -> form.without(swatch).stream()).toList());
    }

    /** The same moved by a map of the plane under which lengths grow by {@code growth}. */
    @Override
    public FlatRecipe moved(UnaryOperator<Point> map, double growth) {
        return withForms(forms.stream().map(form -> form.moved(map, growth)).toList());
    }

    /** The direction in which shadows fall, one mm long. */
    public Point fall() {
        double angle = Math.toRadians(lightDegrees);
        return new Point(-Math.sin(angle), Math.cos(angle));
    }
}
