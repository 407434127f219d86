package neattrace.app.work;

import java.util.Arrays;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.raster.InkMap;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkPreview;

/** Sketches of what a recipe would do to the part of the page in sight. */
final class Sketcher {

    /** The preview in use, kept for the next move of the slider. */
    private Shown of;

    private double[] sight = {};
    private InkPreview preview;

    /** The part that was sketched last, for counting; called from the sketching thread. */
    InkPreview last() {
        return preview;
    }

    /** The sketch; called from one thread only. */
    Sketch sketch(Shown shown, SheetRecipe recipe, double[] sightMm) {
        double pxPerMm = shown.drawing().resolution().pxPerMm();
        if (of != shown || !Arrays.equals(sight, sightMm)) {
            of = shown;
            sight = sightMm.clone();
            preview =
                    InkPreview.of(
                            shown.drawing().reading(),
                            (int) Math.floor(sightMm[0] * pxPerMm),
                            (int) Math.floor(sightMm[1] * pxPerMm),
                            (int) Math.ceil((sightMm[2] - sightMm[0]) * pxPerMm) + 1,
                            (int) Math.ceil((sightMm[3] - sightMm[1]) * pxPerMm) + 1,
                            InkPreview.SCREEN_PIXELS);
        }
        InkMap map = preview.show(recipe);
        return new Sketch(
                image(map),
                preview.x() / pxPerMm,
                preview.y() / pxPerMm,
                preview.width() / pxPerMm,
                preview.height() / pxPerMm);
    }

    /** Black on white; edges a little soft, as the curves will be. */
    private static WritableImage image(InkMap map) {
        int[] tones = new int[256];
        for (int coverage = 0; coverage < 256; coverage++) {
            double steep = (coverage - InkMap.EDGE) * 4 + 127.5;
            int tone = 255 - (int) Math.max(0, Math.min(255, Math.rint(steep)));
            tones[coverage] = 0xFF000000 | tone << 16 | tone << 8 | tone;
        }
        int[] pixels = new int[map.coverage().length];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = tones[map.coverage()[i] & 0xff];
        }
        WritableImage image = new WritableImage(map.width(), map.height());
        image.getPixelWriter()
                .setPixels(
                        0,
                        0,
                        map.width(),
                        map.height(),
                        PixelFormat.getIntArgbPreInstance(),
                        pixels,
                        0,
                        map.width());
        return image;
    }
}
