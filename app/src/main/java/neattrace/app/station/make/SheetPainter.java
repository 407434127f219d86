package neattrace.app.station.make;

import java.util.List;
import java.util.Locale;
import java.util.function.IntToDoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.app.work.KnownSheet;
import neattrace.finding.Finding;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.goods.cut.BladeDrift;
import neattrace.goods.nest.Laid;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.StickerSheet;
import neattrace.goods.sticker.StickerPlan;
import neattrace.standin.cutter.CutPath;
import neattrace.standin.cutter.SheetRehearsal;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Draws a sheet of stickers: its ground, what is printed, the cuts, and what is in hand. */
final class SheetPainter {

    private static final Color SHADOW = Color.web("#17323F", 0.16);
    private static final Color INK = Color.web("#17323F");
    private static final Color QUIET = Color.web("#51636A");
    private static final Color SIGNAL = Color.web("#B52B18");
    private static final Color HALO = Color.web("#FFFDF7");

    /** Where nothing is printed: no colour that anybody would print. */
    private static final Color BARE = Color.web("#F29A86");

    /** Steps of lines shorter than this are not drawn one by one. */
    private static final double SEEN_PX = 0.4;

    private static final Color VEIL = Color.web("#E4E0D8", 0.7);

    /** Stickers farther away are not seen within a cut, bleed and drift and all. */
    private static final double NEIGHBOUR_MM = 60;

    private static final Color RIM = Color.web("#51636A", 0.55);
    private static final Color CUT = Color.web(StickerPlan.KISS_COLOUR.hex());
    private static final Color THROUGH = Color.web(StickerPlan.THROUGH_COLOUR.hex());

    private final GraphicsContext g;
    private final double scale;
    private final double left;
    private final double top;
    private final SheetFaces faces;

    SheetPainter(GraphicsContext g, double scale, double left, double top, SheetFaces faces) {
        this.g = g;
        this.scale = scale;
        this.left = left;
        this.top = top;
        this.faces = faces;
    }

    private double x(double mm) {
        return left + scale * mm;
    }

    private double y(double mm) {
        return top + scale * mm;
    }

    void clear(double width, double height) {
        g.clearRect(0, 0, width, height);
    }

    /** The sheet without its stickers; {@code ground} may be null while it is painted. */
    void page(SheetLayout layout, Image ground) {
        double width = scale * layout.widthMm();
        double height = scale * layout.heightMm();
        g.setFill(SHADOW);
        g.fillRect(left + 3, top + 4, width, height);
        g.setFill(Color.WHITE);
        g.fillRect(left, top, width, height);
        if (ground != null) {
            g.drawImage(ground, left, top, width, height);
        }
        g.setStroke(THROUGH);
        g.setLineWidth(1.2);
        g.setLineDashes(2, 4);
        g.strokeRect(left, top, width, height);
        double rim = layout.rimMm();
        if (rim > 0 && 2 * rim < Math.min(layout.widthMm(), layout.heightMm())) {
            g.setStroke(RIM);
            g.setLineWidth(0.8);
            g.setLineDashes(1, 5);
            g.strokeRect(x(rim), y(rim), width - 2 * scale * rim, height - 2 * scale * rim);
        }
        g.setLineDashes(4, 4);
        for (Envelope box : layout.kept()) {
            g.strokeRect(
                    x(box.getMinX()),
                    y(box.getMinY()),
                    scale * box.getWidth(),
                    scale * box.getHeight());
        }
        g.setLineDashes(null);
    }

    /** All stickers and the lines they are cut along. */
    void stickers(StickerSheet sheet, List<Laid> laid, boolean bleedSeen) {
        for (Laid one : laid) {
            face(sheet, one, bleedSeen);
        }
        for (Laid one : laid) {
            trace(sheet.nest().shape(one));
            g.setStroke(CUT);
            g.setLineWidth(one.pinned() ? 1.8 : 1.1);
            g.setLineDashes(5, 3);
            g.stroke();
            g.setLineDashes(null);
            if (one.pinned()) {
                pin(sheet, one);
            }
        }
    }

