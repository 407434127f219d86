package neattrace.app.station.make;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineJoin;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.cut.Pull;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintShape;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * The finished thing over the table, as large as there is room for: what is printed, clipped by
 * nothing, and the lines it is cut along, which can be pulled about.
 */
final class ThingView extends Region {

    private static final Color SHADOW = Color.web("#17323F", 0.18);
    private static final Color INK = Color.web("#17323F");
    private static final Color SIGNAL = Color.web("#C03A22");

    /** Where nothing is printed: no colour that anybody would print. */
    private static final Color BARE = Color.web("#F29A86");

    private static final Color HALO = Color.web("#FFFDF7");
    private static final double MARGIN_PX = 28;

    /** So near the line is taken in hand, px. */
    private static final double NEAR_PX = 10;

    private static final double FLAT_MM = 0.02;

    private final Canvas canvas = new Canvas();
    private final Consumer<Pull> whenPulled;
    private MadeSticker made;
    private WritableImage picture;
    private Rehearsal rehearsal;
    private boolean bleedSeen = true;
    private double scale = 1;
    private double left;
    private double top;
    private Point from;
    private Point to;

    /**
     * A view.
     *
     * @param whenPulled told of a place of the line that was pulled elsewhere, mm of the drawing's
     *     page
     */
    ThingView(Consumer<Pull> whenPulled) {
        this.whenPulled = whenPulled;
        setId("thing");
        getStyleClass().add("wall");
        getChildren().add(canvas);
        canvas.setOnMousePressed(this::taken);
        canvas.setOnMouseDragged(this::moved);
        canvas.setOnMouseReleased(this::released);
        setAccessibleText("The sticker with the line it is cut along");
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    /** Shows a sticker. */
    void show(MadeSticker next) {
        made = next;
        paint();
    }

    /** Shows a piece as it comes out of the cutter; null for the sticker as it is planned. */
    void rehearse(Rehearsal next) {
        rehearsal = next;
        draw();
    }

    /** Whether what lies beyond the cut is seen. */
    void setBleedSeen(boolean seen) {
        bleedSeen = seen;
        draw();
    }

    /** Paints what is printed beside the window's thread, then the lines over it. */
    private void paint() {
        if (made == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        fit();
        MadeSticker of = made;
        int width = (int) getWidth();
        int height = (int) getHeight();
        AffineTransform map = new AffineTransform(scale, 0, 0, scale, left, top);
        CompletableFuture.supplyAsync(() -> painted(of, width, height, map))
                .thenAccept(
                        pixels ->
                                Platform.runLater(
                                        () -> {
                                            if (of == made && width == (int) getWidth()) {
                                                picture = new WritableImage(width, height);
                                                picture.getPixelWriter()
                                                        .setPixels(
                                                                0,
                                                                0,
                                                                width,
                                                                height,
                                                                PixelFormat.getIntArgbPreInstance(),
                                                                pixels,
                                                                0,
                                                                width);
                                                draw();
                                            }
                                        }));
    }

    private static int[] painted(MadeSticker of, int width, int height, AffineTransform map) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        of.painter().paint(graphics, map, new Rectangle2D.Double(0, 0, width, height), true, true);
        graphics.dispose();
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    /** In the middle, as large as may be. */
    private void fit() {
        Envelope all = made.sticker().area().getEnvelopeInternal();
        if (all.isNull()) {
            all = new Envelope(0, made.plan().widthMm(), 0, made.plan().heightMm());
        }
        double beyond =
                Math.max(made.sticker().recipe().bleedMm(), made.sticker().recipe().backingMm());
        all.expandBy(beyond + 1);
        scale =
                Math.max(
                        0.1,
                        Math.min(
                                (getWidth() - 2 * MARGIN_PX) / all.getWidth(),
                                (getHeight() - 2 * MARGIN_PX) / all.getHeight()));
        left = getWidth() / 2 - scale * all.centre().x;
        top = getHeight() / 2 - scale * all.centre().y;
    }

    private double x(double mm) {
        return left + scale * mm;
    }

    private double y(double mm) {
        return top + scale * mm;
    }

    private Point place(MouseEvent event) {
        return new Point((event.getX() - left) / scale, (event.getY() - top) / scale);
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (made == null || picture == null) {
            return;
        }
        if (rehearsal != null && rehearsal.of() == made) {
            cutOut(g);
            return;
        }
        g.save();
        g.translate(3, 4);
        trace(g, made.sticker().area());
        g.setFill(SHADOW);
        g.fill();
        g.restore();
        g.save();
        if (!bleedSeen) {
            trace(g, made.sticker().area());
            g.clip();
        }
        vinyl(g);
        g.drawImage(picture, 0, 0);
        g.restore();
        for (PrintLayer layer : made.plan().layers()) {
            if (layer.isTechnical()) {
                lines(g, layer);
            }
        }
        if (from != null) {
            pull(g);
        }
    }

    /** The pieces as they come out: what is not printed within them is bare. */
    private void cutOut(GraphicsContext g) {
        g.save();
        g.setGlobalAlpha(0.25);
        g.drawImage(picture, 0, 0);
        g.restore();
        boolean kiss = rehearsal.hasKiss();
        for (List<Point> line : rehearsal.lines(!kiss)) {
            g.save();
            g.translate(3, 4);
            trace(g, line);
            g.setFill(SHADOW);
            g.fill();
            g.restore();
            g.save();
            trace(g, line);
            g.setFill(BARE);
            g.fill();
            g.clip();
            vinyl(g);
            g.drawImage(picture, 0, 0);
            g.restore();
            trace(g, line);
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
    private void vinyl(GraphicsContext g) {
        trace(g, made.printed());
        g.setFill(Color.web(made.wanted().goods().ground().colour().hex()));
        g.fill();
    }

    private void trace(GraphicsContext g, List<Point> line) {
        g.beginPath();
        for (int i = 0; i < line.size(); i++) {
            point(g, i == 0, line.get(i).x(), line.get(i).y());
        }
        g.closePath();
    }

    private void lines(GraphicsContext g, PrintLayer layer) {
        g.setLineJoin(StrokeLineJoin.ROUND);
        g.setStroke(Color.web(layer.screen().hex()));
        boolean through = layer.name().equals("cut-through");
        g.setLineWidth(through ? 1.2 : 1.8);
        g.setLineDashes(through ? new double[] {2, 4} : new double[] {7, 4});
        for (PrintObject object : layer.objects()) {
            if (object.shape() instanceof PrintShape.Curved curved) {
                trace(g, curved.outline());
                g.stroke();
            }
        }
        g.setLineDashes(null);
    }

    private void trace(GraphicsContext g, Outline outline) {
        g.beginPath();
        for (CubicLoop loop : outline.loops().toList()) {
            double[] xy = loop.flatten(FLAT_MM);
            for (int i = 0; i < xy.length; i += 2) {
                point(g, i == 0, xy[i], xy[i + 1]);
            }
            g.closePath();
        }
    }

    private void trace(GraphicsContext g, Geometry area) {
        g.beginPath();
        for (int k = 0; k < area.getNumGeometries(); k++) {
            Coordinate[] ring = ((Polygon) area.getGeometryN(k)).getExteriorRing().getCoordinates();
            for (int i = 0; i < ring.length; i++) {
                point(g, i == 0, ring[i].x, ring[i].y);
            }
            g.closePath();
        }
    }

    private void point(GraphicsContext g, boolean first, double xMm, double yMm) {
        if (first) {
            g.moveTo(x(xMm), y(yMm));
        } else {
            g.lineTo(x(xMm), y(yMm));
        }
    }

    private void pull(GraphicsContext g) {
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : Color.web("#B52B18"));
            g.setLineWidth(pass == 0 ? 5 : 2);
            g.strokeLine(x(from.x()), y(from.y()), x(to.x()), y(to.y()));
            g.strokeOval(x(to.x()) - 6, y(to.y()) - 6, 12, 12);
        }
    }

    private void taken(MouseEvent event) {
        from = null;
        if (made == null || rehearsal != null) {
            return;
        }
        Point at = place(event);
        Point nearest = nearest(at);
        if (nearest != null && scale * nearest.distance(at) <= NEAR_PX) {
            from = nearest;
            to = at;
            draw();
        }
    }

    private Point nearest(Point at) {
        Point nearest = null;
        List<CubicLoop> loops = made.sticker().cuts().stream().flatMap(cut -> cut.loops()).toList();
        for (CubicLoop loop : loops) {
            double[] xy = loop.flatten(FLAT_MM);
            int n = xy.length;
            for (int i = 0; i < n; i += 2) {
                Point place =
                        nearest(
                                at,
                                new Point(xy[i], xy[i + 1]),
                                new Point(xy[(i + 2) % n], xy[(i + 3) % n]));
                if (nearest == null || place.distance(at) < nearest.distance(at)) {
                    nearest = place;
                }
            }
        }
        return nearest;
    }

    private static Point nearest(Point at, Point start, Point end) {
        Point along = end.minus(start);
        double square = along.dot(along);
        double share = square == 0 ? 0 : at.minus(start).dot(along) / square;
        return start.plus(along.times(Math.max(0, Math.min(1, share))));
    }

    private void moved(MouseEvent event) {
        if (from != null) {
            to = place(event);
            draw();
        }
    }

    private void released(MouseEvent event) {
        if (from != null && from.distance(to) * scale > 3) {
            whenPulled.accept(new Pull(from, to).scaled(1 / made.factor()));
        }
        from = null;
        draw();
    }
}
