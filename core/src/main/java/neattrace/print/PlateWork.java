package neattrace.print;

import java.util.ArrayList;
import java.util.List;
import neattrace.press.plate.Laid;

/** A plan as plates see it. */
public final class PlateWork {

    private PlateWork() {}

    /**
     * What a plan lays down, lowest first. Photographs are never on plates.
     *
     * @throws IllegalArgumentException if there are pixels in it
     */
    public static List<Laid> of(PrintPlan plan) {
        List<Laid> laid = new ArrayList<>();
        for (PrintLayer layer : plan.layers()) {
            if (!layer.prints()) {
                continue;
            }
            for (PrintObject object : layer.objects()) {
                if (!(object.shape() instanceof PrintShape.Photo)) {
                    laid.add(
                            new Laid(
                                    Shapes.toShape(object.shape()),
                                    object.tints(),
                                    object.overprint()));
                }
            }
        }
        return laid;
    }
}
