package neattrace.sheet.mask;

import java.util.BitSet;
import java.util.List;
import neattrace.geom.Homography;
import neattrace.sheet.Mask;

/**
 * Which pixels of the sheet are erased and which are protected.
 *
 * @param erased pixels that become paper, by row times width plus column
 * @param kept protected pixels
 */
public record Masked(BitSet erased, BitSet kept) {

    /** More than half a pixel counts. */
    private static final int HALF = 128;

    /** No masks. */
    public static final Masked NONE = new Masked(new BitSet(), new BitSet());

    /** Rasterises masks; protecting wins over erasing. */
    public static Masked of(List<Mask> masks, Homography toSheet, int width, int height) {
        if (masks.isEmpty()) {
            return NONE;
        }
        BitSet erased = new BitSet();
        BitSet kept = new BitSet();
        for (Mask mask : masks) {
            BitSet target = mask.kind() == Mask.Kind.ERASE ? erased : kept;
            SheetPart.of(mask.shape(), toSheet, width, height, 0)
                    .forEach(
                            (x, y, cover) -> {
                                if (cover >= HALF) {
                                    target.set(y * width + x);
                                }
                            });
        }
        erased.andNot(kept);
        return new Masked(erased, kept);
    }
}
