package neattrace.app.station;

import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing.Fit;
import neattrace.job.pipeline.Extent;
import neattrace.press.Rgb;

/**
 * Goods in their true shape with the drawing on them, as large as there is room for.
 *
 * @param fit the goods, and how large the drawing comes out on them
 * @param extent of the drawing on its page, mm
 * @param silhouette of the drawing with its border, mm on its page; empty as long as it is not
 *     known
 * @param art the page as a picture; null as long as it is not painted
 * @param pageMm width of the page, mm
 */
public record GoodsShape(
        GoodsFit fit, Extent extent, List<List<Point>> silhouette, Image art, double pageMm) {

    /** A shirt of a usual size, mm from the middle of its collar (common practice, no source). */
    private static final double[] SHIRT = {
        85, 0, 235, 45, 345, 235, 265, 290, 255, 210, 260, 720, -260, 720, -255, 210, -265, 290,
        -345, 235, -235, 45, -85, 0
    };

    private static final double SHIRT_WIDE_MM = 690;
    private static final double SHIRT_HIGH_MM = 720;
    private static final double COLLAR_MM = 55;

    /** The print begins so far below the collar (common practice, no source). */
    private static final double BELOW_COLLAR_MM = 85;

    private static final double MARGIN_PX = 14;
    private static final double MEASURE_PX = 30;
    private static final Color RULE = Color.web("#A89B84");
    private static final Color SHADE = Color.web("#17323F", 0.12);

    /**
     * Paints it.
     *
     * @param ink colour of words and measures, as the window has it
     */
    public void paint(GraphicsContext g, double width, double height, Color ink) {
        double scale = scale(width, height);
        if (!(scale > 0)) {
            return;
        }
        double wide = widthMm();
        double high = heightMm();
        double left = (width - wide * scale) / 2;
        double top = MARGIN_PX + (room(height) - high * scale) / 2;
        g.save();
        g.translate(left, top);
        g.scale(scale, scale);
        Point at = isShirt() ? shirt(g, scale) : flat(g, scale, wide, high, ink);
        drawing(g, at);
        g.restore();
        double from = isShirt() ? left + at.x() * scale : left;
        double across = isShirt() ? fit.artWidthMm() * scale : wide * scale;
        measure(g, from, across, top + high * scale + 12, ink);
    }

    /** Pixels a mm of the page at which the drawing is seen in a room of some pixels. */
    public double pagePxPerMm(double width, double height) {
        return Math.max(0, scale(width, height)) * fit.factor();
    }

    private double scale(double width, double height) {
        return Math.min((width - 2 * MARGIN_PX) / widthMm(), room(height) / heightMm());
    }

    private static double room(double height) {
        return height - MEASURE_PX - 2 * MARGIN_PX;
    }

    private boolean isShirt() {
        return kind() == GoodsKind.SHIRT;
    }

    private double widthMm() {
        return isShirt() ? SHIRT_WIDE_MM : fit.thingWidthMm();
    }

    private double heightMm() {
        return isShirt()
                ? Math.max(SHIRT_HIGH_MM, COLLAR_MM + BELOW_COLLAR_MM + fit.artHeightMm())
                : fit.thingHeightMm();
    }

    private GoodsKind kind() {
        return fit.goods().kind();
    }

    private Color ground() {
        Rgb rgb = fit.goods().ground().colour();
        return Color.rgb(rgb.r(), rgb.g(), rgb.b());
    }

    /** Where the drawing's upper left corner lies on it. */
    private Point shirt(GraphicsContext g, double scale) {
        g.translate(SHIRT_WIDE_MM / 2, 0);
        g.beginPath();
        g.moveTo(-85, 0);
        g.quadraticCurveTo(-60, COLLAR_MM, 0, COLLAR_MM);
        g.quadraticCurveTo(60, COLLAR_MM, 85, 0);
        for (int i = 2; i < SHIRT.length; i += 2) {
            g.lineTo(SHIRT[i], SHIRT[i + 1]);
        }
        g.closePath();
        g.setFill(ground());
        g.fill();
        g.setStroke(RULE);
        g.setLineWidth(1.2 / scale);
        g.stroke();
        g.translate(-SHIRT_WIDE_MM / 2, 0);
        return new Point(SHIRT_WIDE_MM / 2 - fit.artWidthMm() / 2, COLLAR_MM + BELOW_COLLAR_MM);
    }

    private Point flat(GraphicsContext g, double scale, double wide, double high, Color ink) {
        boolean cut = fit.goods().edges().borderMm() > 0 && !silhouette.isEmpty();
        if (cut) {
            sticker(g, scale, ink);
        } else {
            g.setFill(SHADE);
            g.fillRect(2 / scale, 2 / scale, wide, high);
            g.setFill(ground());
            g.fillRect(0, 0, wide, high);
            g.setStroke(RULE);
            g.setLineWidth(1 / scale);
            g.strokeRect(0, 0, wide, high);
            margin(g, scale, wide, high);
        }
        return new Point((wide - fit.artWidthMm()) / 2, (high - fit.artHeightMm()) / 2);
    }

    /** The border in its colour and the cut round it. */
    private void sticker(GraphicsContext g, double scale, Color ink) {
        double border = fit.goods().edges().borderMm();
        g.setLineWidth(1 / scale);
        g.setStroke(ink);
        g.setLineDashes(4 / scale, 3 / scale);
        for (List<Point> ring : silhouette) {
            g.beginPath();
            for (int i = 0; i < ring.size(); i++) {
                double x = (ring.get(i).x() - extent.left()) * fit.factor() + border;
                double y = (ring.get(i).y() - extent.top()) * fit.factor() + border;
                if (i == 0) {
                    g.moveTo(x, y);
                } else {
                    g.lineTo(x, y);
                }
            }
            g.closePath();
            g.setFill(ground());
            g.fill();
            g.stroke();
        }
        g.setLineDashes();
    }

    private void margin(GraphicsContext g, double scale, double wide, double high) {
        double margin = fit.goods().edges().safeMm();
        if (margin > 0) {
            g.setLineDashes(3 / scale, 3 / scale);
            g.setStroke(RULE);
            g.strokeRect(margin, margin, wide - 2 * margin, high - 2 * margin);
            g.setLineDashes();
        }
    }

    private void drawing(GraphicsContext g, Point at) {
        if (art == null || !(extent.widthMm() > 0)) {
            return;
        }
        double px = art.getWidth() / pageMm;
        g.drawImage(
                art,
                extent.left() * px,
                extent.top() * px,
                extent.widthMm() * px,
                extent.heightMm() * px,
                at.x(),
                at.y(),
                fit.artWidthMm(),
                fit.artHeightMm());
    }

    /** A line as long as the width, with its measure beneath. */
    private void measure(GraphicsContext g, double from, double across, double y, Color ink) {
        g.setStroke(ink);
        g.setLineWidth(1);
        double line = Math.rint(y) + 0.5;
        g.strokeLine(from, line, from + across, line);
        g.strokeLine(from, line - 3, from, line + 3);
        g.strokeLine(from + across, line - 3, from + across, line + 3);
        g.setFill(ink);
        g.setFont(Font.font("Lato Semibold", 12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.fillText(words(), from + across / 2, line + 4);
    }

    private String words() {
        Goods goods = fit.goods();
        boolean page = goods.sizing().fit() == Fit.PAGE;
        String size =
                String.format(
                        Locale.ROOT,
                        "%.0f × %.0f mm",
                        isShirt() ? fit.artWidthMm() : fit.thingWidthMm(),
                        isShirt() ? fit.artHeightMm() : fit.thingHeightMm());
        return page && !goods.size().contains("mm") ? goods.size() + ", " + size : size;
    }
}
