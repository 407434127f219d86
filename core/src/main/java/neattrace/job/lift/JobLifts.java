package neattrace.job.lift;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import neattrace.json.DamagedException;

/** All lifts in their order. */
public final class JobLifts {

    /** The version that is written. */
    public static final int NEWEST = 12;

    /** From version 1 on, each to the next. */
    private static final List<Lift> LIFTS =
            List.of(
                    new WholeSheetLift(),
                    new WholeLineLift(),
                    new WholeColourLift(),
                    new OpenLinesLift(),
                    new SectionsLift(),
                    new GoodsLift(),
                    new WorkLift(),
                    new StickerLift(),
                    new LooseLift(),
                    // 10 to 11: how other goods than stickers are made; missing is as usual.
                    root -> {},
                    // 11 to 12: more about the press than the black; missing is as usual.
                    root -> {});

    private JobLifts() {}

    /**
     * Brings a job up to date, in place.
     *
     * @param root of a version from 1 to {@link #NEWEST}
     * @throws DamagedException if what its version must have is missing
     */
    public static void lift(ObjectNode root, int version) throws DamagedException {
        for (Lift lift : LIFTS.subList(version - 1, LIFTS.size())) {
            lift.apply(root);
        }
        root.put("version", NEWEST);
    }
}
