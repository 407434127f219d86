package neattrace.app.station;

import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing.Fit;
import neattrace.goods.cloth.ClothPlaces;
import neattrace.goods.cloth.GarmentShape;
import neattrace.goods.making.ClothRecipe;
import neattrace.job.pipeline.Extent;
import neattrace.press.Rgb;

/**
 * Goods in their true shape with the drawing on them, as large as there is room for.
 *
 * @param cloth where a print goes on cloth
 * @param fit the goods, and how large the drawing comes out on them
 * @param extent of the drawing on its page, mm
 * @param silhouette of the drawing with its border, mm on its page; empty as long as it is not
 *     known
 * @param art the page as a picture; null as long as it is not painted
 * @param pageMm width of the page, mm
 */
public record GoodsShape(
        ClothRecipe cloth,
        GoodsFit fit,
        Extent extent,
        List<List<Point>> silhouette,
        Image art,
        double pageMm) {

    private static final double FLAT_MM = 0.5;

    private static final double MARGIN_PX = 14;
    private static final double MEASURE_PX = 30;
    private static final Color RULE = Color.web("#A89B84");
    private static final Color SHADE = Color.web("#17323F", 0.12);

    /** The same with another silhouette and picture. */
    public GoodsShape with(List<List<Point>> otherSilhouette, Image otherArt) {
        return new GoodsShape(cloth, fit, extent, otherSilhouette, otherArt, pageMm);
    }

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
        double across = isShirt() ? artWideMm() * scale : wide * scale;
        measure(g, from, across, top + high * scale + 12, ink);
    }

    /** Pixels a mm of the page at which the drawing is seen in a room of some pixels. */
    public double pagePxPerMm(double width, double height) {
        return Math.max(0, scale(width, height)) * step() * fit.factor();
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
        return isShirt() ? garment().widthMm() : fit.thingWidthMm();
    }

    private double heightMm() {
        return isShirt()
                ? Math.max(garment().heightMm(), printAt().y() + artHighMm())
                : fit.thingHeightMm();
    }

    private GarmentShape garment() {
        return GarmentShape.of(cloth);
    }

    private Point printAt() {
        return garment().print(artWideMm(), ClothPlaces.belowMm(cloth));
    }

    /** Prints on other sizes of garments are smaller or larger. */
    private double step() {
        return isShirt() ? ClothPlaces.step(cloth.size(), cloth.place()) : 1;
    }

    private double artWideMm() {
        return step() * fit.artWidthMm();
    }

    private double artHighMm() {
        return step() * fit.artHeightMm();
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
        for (Outline one : garment().cloth()) {
            double[] xy = one.outer().flatten(FLAT_MM);
            g.beginPath();
            for (int i = 0; i < xy.length; i += 2) {
                if (i == 0) {
                    g.moveTo(xy[i], xy[i + 1]);
                } else {
                    g.lineTo(xy[i], xy[i + 1]);
                }
            }
            g.closePath();
            g.setFill(ground());
            g.fill();
            g.setStroke(RULE);
            g.setLineWidth(1.2 / scale);
            g.stroke();
        }
        return printAt();
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
                artWideMm(),
                artHighMm());
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
                        isShirt() ? artWideMm() : fit.thingWidthMm(),
                        isShirt() ? artHighMm() : fit.thingHeightMm());
        return page && !goods.size().contains("mm") ? goods.size() + ", " + size : size;
    }
}
