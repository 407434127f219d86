package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import javafx.util.Duration;
import neattrace.app.work.SheetDesk;
import neattrace.finding.Finding;
import neattrace.gang.GangPlace;
import neattrace.geom.Point;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.SheetPlan;
import neattrace.press.PressProfile;
import neattrace.print.PrintPlan;
import neattrace.standin.cutter.SheetRehearsal;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A sheet of stickers over the table, as large as there is room for or at its true size. A sticker
 * is taken in hand by a press or with the keys, and moved, turned, pinned and let go.
 */
final class SheetView extends Region {

    private static final double MARGIN_PX = 26;

    /** Below the sheet its measures are told. */
    private static final double TOLD_PX = 30 + MakeBar.roomPx() - 26;

    private static final double TURN_DEGREES = 5;

    /** Turns that follow one another at once are one change. */
    private static final Duration PAUSE = Duration.millis(450);

    private final Canvas canvas = new Canvas();
    private final SheetFaces faces = new SheetFaces(this::draw);
    private final PressProfile press;
    private final BiConsumer<Integer, GangPlace> whenLaid;
    private final Consumer<String> tell;
    private final PauseTransition turning = new PauseTransition(PAUSE);
    private SheetDesk.Known known;
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

    /** The number of the place in hand; -1 for none. */
    private int chosen = -1;

    /** Where the one in hand lies while it is moved or turned; null while it lies still. */
    private GangPlace draft;

    private Point grip;

