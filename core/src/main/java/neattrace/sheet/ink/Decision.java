package neattrace.sheet.ink;

import java.util.Arrays;
import java.util.BitSet;
import java.util.stream.IntStream;
import neattrace.raster.InkMap;
import neattrace.sheet.DecisionRecipe.Patch;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetPart;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.threshold.ToneMap;

/** Black or white. */
final class Decision {

    /** Over this distance a patch's threshold passes into the sheet's, mm. */
    private static final double FEATHER_MM = 0.25;

    private Decision() {}

    /**
     * Coverage from darkness.
     *
     * @param inkPercent the sheet's threshold
     */
    static InkMap decide(
            ToneMap tone,
            double inkPercent,
            SheetRecipe recipe,
            SheetFrame frame,
            Masked masked,
            double pxPerMm) {
        byte[] table = new byte[256];
        for (int dark = 0; dark < 256; dark++) {
            table[dark] = coverage(dark, inkPercent);
        }
        byte[] darkness = tone.darkness();
        byte[] coverage = new byte[darkness.length];
        int width = tone.width();
        IntStream.range(0, tone.height())
                .parallel()
                .forEach(
                        y -> {
                            for (int i = y * width; i < (y + 1) * width; i++) {
                                coverage[i] = table[darkness[i] & 0xff];
                            }
                        });
        InkMap map = new InkMap(width, tone.height(), coverage);
        if (!recipe.decision().patches().isEmpty()) {
            patch(map, tone, inkPercent, recipe, frame, pxPerMm);
        }
        set(coverage, masked.erased(), (byte) 0);
        set(coverage, masked.filled(), (byte) 255);
        return map;
    }

    private static void set(byte[] coverage, BitSet where, byte value) {
        for (int i = where.nextSetBit(0); i >= 0; i = where.nextSetBit(i + 1)) {
            coverage[i] = value;
        }
    }

    private static byte coverage(int dark, double inkPercent) {
        double value = InkMap.EDGE + dark - 2.55 * inkPercent;
        // Always up: to even numbers, every second grey of a scan would be lost.
        return (byte) (int) Math.max(0, Math.min(255, Math.floor(value + 0.5)));
    }

    /** Where patches overlap the later one counts. */
    private static void patch(
            InkMap map,
            ToneMap tone,
            double inkPercent,
            SheetRecipe recipe,
            SheetFrame frame,
            double pxPerMm) {
        int width = map.width();
        float[] threshold = null;
        for (Patch patch : recipe.decision().patches()) {
            SheetPart part =
                    SheetPart.of(
                            patch.shape(),
                            frame.toSheet(),
                            width,
                            map.height(),
                            FEATHER_MM * pxPerMm);
            if (threshold == null) {
                threshold = new float[width * map.height()];
                Arrays.fill(threshold, (float) inkPercent);
            }
            float[] local = threshold;
            part.forEach(
                    (x, y, cover) -> {
                        int i = y * width + x;
                        local[i] += (float) (patch.inkPercent() - local[i]) * cover / 255;
                        map.coverage()[i] = coverage(tone.darkness()[i] & 0xff, local[i]);
                    });
        }
    }
}
