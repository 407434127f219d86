package neattrace.app.table;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
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
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import neattrace.app.work.Shown;
import neattrace.app.work.Sketch;
import neattrace.export.PlanPainter;
import neattrace.geom.Point;
import neattrace.job.pipeline.LineStudy;

/** Shows the drawing and answers to the mouse. */
public final class Table extends Region {

    private final Canvas canvas = new Canvas();
    private final ObjectProperty<Shown> shown = new SimpleObjectProperty<>();
    private final ObjectProperty<TableMode> mode = new SimpleObjectProperty<>(TableMode.ALL);
    private final BooleanProperty greyGround = new SimpleBooleanProperty();
    private final BooleanProperty lens = new SimpleBooleanProperty();
    private final ObjectProperty<Color> dab = new SimpleObjectProperty<>();
    private final ReadOnlyObjectWrapper<Hand> hand = new ReadOnlyObjectWrapper<>();
    private final Viewpoint viewpoint = new Viewpoint(this::repaint);
    private final ReadOnlyObjectWrapper<Point> cursor = new ReadOnlyObjectWrapper<>();
    private Consumer<Point> whenClicked = place -> {};
    private final ObjectProperty<LineLook> lineLook = new SimpleObjectProperty<>(LineLook.NOTHING);
    private final TableMouse mouse = new TableMouse(this);
    private final TableKeys keys = new TableKeys(this);
    private final TablePicture picture = new TablePicture(this, canvas, mouse, keys);
    private final OncePerPulse drawing = new OncePerPulse(this, picture::draw);

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
        return screenPx / viewpoint.view().scale();
    }

    /** Lays a quick picture over the page until the next drawing is shown; null takes it away. */
    public void setSketch(Sketch next) {
        picture.setSketch(next);
    }

    /** The part of the page that is in sight, mm: left, top, right, bottom. */
    public double[] inSight() {
        return viewpoint.view().inSight();
    }

    /** Where the cursor is on the page, mm; null if elsewhere. */
    public ReadOnlyObjectProperty<Point> pointedAtProperty() {
        return cursor.getReadOnlyProperty();
    }

    /** The view, for those who show its zoom. */
    ReadOnlyObjectProperty<View> viewProperty() {
        return viewpoint.viewProperty();
    }

    /** Screen pixels a mm, as a binding on the view. */
    public DoubleBinding scaleBinding() {
        return viewpoint.scaleBinding();
    }

    /** Called with a place in mm when the drawing is clicked. */
    public void setWhenClicked(Consumer<Point> action) {
        whenClicked = action;
    }

    /** Points places out. */
    public void setMarks(List<Mark> next) {
        picture.setMarks(next);
    }

    /** What is shown of the lines beside their ink. */
    public ObjectProperty<LineLook> lineLookProperty() {
        return lineLook;
    }

    /** What is known about the lines; null if nothing yet. */
    public void setStudy(LineStudy next) {
        picture.setStudy(next);
    }

    /** Paints newer lines than those of the shown drawing; null to paint that one again. */
    public void setEarly(PlanPainter next) {
        picture.setEarly(next);
    }

    /** Shows the whole page. */
    public void fit() {
        viewpoint.fit();
    }

    /** One mm of the drawing is one mm on the screen, as far as the screen tells its size. */
    public void trueSize() {
        viewpoint.trueSize();
    }

    /** Exchanges left and right. */
    public void flip() {
        viewpoint.flip();
    }

    /** Zooms round the middle of the table. */
    public void zoom(double factor) {
        viewpoint.zoom(factor);
    }

    /** Goes to a place and shows about {@code reachMm} round it. */
    public void lookAt(Point place, double reachMm) {
        viewpoint.lookAt(place, reachMm);
    }

    /** Where a place on the page lies in this node, for tests and for hints. */
    public Point2D onScreen(Point page) {
        return viewpoint.view().toScreen(page);
    }

    /** Stops painting. */
    public void close() {
        picture.close();
    }

    private void shownChanged(Shown before, Shown now) {
        boolean samePage =
                before != null && now != null && before.drawing().isOnPageOf(now.drawing());
        picture.forget(samePage);
        viewpoint.setPage(now == null ? null : now.drawing(), samePage);
        repaint();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        viewpoint.resize(getWidth(), getHeight());
        drawing.doIfAsked();
    }

    void look(View next) {
        viewpoint.look(next);
    }

    void repaint() {
        redraw();
        picture.request();
    }

    View view() {
        return viewpoint.view();
    }

    void redraw() {
        drawing.ask();
    }

    /** Tells what a click at a place would colour. */
    public void setTargets(Function<Point, Target> next) {
        picture.setTargets(next);
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