    /** The stickers as they come out, numbered where the blade comes down on them in turn. */
    void cutOut(SheetRehearsal rehearsal, SheetLayout layout, Image ground, Point drift) {
        StickerSheet sheet = rehearsal.sheet();
        // What is left of the sheet is veiled.
        page(layout, ground);
        sheet.nest().laid().forEach(one -> face(sheet, one, true));
        g.setFill(VEIL);
        g.fillRect(left - 4, top - 4, scale * layout.widthMm() + 8, scale * layout.heightMm() + 8);
        for (CutPath tip : rehearsal.run().tips()) {
            if (!tip.through()) {
                piece(sheet, layout, ground, tip, drift);
            }
        }
        g.setStroke(INK);
        g.setLineWidth(1.2);
        for (CutPath tip : rehearsal.run().tips()) {
            g.beginPath();
            ring(tip, drift);
            g.setLineDashes(tip.through() ? new double[] {2, 4} : null);
            g.stroke();
        }
        g.setLineDashes(null);
        g.setStroke(SIGNAL);
        g.setLineWidth(2);
        for (Point at : rehearsal.run().lifting()) {
            g.strokeOval(x(at.x()) - 8, y(at.y()) - 8, 16, 16);
        }
        int count = 0;
        for (SheetRehearsal.Turn turn : rehearsal.turns()) {
            boolean bad = rehearsal.margins().get(turn.laid()).leastMm() < BladeDrift.MOST_MM;
            number(++count, turn.from().x() + drift.x(), turn.from().y() + drift.y(), bad);
        }
    }

    /** What lies within a cut: what is printed there, and bare vinyl where nothing is. */
    private void piece(
            StickerSheet sheet, SheetLayout layout, Image ground, CutPath tip, Point drift) {
        double width = scale * layout.widthMm();
        double height = scale * layout.heightMm();
        g.save();
        g.beginPath();
        ring(tip, drift);
        g.clip();
        g.setFill(layout.ground().total() > 0 ? BARE : Color.WHITE);
        g.fillRect(left, top, width, height);
        if (ground != null) {
            g.drawImage(ground, left, top, width, height);
        }
        Envelope box = new Envelope();
        tip.points().forEach(at -> box.expandToInclude(at.x(), at.y()));
        for (Laid one : sheet.nest().laid()) {
            if (sheet.nest().shape(one).getEnvelopeInternal().distance(box) < NEIGHBOUR_MM) {
                face(sheet, one, true);
            }
        }
        g.restore();
    }

    private void ring(CutPath tip, Point drift) {
        List<Point> points = tip.points();
        ring(points.size(), i -> points.get(i).x() + drift.x(), i -> points.get(i).y() + drift.y());
    }

    /** Adds a closed line to the path; what nobody could see of it is left out. */
    private void ring(int count, IntToDoubleFunction xMm, IntToDoubleFunction yMm) {
        double lastX = Double.NaN;
        double lastY = Double.NaN;
        for (int i = 0; i < count; i++) {
            double px = x(xMm.applyAsDouble(i));
            double py = y(yMm.applyAsDouble(i));
            if (i == 0) {
                g.moveTo(px, py);
            } else if (Math.hypot(px - lastX, py - lastY) > SEEN_PX || i == count - 1) {
                g.lineTo(px, py);
            } else {
                continue;
            }
            lastX = px;
            lastY = py;
        }
        g.closePath();
    }

