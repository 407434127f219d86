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
        StickerPicture bare = place(made, width, height, marginPx);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        AffineTransform map =
                new AffineTransform(bare.scale, 0, 0, bare.scale, bare.left, bare.top);
        made.painter()
                .paint(graphics, map, new Rectangle2D.Double(0, 0, width, height), true, true);
        graphics.dispose();
        int[] argb = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new StickerPicture(argb, width, height, bare.scale, bare.left, bare.top);
    }

    /** Where it lies, without its pixels. */
    static StickerPicture place(MadeSticker made, int width, int height, double marginPx) {
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
                width,
                height,
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
