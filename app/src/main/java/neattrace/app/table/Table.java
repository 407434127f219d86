package neattrace.app.table;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.stage.Screen;
import neattrace.app.work.Shown;
import neattrace.app.work.Sketch;
import neattrace.export.PlanPainter;
import neattrace.geom.Point;
import neattrace.job.pipeline.LineStudy;

/** Shows the drawing and answers to the mouse. */
public final class Table extends Region {

    private static final double MARGIN = 28;

    /** Kept free at the lower edge for the bar of views. */
    private static final double BAR = 64;

    private static final java.awt.Color PAGE = new java.awt.Color(0xFFFFFF);
    private static final java.awt.Color GREY_PAGE = new java.awt.Color(0x8C8C8C);

    private final Canvas canvas = new Canvas();
    private final FramePainter painter = new FramePainter(this::painted);
    private final ObjectProperty<Shown> shown = new SimpleObjectProperty<>();
    private final ObjectProperty<TableMode> mode = new SimpleObjectProperty<>(TableMode.ALL);
    private final BooleanProperty greyGround = new SimpleBooleanProperty();
    private final BooleanProperty lens = new SimpleBooleanProperty();
    private final ObjectProperty<Color> dab = new SimpleObjectProperty<>();
    private final ReadOnlyObjectWrapper<Hand> hand = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<View> view =
            new ReadOnlyObjectWrapper<>(new View(new Point(50, 50), 4, false, 0, 0));

    /** Held here: a binding nobody holds stops telling its listeners. */
    private final DoubleBinding scale =
            Bindings.createDoubleBinding(() -> view.get().scale(), view);

    private final ReadOnlyObjectWrapper<Point> cursor = new ReadOnlyObjectWrapper<>();
    private Consumer<Point> whenClicked = place -> {};
    private List<Mark> marks = List.of();
    private final ObjectProperty<LineLook> lineLook = new SimpleObjectProperty<>(LineLook.NOTHING);
    private LineStudy study;
    private PlanPainter early;
    private FramePainter.Frame frame;
    private Function<Point, Target> targets = place -> Target.NOTHING;
    private Sketch sketch;
    private final TableMouse mouse = new TableMouse(this);
    private final TableKeys keys = new TableKeys(this);
    private final OncePerPulse drawing = new OncePerPulse(this, this::draw);
    private boolean fitted;

    /** Whether the whole page is looked at, however large the table is. */
    private boolean whole;

    /** An empty table. */
    public Table() {
        getStyleClass().add("table");
        setAccessibleText("The drawing; arrow keys move a cross, Space clicks there");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setMinSize(200, 200);
        shown.addListener((property, before, now) -> shownChanged(before, now));
        mode.addListener(property -> repaint());
        lineLook.addListener(property -> redraw());
        greyGround.addListener(property -> repaint());
        lens.addListener(property -> redraw());
        dab.addListener(property -> redraw());
        focusedProperty().addListener(property -> redraw());
        focusVisibleProperty().addListener(property -> redraw());
        mouse.listen();
        keys.listen();
    }

    /** What is shown; null for an empty table. */
    public ObjectProperty<Shown> shownProperty() {
        return shown;
    }

    /** Lines, colours or both. */
    public ObjectProperty<TableMode> modeProperty() {
        return mode;
    }

    /** Whether the page is mid-grey, to judge colours on. */
    public BooleanProperty greyGroundProperty() {
        return greyGround;
    }

    /** Whether a round lens shows the untouched scan under the cursor. */
    public BooleanProperty lensProperty() {
        return lens;
    }

    /** The colour that a click would lay; null if clicks do not colour. */
    public ObjectProperty<Color> dabProperty() {
        return dab;
    }

    /** What is being drawn by hand; null if dragging moves the view. */
    public ReadOnlyObjectProperty<Hand> handProperty() {
        return hand.getReadOnlyProperty();
    }

    /** Takes up a hand, or with null lays it down. */
    public void take(Hand next) {
        hand.set(next);
        setCursor(next == null ? Cursor.DEFAULT : next.cursor());
        redraw();
    }

    /** Lets the hand finish what it does. True if there was one that could. */
    public boolean finishHand() {
        Hand now = hand.get();
        if (now == null) {
            return false;
        }
        if (now.finished()) {
            take(null);
        }
        redraw();
        return true;
    }

    /** Takes away what the hand holds on to. Whether it held anything. */
    public boolean deleteInHand() {
        boolean deleted = hand.get() != null && hand.get().deleted();
        redraw();
        return deleted;
    }

    /** How many mm a number of screen pixels are at this zoom. */
    public double mm(double screenPx) {
        return screenPx / view.get().scale();
    }

    /** Lays a quick picture over the page until the next drawing is shown; null takes it away. */
    public void setSketch(Sketch next) {
        sketch = next;
        redraw();
    }

    /** The part of the page that is in sight, mm: left, top, right, bottom. */
    public double[] inSight() {
        return view.get().inSight();
    }

    /** Where the cursor is on the page, mm; null if elsewhere. */
    public ReadOnlyObjectProperty<Point> pointedAtProperty() {
        return cursor.getReadOnlyProperty();
    }

    /** The view, for those who show its zoom. */
    ReadOnlyObjectProperty<View> viewProperty() {
        return view.getReadOnlyProperty();
    }

