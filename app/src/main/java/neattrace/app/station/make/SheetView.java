package neattrace.app.station.make;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import neattrace.app.work.Aside;
import neattrace.app.work.KnownSheet;
import neattrace.finding.Finding;
import neattrace.gang.GangPlace;
import neattrace.geom.Point;
import neattrace.goods.nest.Laid;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.SheetPlan;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.standin.cutter.SheetRehearsal;
import org.locationtech.jts.geom.Envelope;

/** A sheet of stickers over the table, as large as there is room for or at its true size. */
final class SheetView extends Region {

    private static final double MARGIN_PX = 26;

    /** Below the sheet its measures are told. */
    private static final double TOLD_PX = 30 + MakeBar.roomPx() - 26;

    private final Canvas canvas = new Canvas();
    private final SheetFaces faces = new SheetFaces(this::draw);
    private final PressProfile press;
    private final SheetHand hand;
    private KnownSheet known;
    private Image ground;
    private SheetLayout groundOf;
    private String writtenOf = "";
    private boolean trueSize;
    private boolean bleedSeen = true;
    private Finding finding;
    private SheetRehearsal rehearsal;
    private Point drift;
    private final DoubleProperty scale = new SimpleDoubleProperty(1);
    private double left;
    private double top;

    /**
     * A view.
     *
     * @param whenLaid told of a place, by its number, that was laid elsewhere or pinned
     * @param tell told about the sticker in hand
     */
    SheetView(PressProfile press, BiConsumer<Integer, GangPlace> whenLaid, Consumer<String> tell) {
        this.press = press;
        this.hand = new SheetHand(whenLaid, tell, this::draw);
        setId("sheet-of-stickers");
        getStyleClass().add("wall");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setAccessibleText("The sheet of stickers");
        setOnMousePressed(this::taken);
        setOnMouseDragged(event -> hand.drag(place(event.getX(), event.getY())));
        setOnMouseReleased(event -> hand.letGo());
        setOnScroll(this::scrolled);
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().addListener(property -> draw());
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            fit();
            draw();
        }
    }

    /** How large it is shown, pixels for each mm. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale;
    }

    /** Shows a sheet; null for none. */
    void show(KnownSheet next) {
        boolean sizeSame =
                known != null
                        && next != null
                        && known.sheet().layout().widthMm() == next.sheet().layout().widthMm()
                        && known.sheet().layout().heightMm() == next.sheet().layout().heightMm();
        known = next;
        hand.show(next);
        if (next != null) {
            faces.keepOnly(
                    next.laid().items().stream()
                            .map(SheetItem::sticker)
                            .collect(Collectors.toSet()));
            if (!sizeSame) {
                fit();
            }
            paintGround();
        }
        draw();
    }

    /** Whether what lies beyond the cuts is seen. */
    void setBleedSeen(boolean seen) {
        bleedSeen = seen;
        draw();
    }

    /** Shows what comes out of the cutter; null for the sheet as it is planned. */
    void rehearse(SheetRehearsal next, Point by) {
        rehearsal = next;
        drift = by;
        draw();
    }

    /** Points out what is looked at; null for nothing. */
    void point(Finding what) {
        finding = what;
        draw();
    }

    /** As large as it will be, or as there is room for. */
    void turnTrueSize() {
        trueSize = !trueSize;
        fit();
        draw();
    }

    private void fit() {
        if (known == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        SheetLayout layout = known.sheet().layout();
        double room =
                Math.min(
                        (getWidth() - 2 * MARGIN_PX) / layout.widthMm(),
                        (getHeight() - 2 * MARGIN_PX - TOLD_PX) / layout.heightMm());
        double next = trueSize ? Screen.getPrimary().getDpi() / 25.4 : Math.max(0.05, room);
        left = Math.rint((getWidth() - next * layout.widthMm()) / 2);
        top = Math.rint((getHeight() - TOLD_PX - next * layout.heightMm()) / 2);
        if (next != scale.get()) {
            scale.set(next);
            ground = null;
            groundOf = null;
            faces.setScale(next);
            paintGround();
        }
    }

    /** Background and strips, painted beside the window's thread. */
    private void paintGround() {
        SheetLayout layout = known.sheet().layout();
        String written = known.sheet().title() + "\n" + known.sheet().number();
        if (layout.equals(groundOf) && written.equals(writtenOf)) {
            return;
        }
        groundOf = layout;
        writtenOf = written;
        PrintPlan plan = SheetPlan.ground(known.laid(), press);
        Envelope all = new Envelope(0, layout.widthMm(), 0, layout.heightMm());
        double at = scale.get();
        Aside.run(
                () -> SheetFaces.painted(plan, all, at, all),
                pixels -> {
                    boolean newest =
                            layout.equals(groundOf)
                                    && written.equals(writtenOf)
                                    && at == scale.get();
                    if (newest) {
                        ground = pixels.image();
                        draw();
                    }
                });
    }

    private void draw() {
        SheetPainter painter =
                new SheetPainter(canvas.getGraphicsContext2D(), scale.get(), left, top, faces);
        painter.clear(canvas.getWidth(), canvas.getHeight());
        if (known == null) {
            return;
        }
        if (rehearsal != null && rehearsal.sheet() == known.laid()) {
            painter.cutOut(rehearsal, known.sheet().layout(), ground, drift);
            painter.told(known, canvas.getHeight());
            return;
        }
        painter.page(known.sheet().layout(), ground);
        List<Laid> laid = hand.laid();
        painter.stickers(known.laid(), laid, bleedSeen);
        if (hand.chosen() >= 0) {
            painter.inHand(known.laid(), laid.get(hand.chosen()), isFocused());
        }
        if (finding != null) {
            painter.finding(finding);
        }
        painter.told(known, canvas.getHeight());
    }

    private Point place(double x, double y) {
        return new Point((x - left) / scale.get(), (y - top) / scale.get());
    }

    private boolean isStill() {
        return known == null || rehearsal != null;
    }

    private void taken(MouseEvent event) {
        requestFocus();
        if (!isStill()) {
            hand.take(place(event.getX(), event.getY()));
            event.consume();
        }
    }

    private void scrolled(ScrollEvent event) {
        if (!isStill() && event.getDeltaY() != 0) {
            hand.turnAt(
                    place(event.getX(), event.getY()),
                    Math.signum(event.getDeltaY()) * SheetHand.step(event.isShiftDown()));
            event.consume();
        }
    }

    private void pressed(KeyEvent event) {
        if (!isStill() && hand.pressed(event)) {
            event.consume();
        }
    }

    /** Pins the sticker in hand where it lies, or frees it. */
    void turnPin() {
        hand.turnPin();
    }

    /** Lays down what is in hand; false if nothing was. */
    boolean layDown() {
        return hand.layDown();
    }

    /** Where a place on the sheet is in the view, px. */
    Point toView(Point mm) {
        return new Point(left + scale.get() * mm.x(), top + scale.get() * mm.y());
    }
}
