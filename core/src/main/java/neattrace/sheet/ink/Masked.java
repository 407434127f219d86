package neattrace.sheet.ink;

import java.util.BitSet;
import java.util.List;
import neattrace.geom.Homography;
import neattrace.sheet.Mask;
import neattrace.sheet.SheetPart;

/**
 * Which pixels of the sheet are erased and which are protected.
 *
 * @param erased pixels that become paper, by row times width plus column
 * @param kept protected pixels
 * @param filled pixels that become ink
 */
public record Masked(BitSet erased, BitSet kept, BitSet filled) {

    /** More than half a pixel counts. */
    private static final int HALF = 128;

    /** No masks. */
    public static final Masked NONE = new Masked(new BitSet(), new BitSet(), new BitSet());

    /** Rasterises masks; protecting wins over erasing. */
    public static Masked of(List<Mask> masks, Homography toSheet, int width, int height) {
        if (masks.isEmpty()) {
            return NONE;
        }
        BitSet erased = new BitSet();
        BitSet kept = new BitSet();
        BitSet filled = new BitSet();
        for (Mask mask : masks) {
            BitSet target =
                    switch (mask.kind()) {
                        case ERASE -> erased;
                        case PROTECT -> kept;
                        case FILL -> filled;
                    };
            SheetPart.of(mask.shape(), toSheet, width, height, 0)
                    .forEach(
                            (x, y, cover) -> {
                                if (cover >= HALF) {
                                    target.set(y * width + x);
                                }
                            });
        }
        erased.andNot(kept);
        erased.andNot(filled);
        return new Masked(erased, kept, filled);
    }
}
