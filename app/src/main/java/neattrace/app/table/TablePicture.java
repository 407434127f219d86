package neattrace.app.table;

import java.util.List;
import java.util.function.Function;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import neattrace.app.work.Shown;
import neattrace.app.work.Sketch;
import neattrace.export.PlanPainter;
import neattrace.geom.Point;
import neattrace.job.pipeline.LineStudy;

/**
 * What lies on the table, one over the other: the painted page, lines, marks, what a hand draws.
 */
final class TablePicture {

    private static final java.awt.Color PAGE = new java.awt.Color(0xFFFFFF);
    private static final java.awt.Color GREY_PAGE = new java.awt.Color(0x8C8C8C);

    private final Table table;
    private final Canvas canvas;
    private final TableMouse mouse;
    private final TableKeys keys;
    private final FramePainter painter = new FramePainter(this::painted);
    private FramePainter.Frame frame;
    private Sketch sketch;
    private PlanPainter early;
    private List<Mark> marks = List.of();
    private LineStudy study;
    private Function<Point, Target> targets = place -> Target.NOTHING;

    TablePicture(Table table, Canvas canvas, TableMouse mouse, TableKeys keys) {
        this.table = table;
        this.canvas = canvas;
        this.mouse = mouse;
        this.keys = keys;
    }

    void setSketch(Sketch next) {
        sketch = next;
        table.redraw();
    }

    void setMarks(List<Mark> next) {
        marks = List.copyOf(next);
        table.redraw();
    }

    void setStudy(LineStudy next) {
        study = next;
        table.redraw();
    }

    void setEarly(PlanPainter next) {
        early = next;
        if (next != null) {
            table.repaint();
        }
    }

    void setTargets(Function<Point, Target> next) {
        targets = next;
    }

    /**
     * Another drawing is shown: what was tried on the last one goes, and its frame unless it lies
     * on the same page.
     */
    void forget(boolean samePage) {
        sketch = null;
        early = null;
        frame = samePage ? frame : null;
    }

    void close() {
        painter.close();
    }

    /** Has the page painted as it is to be seen now. */
    void request() {
        Shown now = table.shownProperty().get();
        if (now == null) {
            return;
        }
        boolean onScreen = table.getScene() != null && table.getScene().getWindow() != null;
        double density = onScreen ? table.getScene().getWindow().getOutputScaleX() : 1;
        painter.request(
                new FramePainter.Request(
                        now,
                        early == null ? now.painter() : early,
                        table.view(),
                        table.modeProperty().get(),
                        table.greyGroundProperty().get() ? GREY_PAGE : PAGE,
                        density));
    }

    private void painted(FramePainter.Frame next) {
        frame = next;
        table.redraw();
    }

    void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Shown now = table.shownProperty().get();
        if (now == null) {
            return;
        }
        View view = table.view();
        Overlay overlay = new Overlay(g, view, now);
        overlay.page();
        if (frame != null) {
            overlay.frame(frame);
        }
        if (sketch != null) {
            overlay.sketch(sketch);
        }
        Target target = target();
        overlay.target(target.areas(), table.dabProperty().get());
        if (early == null && table.modeProperty().get() != TableMode.FILLS) {
            new LineOverlay(g, view, now, study).paint(table.lineLookProperty().get());
        }
        if (!target.stroke().isEmpty()) {
            new Hand.Brushwork(g, view).line(target.stroke(), false);
        }
        overlay.marks(marks);
        Hand hand = table.handProperty().get();
        if (hand != null) {
            hand.paint(new Hand.Brushwork(g, view));
        }
        Point pointed = table.pointedAtProperty().get();
        if (table.lensProperty().get() && pointed != null) {
            overlay.lens(pointed);
        }
        if (table.isFocused() && (table.isFocusVisible() || keys.cross() != null)) {
            overlay.focus();
            if (keys.cross() != null) {
                overlay.cross(keys.cross());
            }
        }
    }

    /** What a click would colour. */
    private Target target() {
        Hand hand = table.handProperty().get();
        boolean quiet = hand != null && !hand.lightsUp();
        Point pointed = table.pointedAtProperty().get();
        if (table.dabProperty().get() == null || pointed == null || mouse.isDragging() || quiet) {
            return Target.NOTHING;
        }
        return targets.apply(pointed);
    }
}
