package neattrace.testing;

import java.util.function.IntPredicate;
import neattrace.raster.RunLabels;

/** Components of pixels that are told one by one. */
public final class Labels {

    private Labels() {}

    /**
     * Labels them.
     *
     * @param member tells of an index, row times width plus column, whether it belongs
     * @param diagonal whether pixels that touch only at a corner belong together
     */
    public static RunLabels of(int width, int height, IntPredicate member, boolean diagonal) {
        long[] bits = new long[(width * height + Long.SIZE - 1) / Long.SIZE];
        for (int i = 0; i < width * height; i++) {
            bits[i / Long.SIZE] |= member.test(i) ? 1L << i : 0;
        }
        return RunLabels.of(width, height, bits, diagonal);
    }
}
