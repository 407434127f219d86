package neattrace.app.station.make;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.export.PlanPainter;
import neattrace.goods.made.MadeGoods;
import neattrace.print.PrintPlan;

/**
 * The pages of finished goods side by side, as large as may be in a room of some pixels.
 *
 * @param argb its pixels, transparent beside the pages
 * @param width of the room, px
 * @param height of the room, px
 * @param scale pixels for each mm; 0 without pages
 */
record PagesPicture(int[] argb, int width, int height, double scale) {

    private static final int MARGIN_PX = 26;
    private static final int APART_PX = 14;
    private static final Color SHADE = new Color(23, 50, 63, 38);

    /** Paints one; takes its time. */
    static PagesPicture of(MadeGoods made, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        List<PrintPlan> pages = made.pages();
        double scale = 0;
        if (!pages.isEmpty()) {
            int columns = columns(pages, width, height);
            scale = scale(pages, columns, width, height);
            paint(made, columns, scale, image);
        }
        return new PagesPicture(
                ((DataBufferInt) image.getRaster().getDataBuffer()).getData(),
                width,
                height,
                scale);
    }

    /** In how many columns pages come out largest. */
    private static int columns(List<PrintPlan> pages, int width, int height) {
        int best = 1;
        for (int columns = 2; columns <= pages.size(); columns++) {
            if (scale(pages, columns, width, height) > scale(pages, best, width, height)) {
                best = columns;
            }
        }
        return best;
    }

    private static double scale(List<PrintPlan> pages, int columns, int width, int height) {
        int rows = (pages.size() + columns - 1) / columns;
        double wide = pages.stream().mapToDouble(PrintPlan::widthMm).max().orElseThrow();
        double high = pages.stream().mapToDouble(PrintPlan::heightMm).max().orElseThrow();
        double across = (width - 2.0 * MARGIN_PX - (columns - 1) * APART_PX) / columns;
        double down = (height - 2.0 * MARGIN_PX - (rows - 1) * APART_PX) / rows;
        return Math.max(0.01, Math.min(across / wide, down / high));
    }

    private static void paint(MadeGoods made, int columns, double scale, BufferedImage image) {
        List<PrintPlan> pages = made.pages();
        double wide = scale * pages.stream().mapToDouble(PrintPlan::widthMm).max().orElseThrow();
        double high = scale * pages.stream().mapToDouble(PrintPlan::heightMm).max().orElseThrow();
        int rows = (pages.size() + columns - 1) / columns;
        double left = (image.getWidth() - columns * wide - (columns - 1) * APART_PX) / 2;
        double top = (image.getHeight() - rows * high - (rows - 1) * APART_PX) / 2;
        Color ground = new Color(made.wanted().goods().ground().colour().packed());
        Graphics2D graphics = image.createGraphics();
        for (int i = 0; i < pages.size(); i++) {
            PrintPlan page = pages.get(i);
            double x = Math.rint(left + i % columns * (wide + APART_PX));
            double y = Math.rint(top + i / columns * (high + APART_PX));
            Rectangle2D box =
                    new Rectangle2D.Double(x, y, scale * page.widthMm(), scale * page.heightMm());
            graphics.setColor(SHADE);
            graphics.fill(new Rectangle2D.Double(x + 2, y + 3, box.getWidth(), box.getHeight()));
            graphics.setColor(ground);
            graphics.fill(box);
            graphics.setClip(box);
            AffineTransform map = new AffineTransform(scale, 0, 0, scale, x, y);
            new PlanPainter(page).paint(graphics, map, box, true, true);
            graphics.setClip(null);
        }
        graphics.dispose();
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