    /** Screen pixels a mm, as a binding on the view. */
    public DoubleBinding scaleBinding() {
        return scale;
    }

    /** Called with a place in mm when the drawing is clicked. */
    public void setWhenClicked(Consumer<Point> action) {
        whenClicked = action;
    }

    /** Points places out. */
    public void setMarks(List<Mark> next) {
        marks = List.copyOf(next);
        redraw();
    }

    /** What is shown of the lines beside their ink. */
    public ObjectProperty<LineLook> lineLookProperty() {
        return lineLook;
    }

    /** What is known about the lines; null if nothing yet. */
    public void setStudy(LineStudy next) {
        study = next;
        redraw();
    }

    /** Paints newer lines than those of the shown drawing; null to paint that one again. */
    public void setEarly(PlanPainter next) {
        early = next;
        if (next != null) {
            repaint();
        }
    }

    /** Shows the whole page. */
    public void fit() {
        Shown now = shown.get();
        if (now != null) {
            look(wholePage(now));
            whole = true;
        }
    }

    private View wholePage(Shown now) {
        return view.get().fitted(now.drawing().widthMm(), now.drawing().heightMm(), MARGIN, BAR);
    }

    /** One mm of the drawing is one mm on the screen, as far as the screen tells its size. */
    public void trueSize() {
        look(view.get().withScale(Screen.getPrimary().getDpi() / 25.4));
    }

    /** Exchanges left and right. */
    public void flip() {
        look(view.get().mirrored());
    }

    /** Zooms round the middle of the table. */
    public void zoom(double factor) {
        look(view.get().zoomed(factor, getWidth() / 2, getHeight() / 2));
    }

    /** Goes to a place and shows about {@code reachMm} round it. */
    public void lookAt(Point place, double reachMm) {
        View near = view.get().lookingAt(place, reachMm);
        Shown now = shown.get();
        if (now != null && near.scale() <= wholePage(now).scale()) {
            fit();
        } else {
            look(near);
        }
    }

    /** Where a place on the page lies in this node, for tests and for hints. */
    public Point2D onScreen(Point page) {
        return view.get().toScreen(page);
    }

    /** Stops painting. */
    public void close() {
        painter.close();
    }

    private void shownChanged(Shown before, Shown now) {
        boolean samePage =
                before != null && now != null && before.drawing().isOnPageOf(now.drawing());
        sketch = null;
        early = null;
        if (!samePage) {
            frame = null;
            fitted = false;
            fitOnce();
        }
        repaint();
    }

    private void fitOnce() {
        if (!fitted && shown.get() != null && getWidth() > 1 && getHeight() > 1) {
            fitted = true;
            fit();
        }
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        view.set(view.get().sized(getWidth(), getHeight()));
        fitOnce();
        if (whole) {
            fit();
        }
        repaint();
        drawing.doIfAsked();
    }

    void look(View next) {
        whole = false;
        view.set(next);
        repaint();
    }

    private void repaint() {
        redraw();
        Shown now = shown.get();
        if (now == null) {
            return;
        }
        boolean onScreen = getScene() != null && getScene().getWindow() != null;
        double density = onScreen ? getScene().getWindow().getOutputScaleX() : 1;
        painter.request(
                new FramePainter.Request(
                        now,
                        early == null ? now.painter() : early,
                        view.get(),
                        mode.get(),
                        greyGround.get() ? GREY_PAGE : PAGE,
                        density));
    }

    private void painted(FramePainter.Frame next) {
        frame = next;
        redraw();
    }

    void redraw() {
        drawing.ask();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        Shown now = shown.get();
        if (now == null) {
            return;
        }
        Overlay overlay = new Overlay(g, view.get(), now);
        overlay.page();
        if (frame != null) {
            overlay.frame(frame);
        }
        if (sketch != null) {
            overlay.sketch(sketch);
        }
        Target target = target();
        overlay.target(target.areas(), dab.get());
        if (early == null && mode.get() != TableMode.FILLS) {
            new LineOverlay(g, view.get(), now, study).paint(lineLook.get());
        }
        if (!target.stroke().isEmpty()) {
            new Hand.Brushwork(g, view.get()).line(target.stroke(), false);
        }
        overlay.marks(marks);
        if (hand.get() != null) {
            hand.get().paint(new Hand.Brushwork(g, view.get()));
        }
        if (lens.get() && cursor.get() != null) {
            overlay.lens(cursor.get());
        }
        if (isFocused() && (isFocusVisible() || keys.cross() != null)) {
            overlay.focus();
            if (keys.cross() != null) {
                overlay.cross(keys.cross());
            }
        }
    }

    /** What a click would colour. */
    private Target target() {
        Hand now = hand.get();
        boolean quiet = now != null && !now.lightsUp();
        if (dab.get() == null || cursor.get() == null || mouse.isDragging() || quiet) {
            return Target.NOTHING;
        }
        return targets.apply(cursor.get());
    }

    /** Tells what a click at a place would colour. */
    public void setTargets(Function<Point, Target> next) {
        targets = next;
    }

    void pointAt(Point place) {
        cursor.set(shown.get() == null ? null : place);
        redraw();
    }

    /** A click of the mouse or at the cross. */
    void click(Point place) {
        if (shown.get() != null) {
            whenClicked.accept(place);
        }
    }

    /** The mouse is in use, so the cross of the keyboard goes. */
    void hideCross() {
        keys.hide();
    }
}
