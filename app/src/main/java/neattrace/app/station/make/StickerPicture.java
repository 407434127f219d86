package neattrace.app.station.make;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import org.locationtech.jts.geom.Envelope;

/**
 * What is printed of a sticker, in the middle of a room of some pixels and as large as may be.
 *
 * @param argb its pixels, transparent where nothing is printed
 * @param width of the room, px
 * @param height of the room, px
 * @param scale pixels for each mm
 * @param left where the sticker's page begins, px
 * @param top where it begins, px
 */
record StickerPicture(int[] argb, int width, int height, double scale, double left, double top) {

    /** Paints one; takes its time. */
    static StickerPicture of(MadeSticker made, int width, int height, double marginPx) {
        return place(made, width, height, marginPx).painted(made, width, height);
    }

    /** The same with its pixels, in a room as large as some pixels; takes its time. */
    StickerPicture painted(MadeSticker made, int wide, int high) {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        AffineTransform map = new AffineTransform(scale, 0, 0, scale, left, top);
        made.painter().paint(graphics, map, new Rectangle2D.Double(0, 0, wide, high), true, true);
        graphics.dispose();
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new StickerPicture(pixels, wide, high, scale, left, top);
    }

    /** The same about the same middle at another scale. */
    StickerPicture at(double other) {
        double k = other / scale;
        return new StickerPicture(
                argb,
                width,
                height,
                other,
                width / 2.0 + k * (left - width / 2.0),
                height / 2.0 + k * (top - height / 2.0));
    }

    /** Where it lies, without its pixels. */
    static StickerPicture place(MadeSticker made, double width, double height, double marginPx) {
        Envelope all = made.sticker().area().getEnvelopeInternal();
        if (all.isNull()) {
            all = new Envelope(0, made.plan().widthMm(), 0, made.plan().heightMm());
        }
        double beyond =
                Math.max(made.sticker().recipe().bleedMm(), made.sticker().recipe().backingMm());
        all.expandBy(beyond + 1);
        double scale =
                Math.max(
                        0.1,
                        Math.min(
                                (width - 2 * marginPx) / all.getWidth(),
                                (height - 2 * marginPx) / all.getHeight()));
        return new StickerPicture(
                new int[0],
                (int) width,
                (int) height,
                scale,
                width / 2.0 - scale * all.centre().x,
                height / 2.0 - scale * all.centre().y);
    }

    /** Its pixels as a picture. */
    Image image() {
        WritableImage image = new WritableImage(width, height);
        image.getPixelWriter()
                .setPixels(
                        0, 0, width, height, PixelFormat.getIntArgbPreInstance(), argb, 0, width);
        return image;
    }
}