    /**
     * A view.
     *
     * @param whenLaid told of a place, by its number, that was laid elsewhere or pinned
     * @param tell told about the sticker in hand
     */
    SheetView(PressProfile press, BiConsumer<Integer, GangPlace> whenLaid, Consumer<String> tell) {
        this.tell = tell;
        this.press = press;
        this.whenLaid = whenLaid;
        setId("sheet-of-stickers");
        getStyleClass().add("wall");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setAccessibleText("The sheet of stickers");
        setOnMousePressed(this::taken);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
        setOnScroll(this::scrolled);
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().addListener(property -> draw());
        turning.setOnFinished(event -> lay());
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
    void show(SheetDesk.Known next) {
        boolean sizeSame =
                known != null
                        && next != null
                        && known.sheet().layout().widthMm() == next.sheet().layout().widthMm()
                        && known.sheet().layout().heightMm() == next.sheet().layout().heightMm();
        GangPlace inHand = known == null || chosen < 0 ? null : current();
        known = next;
        draft = grip == null ? null : draft;
        if (grip == null) {
            choose(inHand == null || next == null ? -1 : indexOf(inHand));
        } else if (next == null || chosen >= next.laid().nest().laid().size()) {
            choose(-1);
        }
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
        tellChosen();
        draw();
    }

    /** What lies where that in hand did before; -1 if nothing does. */
    private int indexOf(GangPlace inHand) {
        List<Laid> laid = known.laid().nest().laid();
        for (int i = 0; i < laid.size(); i++) {
            if (laid.get(i).xMm() == inHand.xMm() && laid.get(i).yMm() == inHand.yMm()) {
                return i;
            }
        }
        return -1;
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
        CompletableFuture.supplyAsync(() -> SheetFaces.painted(plan, all, at, all))
                .thenAccept(
                        pixels ->
                                Platform.runLater(
                                        () -> {
                                            boolean newest =
                                                    layout.equals(groundOf)
                                                            && written.equals(writtenOf)
                                                            && at == scale.get();
                                            if (newest) {
                                                ground = pixels.image();
                                                draw();
                                            }
                                        }));
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
        List<Laid> laid = laid();
        painter.stickers(known.laid(), laid, bleedSeen);
        if (chosen >= 0) {
            painter.inHand(known.laid(), laid.get(chosen), isFocused());
        }
        if (finding != null) {
            painter.finding(finding);
        }
        painter.told(known, canvas.getHeight());
    }

    /** What lies there, the one in hand where it is right now. */
    private List<Laid> laid() {
        List<Laid> laid = new ArrayList<>(known.laid().nest().laid());
        if (draft != null && chosen >= 0 && chosen < laid.size()) {
            laid.set(chosen, moved(laid.get(chosen)));
        }
        return laid;
    }

    private Laid moved(Laid one) {
        return draft == null
                ? one
                : new Laid(one.piece(), draft.xMm(), draft.yMm(), draft.turnDegrees(), true);
    }

    private Point place(double x, double y) {
        return new Point((x - left) / scale.get(), (y - top) / scale.get());
    }

    private int at(Point place) {
        Nest nest = known.laid().nest();
        var point = new GeometryFactory().createPoint(new Coordinate(place.x(), place.y()));
        for (int i = nest.laid().size() - 1; i >= 0; i--) {
            if (nest.shape(nest.laid().get(i)).contains(point)) {
                return i;
            }
        }
        return -1;
    }

    private void taken(MouseEvent event) {
        requestFocus();
        if (known == null || rehearsal != null) {
            return;
        }
        lay();
        Point place = place(event.getX(), event.getY());
        choose(at(place));
        if (chosen >= 0) {
            Laid one = known.laid().nest().laid().get(chosen);
            grip = place.minus(new Point(one.xMm(), one.yMm()));
        }
        event.consume();
    }

    private void dragged(MouseEvent event) {
        if (grip == null || chosen < 0) {
            return;
        }
        Point to = place(event.getX(), event.getY()).minus(grip);
        draft = current().moved(to.x(), to.y());
        tellChosen();
        draw();
        event.consume();
    }

    private void released(MouseEvent event) {
        grip = null;
        lay();
    }

    private void scrolled(ScrollEvent event) {
        if (known == null || rehearsal != null || event.getDeltaY() == 0) {
            return;
        }
        int under = at(place(event.getX(), event.getY()));
        if (under >= 0 && under != chosen) {
            lay();
            choose(under);
        }
        if (chosen >= 0) {
            turn(Math.signum(event.getDeltaY()) * (event.isShiftDown() ? 1 : TURN_DEGREES));
        }
        event.consume();
    }

    /** Where the one in hand lies, as the sheet says or while it is moved. */
    private GangPlace current() {
        if (draft != null) {
            return draft;
        }
        Laid one = known.laid().nest().laid().get(chosen);
        int id = known.stickers().get(kindOf(one)).drawing().id();
        return new GangPlace(id, one.xMm(), one.yMm(), one.turnDegrees(), one.pinned());
    }

    /** The number of its drawing among those that could be read, in the order of all. */
    private int kindOf(Laid one) {
        int kind = known.laid().nest().pieces().get(one.piece()).kind();
        int readable = -1;
        for (int i = 0; i < known.stickers().size(); i++) {
            readable += known.stickers().get(i).sticker().isPresent() ? 1 : 0;
            if (readable == kind) {
                return i;
            }
        }
        throw new IllegalStateException("what lies there is of a drawing");
    }

    private void turn(double degrees) {
        draft = current().turned(degrees);
        tellChosen();
        draw();
        turning.playFromStart();
    }

    private void move(double dx, double dy) {
        GangPlace now = current();
        draft = now.moved(now.xMm() + dx, now.yMm() + dy);
        tellChosen();
        draw();
        turning.playFromStart();
    }

    /** What was moved or turned is laid there for good. */
    private void lay() {
        turning.stop();
        if (draft == null || chosen < 0) {
            return;
        }
        GangPlace to = draft;
        whenLaid.accept(numberOf(chosen), to);
    }

    /** The number of what lies there among the sheet's places: those that cannot be read count. */
    private int numberOf(int index) {
        Laid one = known.laid().nest().laid().get(index);
        List<GangPlace> places = known.sheet().places();
        for (int i = 0; i < places.size(); i++) {
            GangPlace place = places.get(i);
            if (place.xMm() == one.xMm()
                    && place.yMm() == one.yMm()
                    && place.turnDegrees() == one.turnDegrees()) {
                return i;
            }
        }
        return -1;
    }

    private void choose(int next) {
        if (next != chosen) {
            draft = null;
            grip = null;
        }
        chosen = next;
        tellChosen();
        draw();
    }

    /** Pins the sticker in hand where it lies, or frees it. */
    void turnPin() {
        if (known != null && chosen >= 0) {
            GangPlace now = current();
            whenLaid.accept(numberOf(chosen), now.withPinned(!now.pinned()));
        }
    }

    /** Lays down what is in hand; false if nothing was. */
    boolean layDown() {
        boolean had = chosen >= 0;
        if (had) {
            turning.stop();
            choose(-1);
        }
        return had;
    }

    private void pressed(KeyEvent event) {
        if (known == null
                || rehearsal != null
                || known.laid().nest().laid().isEmpty()
                || event.isShortcutDown() && !isArrow(event)) {
            return;
        }
        double step = event.isControlDown() ? 10 : event.isShiftDown() ? 0.1 : 1;
        double degrees = event.isShiftDown() ? 1 : TURN_DEGREES;
        int count = known.laid().nest().laid().size();
        boolean has = chosen >= 0;
        boolean used = true;
        switch (event.getCode()) {
            case PERIOD, COMMA -> {
                lay();
                int by = event.getCode() == KeyCode.PERIOD ? 1 : -1;
                choose(has ? Math.floorMod(chosen + by, count) : by > 0 ? 0 : count - 1);
            }
            case LEFT -> used = has && moved(-step, 0);
            case RIGHT -> used = has && moved(step, 0);
            case UP -> used = has && moved(0, -step);
            case DOWN -> used = has && moved(0, step);
            case PAGE_UP -> used = has && turned(-degrees);
            case PAGE_DOWN -> used = has && turned(degrees);
            default -> used = false;
        }
        if (used) {
            event.consume();
        }
    }

    private static boolean isArrow(KeyEvent event) {
        return event.getCode().isArrowKey();
    }

    private boolean moved(double dx, double dy) {
        move(dx, dy);
        return true;
    }

    private boolean turned(double degrees) {
        turn(degrees);
        return true;
    }

    private void tellChosen() {
        if (known == null || chosen < 0) {
            tell.accept("");
            return;
        }
        Laid one = moved(known.laid().nest().laid().get(chosen));
        SheetItem item = known.laid().item(one);
        double near = known.laid().nest().nearestMm(one);
        Envelope size = item.sticker().area().getEnvelopeInternal();
        tell.accept(
                String.format(
                        Locale.ROOT,
                        "%s %.0f × %.0f mm, turned %.0f°%s%s",
                        item.name(),
                        size.getWidth(),
                        size.getHeight(),
                        one.turnDegrees(),
                        Double.isFinite(near)
                                ? String.format(Locale.ROOT, ", %.1f mm to the nearest", near)
                                : "",
                        one.pinned() ? ", pinned" : ""));
    }

    /** The drawings of what is in hand, for tests. */
    int chosen() {
        return chosen;
    }

    /** Whether all pictures are there, for tests. */
    boolean isPainted() {
        return ground != null
                && known.laid().items().stream().map(faces::of).allMatch(Objects::nonNull);
    }

    /** Where a place on the sheet is in the view, px. */
    Point toView(Point mm) {
        return new Point(left + scale.get() * mm.x(), top + scale.get() * mm.y());
    }
}
