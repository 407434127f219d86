package neattrace.app.station.make;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineJoin;
import neattrace.finding.Place;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.sticker.StickerPlan;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintShape;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Draws a sticker, or what came out of the cutter, round a picture of what is printed. */
final class ThingPainter {

    /** Lines are drawn as chords that keep so close, mm. */
    static final double FLAT_MM = 0.02;

    private static final Color SHADOW = Color.web("#17323F", 0.18);
    private static final Color INK = Color.web("#17323F");
    private static final Color SIGNAL = Color.web("#C03A22");
    private static final Color HALO = Color.web("#FFFDF7");

    /** Where nothing is printed: no colour that anybody would print. */
    private static final Color BARE = Color.web("#F29A86");

    private final GraphicsContext g;
    private final MadeSticker made;
    private final Image picture;
    private final double scale;
    private final double left;
    private final double top;

    /**
     * A painter.
     *
     * @param picture of what is printed, as large as what is drawn on
     * @param scale pixels for each mm
     * @param left where the sticker's page begins, px
     * @param top where it begins, px
     */
    ThingPainter(
            GraphicsContext g,
            MadeSticker made,
            Image picture,
            double scale,
            double left,
            double top) {
        this.g = g;
        this.made = made;
        this.picture = picture;
        this.scale = scale;
        this.left = left;
        this.top = top;
    }

    private double x(double mm) {
        return left + scale * mm;
    }

    private double y(double mm) {
        return top + scale * mm;
    }

    /** The sticker and the lines it is cut along. */
    void sticker(boolean bleedSeen) {
        g.save();
        g.translate(3, 4);
        trace(made.sticker().area());
        g.setFill(SHADOW);
        g.fill();
        g.restore();
        g.save();
        if (!bleedSeen) {
            trace(made.sticker().area());
            g.clip();
        }
        vinyl();
        g.drawImage(picture, 0, 0);
        g.restore();
        for (PrintLayer layer : made.plan().layers()) {
            if (layer.isTechnical()) {
                lines(layer);
            }
        }
    }

    /** The pieces as they come out: what is not printed within them is bare. */
    void cutOut(Rehearsal rehearsal) {
        g.save();
        g.setGlobalAlpha(0.25);
        g.drawImage(picture, 0, 0);
        g.restore();
        boolean kiss = rehearsal.hasKiss();
        for (List<Point> line : rehearsal.lines(!kiss)) {
            g.save();
            g.translate(3, 4);
            trace(line);
            g.setFill(SHADOW);
            g.fill();
            g.restore();
            g.save();
            trace(line);
            g.setFill(BARE);
            g.fill();
            g.clip();
            vinyl();
            g.drawImage(picture, 0, 0);
            g.restore();
            trace(line);
            g.setStroke(INK);
            g.setLineWidth(1.2);
            g.stroke();
        }
        g.setStroke(SIGNAL);
        g.setLineWidth(2);
        for (Point at : rehearsal.run().lifting()) {
            g.strokeOval(x(at.x()) - 8, y(at.y()) - 8, 16, 16);
        }
    }

    /** Where nothing is printed within, the vinyl shows; transparent ink does not hide it. */
    private void vinyl() {
        trace(made.printed());
        g.setFill(Color.web(made.wanted().goods().ground().colour().hex()));
        g.fill();
    }

    private void trace(List<Point> line) {
        g.beginPath();
        for (int i = 0; i < line.size(); i++) {
            point(i == 0, line.get(i).x(), line.get(i).y());
        }
        g.closePath();
    }

    private void lines(PrintLayer layer) {
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.setStroke(Color.web(layer.screen().hex()));
        boolean through = layer.name().equals(StickerPlan.THROUGH);
        g.setLineWidth(through ? 1.2 : 1.8);
        g.setLineDashes(through ? new double[] {2, 4} : new double[] {7, 4});
        for (PrintObject object : layer.objects()) {
            if (object.shape() instanceof PrintShape.Curved curved) {
                trace(curved.outline());
                g.stroke();
            }
        }
        g.setLineDashes(null);
    }

    private void trace(Outline outline) {
        g.beginPath();
        for (CubicLoop loop : outline.loops().toList()) {
            double[] xy = loop.flatten(FLAT_MM);
            for (int i = 0; i < xy.length; i += 2) {
                point(i == 0, xy[i], xy[i + 1]);
            }
            g.closePath();
        }
    }

    private void trace(Geometry area) {
        g.beginPath();
        for (int k = 0; k < area.getNumGeometries(); k++) {
            Coordinate[] ring = ((Polygon) area.getGeometryN(k)).getExteriorRing().getCoordinates();
            for (int i = 0; i < ring.length; i++) {
                point(i == 0, ring[i].x, ring[i].y);
            }
            g.closePath();
        }
    }

    private void point(boolean first, double xMm, double yMm) {
        if (first) {
            g.moveTo(x(xMm), y(yMm));
        } else {
            g.lineTo(x(xMm), y(yMm));
        }
    }

    /** What is looked at, mm on the drawing's page, which is so many times as large here. */
    void finding(Place place, double factor) {
        double width = Math.max(16, scale * factor * place.widthMm() + 10);
        double height = Math.max(16, scale * factor * place.heightMm() + 10);
        double middleX = x(factor * place.at().x());
        double middleY = y(factor * place.at().y());
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : Color.web("#B52B18"));
            g.setLineWidth(pass == 0 ? 6 : 2.5);
            g.strokeRoundRect(middleX - width / 2, middleY - height / 2, width, height, 8, 8);
        }
    }

    /** A place of the line on its way to another. */
    void pull(Point from, Point to) {
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : Color.web("#B52B18"));
            g.setLineWidth(pass == 0 ? 5 : 2);
            g.strokeLine(x(from.x()), y(from.y()), x(to.x()), y(to.y()));
            g.strokeOval(x(to.x()) - 6, y(to.y()) - 6, 12, 12);
        }
    }
}
