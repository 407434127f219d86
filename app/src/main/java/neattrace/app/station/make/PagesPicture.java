package neattrace.app.station.make;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.export.PlanPainter;
import neattrace.geom.Point;
import neattrace.goods.made.Scene;
import neattrace.press.Rgb;

/** Paints the pages of finished goods where they lie in a view. */
final class PagesPicture {

    private static final Color SHADE = new Color(23, 50, 63, 38);

    private final List<Scene.Page> pages;
    private final Map<Integer, PlanPainter> painters = new ConcurrentHashMap<>();

    /** Of pages, whose shapes are prepared once. */
    PagesPicture(List<Scene.Page> pages) {
        this.pages = pages;
    }

    /**
     * Paints them; takes its time.
     *
     * @return pixels, transparent beside the pages
     */
    int[] painted(PagesLayout layout, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        Rectangle2D all = new Rectangle2D.Double(0, 0, width, height);
        for (int i = 0; i < pages.size(); i++) {
            Scene.Page page = pages.get(i);
            Point from = layout.origins().get(i);
            Rectangle2D box =
                    new Rectangle2D.Double(
                            from.x(),
                            from.y(),
                            layout.scale() * page.plan().widthMm(),
                            layout.scale() * page.plan().heightMm());
            if (!box.intersects(all)) {
                continue;
            }
            page.ground().ifPresent(ground -> ground(graphics, box, ground));
            graphics.setClip(box);
            painters.computeIfAbsent(i, k -> new PlanPainter(page.plan()))
                    .paint(
                            graphics,
                            new AffineTransform(
                                    layout.scale(), 0, 0, layout.scale(), from.x(), from.y()),
                            box.createIntersection(all),
                            true,
                            true);
            graphics.setClip(null);
        }
        graphics.dispose();
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    private static void ground(Graphics2D graphics, Rectangle2D box, Rgb ground) {
        graphics.setColor(SHADE);
        graphics.fill(
                new Rectangle2D.Double(
                        box.getX() + 2, box.getY() + 3, box.getWidth(), box.getHeight()));
        graphics.setColor(new Color(ground.packed()));
        graphics.fill(box);
    }

    /** Premultiplied pixels as a picture. */
    static Image image(int[] argb, int width, int height) {
        WritableImage image = new WritableImage(width, height);
        image.getPixelWriter()
                .setPixels(
                        0, 0, width, height, PixelFormat.getIntArgbPreInstance(), argb, 0, width);
        return image;
    }
}
