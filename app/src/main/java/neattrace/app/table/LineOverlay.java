package neattrace.app.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import neattrace.app.work.Shown;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.pipeline.LineStudy;
import neattrace.trace.InkLine;
import neattrace.trace.LineNode;
import neattrace.trace.TracedLoop;
import neattrace.trace.review.WidthTable;

/** Draws what is known about the lines over their ink, with a key to it. */
final class LineOverlay {

    private static final Color RIM = Color.web("#FFFDF7");
    private static final Color INK = Color.web("#17323F");
    private static final Color MIDDLE = Color.web("#1F6B63");

    /** From little to much; each is drawn broader than the one before it, too. */
    private static final Color[] CLASSES = {
        Color.web("#2F7FB5"), Color.web("#4C9A7A"), Color.web("#C9971C"), Color.web("#C03A22")
    };

    /** Points are shown while there are no more than this many in sight. */
    private static final int MOST_POINTS = 600;

    /** Deviations from which a class begins, px; smaller ones are not drawn. */
    private static final double[] DEVIATIONS = {0.1, 0.2, 0.4, 0.8};

    private final GraphicsContext g;
    private final View view;
    private final Shown shown;
    private final LineStudy study;
    private final Point topLeft;
    private final Point lowRight;

    LineOverlay(GraphicsContext g, View view, Shown shown, LineStudy study) {
        this.g = g;
        this.view = view;
        this.shown = shown;
        this.study = study;
        Point a = view.toPage(0, 0);
        Point b = view.toPage(view.width(), view.height());
        this.topLeft = new Point(Math.min(a.x(), b.x()), Math.min(a.y(), b.y()));
        this.lowRight = new Point(Math.max(a.x(), b.x()), Math.max(a.y(), b.y()));
    }

    void paint(LineLook look) {
        g.save();
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        switch (look) {
            case NOTHING -> {}
            case POINTS -> points();
            case DEVIATION -> deviation();
            case WIDTHS -> widths();
            case MIDDLES -> middles();
        }
        g.restore();
    }

    private boolean inSight(double x, double y) {
        return x >= topLeft.x() && y >= topLeft.y() && x <= lowRight.x() && y <= lowRight.y();
    }

    private boolean inSight(double[] box, double scale) {
        return box[0] * scale <= lowRight.x()
                && box[1] * scale <= lowRight.y()
                && box[2] * scale >= topLeft.x()
                && box[3] * scale >= topLeft.y();
    }

    private void points() {
        List<Point2D> inSight = new ArrayList<>();
        for (Outline outline : shown.drawing().lines()) {
            for (CubicLoop loop : outline.loops().toList()) {
                if (!inSight(loop.bounds(), 1)) {
                    continue;
                }
                for (int i = 0; i < loop.size(); i++) {
                    Point at = loop.point(i);
                    if (inSight(at.x(), at.y())) {
                        inSight.add(view.toScreen(at));
                    }
                }
                if (inSight.size() > MOST_POINTS) {
                    legend("Zoom in to see the points.", List.of());
                    return;
                }
            }
        }
        g.setFill(RIM);
        g.setStroke(MIDDLE);
        g.setLineWidth(1.2);
        for (Point2D p : inSight) {
            g.fillRect(p.getX() - 2.5, p.getY() - 2.5, 5, 5);
            g.strokeRect(p.getX() - 2.5, p.getY() - 2.5, 5, 5);
        }
    }

    private void deviation() {
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        for (int grade = 0; grade < CLASSES.length; grade++) {
            g.setStroke(CLASSES[grade]);
            g.setLineWidth(breadth(grade));
            for (TracedLoop traced : shown.drawing().tracing().loops()) {
                CubicLoop loop = traced.curve();
                if (!inSight(loop.bounds(), mmPerPx)) {
                    continue;
                }
                for (int i = 0; i < loop.size(); i++) {
                    if (grade(traced.deviation(i), DEVIATIONS) == grade) {
                        segment(loop, i, mmPerPx);
                    }
                }
            }
        }
        List<String> words = new ArrayList<>();
        for (int grade = 0; grade < CLASSES.length; grade++) {
            boolean last = grade + 1 == CLASSES.length;
            words.add(
                    last
                            ? String.format(
                                    Locale.ROOT, "over %.3f mm", DEVIATIONS[grade] * mmPerPx)
                            : String.format(
                                    Locale.ROOT,
                                    "%.3f – %.3f mm",
                                    DEVIATIONS[grade] * mmPerPx,
                                    DEVIATIONS[grade + 1] * mmPerPx));
        }
        legend("Curves leave the scan by up to", words);
    }

    private static double breadth(int grade) {
        return 1.5 + 1.4 * grade;
    }

    /** The class a value falls into, -1 below the first. */
    private static int grade(double value, double[] limits) {
        int grade = -1;
        while (grade + 1 < limits.length && value >= limits[grade + 1]) {
            grade++;
        }
        return grade;
    }

    private void segment(CubicLoop loop, int i, double mmPerPx) {
        Point2D a = view.toScreen(loop.point(i).times(mmPerPx));
        Point2D b = view.toScreen(loop.control(i, 0).times(mmPerPx));
        Point2D c = view.toScreen(loop.control(i, 1).times(mmPerPx));
        Point2D d = view.toScreen(loop.point(i + 1).times(mmPerPx));
        g.beginPath();
        g.moveTo(a.getX(), a.getY());
        g.bezierCurveTo(b.getX(), b.getY(), c.getX(), c.getY(), d.getX(), d.getY());
        g.stroke();
    }

