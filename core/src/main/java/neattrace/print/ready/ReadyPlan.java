package neattrace.print.ready;

import java.util.List;
import java.util.Map;
import neattrace.press.Tints;
import neattrace.press.trap.Trap;
import neattrace.print.PrintPlan;
import org.locationtech.jts.geom.Geometry;

/**
 * A plan that is ready for the press.
 *
 * @param plan all that is laid down
 * @param traps all that were made, also those that are switched off
 * @param untrapped which of them are switched off
 * @param underlay where colours lie beneath black to deepen it
 * @param lightened tints that had too much ink, and what they became
 */
public record ReadyPlan(
        PrintPlan plan,
        List<Trap> traps,
        List<Trap> untrapped,
        Geometry underlay,
        Map<Tints, Tints> lightened) {

    public ReadyPlan {
        traps = List.copyOf(traps);
        untrapped = List.copyOf(untrapped);
        lightened = Map.copyOf(lightened);
    }
}
