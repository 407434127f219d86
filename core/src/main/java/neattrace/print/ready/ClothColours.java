package neattrace.print.ready;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import neattrace.flat.Swatch;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;

/** Which colours of a drawing are the cloth's own, so that it need not be printed. */
public final class ClothColours {

    /** As near to the cloth as this is the cloth (CIEDE2000; common practice, no source). */
    private static final double SAME = 4;

    private ClothColours() {}

    /**
     * Their ids.
     *
     * @param press how builds look; ink does not reach every cloth, and what comes nearest to it
     *     means it
     */
    public static Set<Integer> of(List<Swatch> swatches, Rgb cloth, PressProfile press) {
        Lab itself = cloth.toLab();
        Lab reached = press.preview(press.nearest(cloth)).toLab();
        Set<Integer> same = new TreeSet<>();
        for (Swatch one : swatches) {
            Lab own = press.preview(one.build()).toLab();
            if (DeltaE2000.between(own, itself) <= SAME
                    || DeltaE2000.between(own, reached) <= SAME / 2) {
                same.add(one.id());
            }
        }
        return same;
    }
}