    private boolean isKnown() {
        if (study == null) {
            legend("The lines are being found …", List.of());
        }
        return study != null;
    }

    private void widths() {
        if (!isKnown() || study.widths().isEmpty()) {
            return;
        }
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        double[] limits = limits(study.widths().get());
        for (int grade = 0; grade < CLASSES.length; grade++) {
            g.setStroke(CLASSES[grade]);
            g.setLineWidth(breadth(grade) + 0.5);
            for (InkLine line : study.net().lines()) {
                stretches(line, mmPerPx, limits, grade);
            }
        }
        List<String> words = new ArrayList<>();
        for (int grade = 0; grade < CLASSES.length; grade++) {
            words.add(
                    grade == 0
                            ? String.format(Locale.ROOT, "under %.2f mm", limits[1])
                            : grade + 1 == CLASSES.length
                                    ? String.format(Locale.ROOT, "%.2f mm and more", limits[grade])
                                    : String.format(
                                            Locale.ROOT,
                                            "%.2f – %.2f mm",
                                            limits[grade],
                                            limits[grade + 1]));
        }
        legend("Lines are wide", words);
    }

    /** Lines up to this much bolder than usual are usual lines. */
    private static final double USUAL = 1.25;

    /** Four classes between the thinnest and the boldest; the usual width is well within one. */
    private static double[] limits(WidthTable table) {
        return new double[] {
            0,
            (table.thinnestMm() + table.usualMm()) / 2,
            USUAL * table.usualMm(),
            Math.max(2 * USUAL * table.usualMm(), (table.usualMm() + table.boldestMm()) / 2)
        };
    }

    private void stretches(InkLine line, double mmPerPx, double[] limits, int grade) {
        boolean down = false;
        int step = step(mmPerPx);
        for (int i = 0; i < line.size(); i += step) {
            boolean here = grade(line.width()[i] * mmPerPx, limits) == grade;
            double x = line.x()[i] * mmPerPx;
            double y = line.y()[i] * mmPerPx;
            here &= inSight(x, y);
            if (here) {
                Point2D at = view.toScreen(new Point(x, y));
                if (down) {
                    g.lineTo(at.getX(), at.getY());
                } else {
                    g.beginPath();
                    g.moveTo(at.getX(), at.getY());
                }
            } else if (down) {
                g.stroke();
            }
            down = here;
        }
        if (down) {
            g.stroke();
        }
    }

    /** Samples are thinned to about two screen pixels. */
    private int step(double mmPerPx) {
        return (int) Math.max(1, 2 / (mmPerPx * view.scale()));
    }

    private void middles() {
        if (!isKnown()) {
            return;
        }
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        for (int pass = 0; pass < 2; pass++) {
            g.setStroke(pass == 0 ? RIM : MIDDLE);
            g.setLineWidth(pass == 0 ? 3.2 : 1.4);
            for (InkLine line : study.net().lines()) {
                stretches(line, mmPerPx, new double[] {0}, 0);
            }
        }
        int tips = 0;
        int junctions = 0;
        for (LineNode node : study.net().nodes()) {
            tips += node.isTip() ? 1 : 0;
            junctions += node.isJunction() ? 1 : 0;
            Point at = node.at().times(mmPerPx);
            if (inSight(at.x(), at.y())) {
                node(view.toScreen(at), node);
            }
        }
        legend(
                String.format(
                        Locale.ROOT,
                        "%,d lines, %,d ends (○), %,d meetings (◆)",
                        study.net().lines().size(),
                        tips,
                        junctions),
                List.of());
    }

    private void node(Point2D at, LineNode node) {
        g.setFill(RIM);
        g.setStroke(MIDDLE);
        g.setLineWidth(1.4);
        double x = at.getX();
        double y = at.getY();
        if (node.isTip()) {
            g.fillOval(x - 3, y - 3, 6, 6);
            g.strokeOval(x - 3, y - 3, 6, 6);
        } else if (node.isJunction()) {
            double[] xs = {x - 4.5, x, x + 4.5, x};
            double[] ys = {y, y - 4.5, y, y + 4.5};
            g.setFill(MIDDLE);
            g.fillPolygon(xs, ys, 4);
        }
    }

    /** A key in the corner: a sample of each class in its colour and breadth. */
    private void legend(String title, List<String> words) {
        // Wide enough for the title, about as broad as its letters.
        double width = Math.max(words.isEmpty() ? 0 : 200, 30 + 6.6 * title.length());
        double height = 30 + 20 * words.size();
        double x = 12;
        double y = 12;
        g.setFill(RIM.deriveColor(0, 1, 1, 0.94));
        g.fillRoundRect(x, y, width, height, 8, 8);
        g.setStroke(Color.web("#D8CDB9"));
        g.setLineWidth(1);
        g.strokeRoundRect(x + 0.5, y + 0.5, width - 1, height - 1, 8, 8);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(Font.font("Lato Semibold", 12.5));
        g.setFill(INK);
        g.fillText(title, x + 12, y + 15, width - 24);
        g.setFont(Font.font("Lato", 12.5));
        for (int i = 0; i < words.size(); i++) {
            double line = y + 34 + 20 * i;
            g.setStroke(CLASSES[i]);
            g.setLineWidth(breadth(i));
            g.strokeLine(x + 14, line, x + 44, line);
            g.setFill(INK);
            g.fillText(words.get(i), x + 56, line, width - 64);
        }
    }
}
