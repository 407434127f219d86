package neattrace.app.station.make;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.app.work.Aside;
import neattrace.export.PlanPainter;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetPlan;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerPlan;
import neattrace.print.PrintPlan;
import org.locationtech.jts.geom.Envelope;

/**
 * Pictures of stickers at the scale of the screen, each painted once, beside the window's thread.
 */
final class SheetFaces {

    /** Turned pictures stay sharp. */
    private static final double DENSITY = 2;

    private static final int MOST_PX = 3000;

    /**
     * A picture of a sticker.
     *
     * @param box what it shows, mm from the middle of the sticker's cut
     */
    record Face(Image image, Envelope box) {}

    private final Map<Sticker, Face> faces = new HashMap<>();
    private final Set<Sticker> coming = new HashSet<>();
    private final Runnable whenThere;
    private double scale = 1;

    SheetFaces(Runnable whenThere) {
        this.whenThere = whenThere;
    }

    /** Pictures are wanted at another scale, pixels for each mm. */
    void setScale(double value) {
        if (value != scale) {
            scale = value;
            faces.clear();
            coming.clear();
        }
    }

    /** Forgets those that are no longer needed. */
    void keepOnly(Set<Sticker> wanted) {
        faces.keySet().retainAll(wanted);
    }

    /** The picture of a sticker; null until it is painted. */
    Face of(SheetItem item) {
        Face face = faces.get(item.sticker());
        if (face == null && coming.add(item.sticker())) {
            double at = scale;
            Aside.run(() -> painted(item, at), done -> took(item.sticker(), at, done));
        }
        return face;
    }

    private void took(Sticker sticker, double at, Pixels pixels) {
        if (at == scale) {
            coming.remove(sticker);
            faces.put(sticker, new Face(pixels.image(), pixels.box()));
            whenThere.run();
        }
    }

    /** Painted pixels, not a picture yet. */
    record Pixels(int[] argb, int width, int height, Envelope box) {

        Image image() {
            WritableImage image = new WritableImage(width, height);
            image.getPixelWriter()
                    .setPixels(
                            0,
                            0,
                            width,
                            height,
                            PixelFormat.getIntArgbPreInstance(),
                            argb,
                            0,
                            width);
            return image;
        }
    }

    private static Pixels painted(SheetItem item, double scale) {
        PrintPlan plan = SheetPlan.printed(item.sticker());
        Envelope page = StickerPlan.printedUpTo(item.sticker()).getEnvelopeInternal();
        Envelope box = new Envelope(page);
        box.translate(-item.middle().x, -item.middle().y);
        return painted(plan, page, scale, box);
    }

    /** A part of a plan in pixels. */
    static Pixels painted(PrintPlan plan, Envelope part, double scale, Envelope box) {
        double k =
                Math.min(
                        DENSITY * scale,
                        MOST_PX / Math.max(1, Math.max(part.getWidth(), part.getHeight())));
        int width = (int) Math.max(1, Math.ceil(k * part.getWidth()));
        int height = (int) Math.max(1, Math.ceil(k * part.getHeight()));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        AffineTransform map =
                new AffineTransform(k, 0, 0, k, -k * part.getMinX(), -k * part.getMinY());
        new PlanPainter(plan.printed())
                .paint(graphics, map, new Rectangle2D.Double(0, 0, width, height), true, true);
        graphics.dispose();
        int[] argb = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new Pixels(argb, width, height, box);
    }
}