    /** A number in a disc; one that bears too little drift in the colour of what stops a job. */
    private void number(int number, double xMm, double yMm, boolean bad) {
        g.setFill(HALO);
        g.fillOval(x(xMm) - 10, y(yMm) - 10, 20, 20);
        g.setStroke(bad ? SIGNAL : INK);
        g.setLineWidth(bad ? 2.5 : 1.2);
        g.strokeOval(x(xMm) - 10, y(yMm) - 10, 20, 20);
        g.setFill(bad ? SIGNAL : INK);
        g.setFont(Font.font("Lato Semibold", 12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(String.valueOf(number), x(xMm), y(yMm));
    }

    private void face(StickerSheet sheet, Laid one, boolean bleedSeen) {
        SheetItem item = sheet.item(one);
        SheetFaces.Face face = faces.of(item);
        g.save();
        if (face == null || !bleedSeen) {
            trace(sheet.nest().shape(one));
            g.setFill(Color.WHITE);
            g.fill();
            g.clip();
        }
        if (face != null) {
            g.translate(x(one.xMm()), y(one.yMm()));
            g.rotate(one.turnDegrees());
            Envelope box = face.box();
            g.drawImage(
                    face.image(),
                    scale * box.getMinX(),
                    scale * box.getMinY(),
                    scale * box.getWidth(),
                    scale * box.getHeight());
        }
        g.restore();
    }

    /** A small tack at the upper edge of a sticker that stays where it is. */
    private void pin(StickerSheet sheet, Laid one) {
        Envelope box = sheet.nest().shape(one).getEnvelopeInternal();
        double at = x(box.centre().x);
        double above = y(box.getMinY());
        g.setLineCap(StrokeLineCap.ROUND);
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? HALO : SIGNAL);
            g.setLineWidth(pass == 0 ? 5 : 2);
            g.strokeLine(at, above - 2, at, above + 9);
            g.setFill(pass == 0 ? HALO : SIGNAL);
            double r = pass == 0 ? 6.5 : 4.5;
            g.fillOval(at - r, above - 4 - r, 2 * r, 2 * r);
        }
        g.setLineCap(StrokeLineCap.BUTT);
    }

    /** The one in hand. */
    void inHand(StickerSheet sheet, Laid one, boolean focused) {
        trace(sheet.nest().shape(one));
        g.setStroke(HALO);
        g.setLineWidth(6);
        g.stroke();
        g.setStroke(INK);
        g.setLineWidth(focused ? 3 : 2);
        g.stroke();
    }

    /** What is looked at. */
    void finding(Finding finding) {
        if (finding.place().isEmpty()) {
            return;
        }
        Place place = finding.place().get();
        if (place instanceof Place.Stretch stretch) {
            double reach = 14;
            Point at = stretch.at();
            for (int pass = 0; pass < 2; pass++) {
                g.setStroke(pass == 0 ? HALO : SIGNAL);
                g.setLineWidth(pass == 0 ? 6 : 3);
                g.strokeLine(
                        x(stretch.from().x()),
                        y(stretch.from().y()),
                        x(stretch.to().x()),
                        y(stretch.to().y()));
                g.strokeOval(x(at.x()) - reach, y(at.y()) - reach, 2 * reach, 2 * reach);
            }
        } else {
            double width = scale * place.widthMm() + 8;
            double height = scale * place.heightMm() + 8;
            for (int pass = 0; pass < 2; pass++) {
                g.setStroke(pass == 0 ? HALO : SIGNAL);
                g.setLineWidth(pass == 0 ? 6 : 2.5);
                g.strokeRoundRect(
                        x(place.at().x()) - width / 2,
                        y(place.at().y()) - height / 2,
                        width,
                        height,
                        8,
                        8);
            }
        }
    }

    /** The sheet's measures below it. */
    void told(KnownSheet known, double height) {
        SheetLayout layout = known.sheet().layout();
        double nearest = known.facts().nearestMm();
        String words =
                String.format(
                        Locale.ROOT,
                        "%s × %s mm    %d %s, %.0f %% of it%s",
                        mm(layout.widthMm()),
                        mm(layout.heightMm()),
                        known.laid().nest().laid().size(),
                        known.laid().nest().laid().size() == 1 ? "sticker" : "stickers",
                        100 * known.laid().nest().density(),
                        Double.isFinite(nearest)
                                ? String.format(Locale.ROOT, "    nearest %.1f mm", nearest)
                                : "");
        g.setFill(QUIET);
        g.setFont(Font.font("Lato", 13));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        double below = Math.min(height - 24, y(layout.heightMm()) + 10);
        g.fillText(words, x(layout.widthMm() / 2), below);
    }

    private static String mm(double value) {
        return value == Math.rint(value)
                ? String.valueOf((long) value)
                : String.format(Locale.ROOT, "%.1f", value);
    }

    private void trace(Polygon area) {
        Coordinate[] ring = area.getExteriorRing().getCoordinates();
        g.beginPath();
        ring(ring.length, i -> ring[i].x, i -> ring[i].y);
    }
}
