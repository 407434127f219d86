package neattrace.app.station.make;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.geom.Point;
import neattrace.goods.wrap.Cup;
import neattrace.goods.wrap.CupPicture;

/**
 * Three cups beneath their wrap: as drinkers with either hand see it, and between them one that
 * turns.
 */
final class CupStrip {

    private static final double TITLE_PX = 22;

    /** Below this there is no room for whole sentences. */
    private static final double NARROW_PX = 205;

    private static final Color INK = Color.web("#17323F");
    private static final Color SEEN = Color.web("#1F7A6D");

    private CupPicture picture;
    private double turnMm;
    private double top;
    private double width;
    private double height;
    private Image left;
    private Image turning;
    private Image right;

    /** Shows a cup; its turn stays as it is if it is of the same kind. */
    void show(CupPicture next, boolean leftHanded, boolean same) {
        picture = next;
        if (!same) {
            turnMm = next.cup().facingMm(leftHanded);
        }
        left = null;
        turning = null;
        right = null;
    }

    /** Where it lies in the view, px. */
    void lay(double atTop, double wide, double high) {
        if (atTop != top || wide != width || high != height) {
            left = null;
            turning = null;
            right = null;
        }
        top = atTop;
        width = wide;
        height = high;
    }

    /** Turns the cup so that another place of the wrap faces the eye. */
    void turn(double byMm) {
        turnMm = picture.cup().inRound(turnMm + byMm);
        turning = null;
    }

    /** How many mm of the wrap a pixel is in the middle of the turning cup. */
    double mmPerPx() {
        return picture.acrossMm() / Math.max(1, Math.min(column(), across(height - TITLE_PX)));
    }

    private double across(double high) {
        return high * picture.acrossMm() / picture.downMm();
    }

    private double column() {
        return width / 3;
    }

    /** Whether a place of the view is on the turning cup. */
    boolean holds(double x, double y) {
        return picture != null && y > top && y < top + height && x > column() && x < 2 * column();
    }

    /** Paints all three. */
    void paint(GraphicsContext g) {
        int wide = (int) column();
        int high = (int) (height - TITLE_PX);
        if (picture == null || wide < 40 || high < 40) {
            return;
        }
        Cup cup = picture.cup();
        left = left == null ? image(cup.facingMm(true), wide, high) : left;
        right = right == null ? image(cup.facingMm(false), wide, high) : right;
        turning = turning == null ? image(turnMm, wide, high) : turning;
        g.drawImage(left, 0, top);
        g.drawImage(turning, wide, top);
        g.drawImage(right, 2.0 * wide, top);
        g.setFill(INK);
        g.setFont(Font.font("Lato", 12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.BOTTOM);
        boolean narrow = wide < NARROW_PX;
        double scale = Math.min(wide / picture.acrossMm(), high / picture.downMm());
        double foot =
                Math.min(top + height, top + (high + scale * picture.downMm()) / 2 + TITLE_PX);
        g.fillText(narrow ? "Left-handed" : "A left-handed drinker sees", 0.5 * wide, foot);
        g.fillText(
                narrow ? "Drag to turn" : "Drag to turn it, or Left and Right", 1.5 * wide, foot);
        g.fillText(narrow ? "Right-handed" : "A right-handed drinker sees", 2.5 * wide, foot);
    }

    private Image image(double middleMm, int wide, int high) {
        return PagesPicture.image(picture.seen(middleMm, wide, high), wide, high);
    }

    /** Marks on the wrap what of it the turning cup shows. */
    void seen(GraphicsContext g, PagesLayout layout) {
        Cup cup = picture.cup();
        double half = cup.widestMm() / 2;
        double from = Math.max(0, turnMm - half);
        double to = Math.min(cup.wrapMm(), turnMm + half);
        if (to <= from) {
            return;
        }
        Point a = layout.seen(0, new Point(from, 0));
        Point b = layout.seen(0, new Point(to, 0));
        double y = a.y() - 7;
        g.setLineDashes(null);
        g.setStroke(SEEN);
        g.setLineWidth(2);
        g.strokeLine(a.x(), y, b.x(), y);
        g.strokeLine(a.x(), y, a.x(), y + 5);
        g.strokeLine(b.x(), y, b.x(), y + 5);
        g.setFill(SEEN);
        g.setFont(Font.font("Lato", 11));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.BOTTOM);
        g.fillText("seen at once", (a.x() + b.x()) / 2, y - 2);
    }
}
