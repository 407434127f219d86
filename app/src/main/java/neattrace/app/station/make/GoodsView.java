package neattrace.app.station.make;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import neattrace.app.work.Aside;
import neattrace.finding.Finding;
import neattrace.geom.Point;
import neattrace.goods.made.Act;
import neattrace.goods.made.Grip;
import neattrace.goods.made.MadeGoods;
import neattrace.job.WantedGoods;

/**
 * Finished goods over the table, as they come out: pages side by side, a print on its cloth, a wrap
 * above its cup. Parts of them are taken in hand with the mouse or by keys.
 */
final class GoodsView extends StackPane {

    private static final double CUPS = 0.52;
    private static final double MOST_ZOOM = 40;
    private static final double TURN_MM = 6;

    private final Canvas canvas = new Canvas();
    private final ReadOnlyDoubleWrapper scale = new ReadOnlyDoubleWrapper();
    private final GoodsHand hand;
    private final GoodsMouse mouse;
    private final GoodsBar bar = new GoodsBar(act -> act(act, false));
    private final BooleanProperty unseen = new SimpleBooleanProperty(true);
    private final CupStrip cups = new CupStrip();
    private MadeGoods made;
    private PagesPicture pages;
    private PagesLayout fitted = PagesLayout.NONE;
    private PagesLayout layout = PagesLayout.NONE;
    private Image image;
    private PagesLayout imageOf;
    private double zoom = 1;
    private Point pan = new Point(0, 0);
    private Finding finding;

    /**
     * A view.
     *
     * @param whenChanged told what a change of the goods is called, and the change
     * @param tell told about what is in hand
     * @param showAll shows all goods side by side
     */
    GoodsView(
            BiConsumer<String, UnaryOperator<WantedGoods>> whenChanged,
            Consumer<String> tell,
            Runnable showAll) {
        hand = new GoodsHand(whenChanged, tell, this::draw);
        mouse = new GoodsMouse(this, hand, cups);
        bar.always("True size", "T", "goods-true-size", this::turnTrueSize);
        bar.always("All goods side by side", "Y", "goods-all", showAll);
        getStyleClass().add("goods-view");
        setId("goods-view");
        canvas.setManaged(false);
        Label waiting = new Label("Being made …");
        waiting.getStyleClass().add("waiting");
        waiting.visibleProperty().bind(unseen);
        getChildren().addAll(canvas, waiting, bar);
        setFocusTraversable(true);
        addEventHandler(
                KeyEvent.KEY_PRESSED,
                event -> {
                    if (key(event)) {
                        event.consume();
                    }
                });
        focusedProperty().addListener(property -> draw());
    }

    @Override
    protected void layoutChildren() {
        bar.fit(getWidth() - 24);
        super.layoutChildren();
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            fit();
        }
    }

    /** Pixels for each mm of the finished thing; 0 as long as nothing is seen. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale.getReadOnlyProperty();
    }

    /** Shows goods. */
    void show(MadeGoods goods) {
        boolean same =
                made != null
                        && made.wanted().id() == goods.wanted().id()
                        && made.wanted().goods().kind() == goods.wanted().goods().kind();
        made = goods;
        mouse.forget();
        pages = new PagesPicture(goods.scene().pages());
        hand.show(goods.scene(), same);
        boolean leftHanded = goods.wanted().making().wrap().leftHanded();
        goods.scene().cup().ifPresent(cup -> cups.show(cup, leftHanded, same));
        if (!same) {
            zoom = 1;
            pan = new Point(0, 0);
            image = null;
            unseen.set(!goods.pages().isEmpty());
        }
        setAccessibleText(String.join(" ", goods.told()));
        fit();
    }

    /** Points a finding out; null for none. */
    void point(Finding what) {
        finding = what;
        draw();
    }

    /** Whether a cup stands beneath what is laid flat. */
    boolean hasCup() {
        return made != null && made.scene().cup().isPresent();
    }

    private void fit() {
        double width = getWidth();
        double height = getHeight();
        if (made == null || width < 80 || height < 80) {
            return;
        }
        double room = height - MakeBar.roomPx();
        double above = hasCup() ? room * (1 - CUPS) : room;
        fitted = PagesLayout.of(made.scene().pages(), width, above);
        if (hasCup()) {
            cups.lay(above, width, room - above - 10);
        }
        look();
    }

    /** Lays the pages out as they are looked at, and paints them beside the window's thread. */
    private void look() {
        layout = fitted.zoomed(zoom, pan);
        scale.set(layout.scale());
        draw();
        PagesPicture of = pages;
        PagesLayout at = layout;
        int width = (int) getWidth();
        int height = (int) getHeight();
        if (at.scale() == 0) {
            image = null;
            return;
        }
        Aside.run(
                () -> of.painted(at, width, height),
                pixels -> {
                    if (of == pages && at == layout) {
                        image = PagesPicture.image(pixels, width, height);
                        imageOf = at;
                        unseen.set(false);
                        hand.seen();
                        draw();
                    }
                });
    }

    /** Draws what has changed over the pages. */
    void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (made == null) {
            return;
        }
        if (image != null && imageOf.scale() > 0 && layout.scale() > 0) {
            // Until it is painted anew, what was painted last is seen where it belongs.
            double k = layout.scale() / imageOf.scale();
            Point by = layout.origins().get(0).minus(imageOf.origins().get(0).times(k));
            g.drawImage(image, by.x(), by.y(), k * image.getWidth(), k * image.getHeight());
        }
        GoodsPainter painter = new GoodsPainter(g, layout);
        painter.marks(hand.grips());
        int near = mouse.near();
        if (near >= 0 && near < hand.grips().size() && near != hand.chosen()) {
            painter.near(hand.grips().get(near));
        }
        hand.grip().ifPresent(grip -> painter.inHand(grip, hand.draft()));
        hand.cross().ifPresent(at -> painter.cross(hand.crossPage(), at));
        if (finding != null) {
            painter.finding(made.scene().pages(), finding.place());
        }
        if (hasCup()) {
            cups.seen(g, layout);
            cups.paint(g);
        }
        bar.show(
                hand.grip(),
                made.scene().adding().map(adding -> adding.label()),
                this::aim,
                !hasCup());
    }

    /** Where pages lie now. */
    PagesLayout lying() {
        return layout;
    }

    /** Whether there is nothing to take. */
    boolean isEmpty() {
        return made == null;
    }

    /** Moves the pages, if they are larger than there is room for. */
    void panBy(Point px) {
        if (zoom > 1) {
            pan = pan.plus(px);
            look();
        }
    }

    /** Shows the pages so many times as large about a place of the view. */
    void zoomBy(double times, double x, double y) {
        zoomTo(zoom * times, x, y);
    }

    /** As large as it will be, or as there is room for. */
    void turnTrueSize() {
        if (fitted.scale() == 0 || hasCup()) {
            return;
        }
        double real = Screen.getPrimary().getDpi() / 25.4 / fitted.scale();
        boolean is = Math.abs(zoom - real) < 1e-9;
        zoomTo(is ? 1 : real, getWidth() / 2, getHeight() / 2);
        if (is) {
            pan = new Point(0, 0);
            look();
        }
    }

    private void zoomTo(double next, double x, double y) {
        double to = Math.max(1, Math.min(MOST_ZOOM, next));
        Point about = new Point(x, y);
        pan = about.minus(about.minus(pan).times(to / zoom));
        zoom = to;
        if (to == 1) {
            pan = new Point(0, 0);
        }
        look();
    }

    private void act(Act act, boolean fine) {
        hand.act(act, fine);
    }

    private void aim() {
        if (layout.scale() > 0) {
            requestFocus();
            hand.aim(0, new Point(layout.widthsMm().get(0) / 2, layout.heightsMm().get(0) / 2));
        }
    }

    /** A key; whether it meant something. */
    boolean key(KeyEvent event) {
        if (made == null || event.isShortcutDown() && !event.getCode().isArrowKey()) {
            return false;
        }
        boolean fine = event.isShiftDown();
        double way = event.isControlDown() ? 10 : fine ? 0.1 : 1;
        boolean used =
                switch (event.getCode()) {
                    case PERIOD -> hand.step(1);
                    case COMMA -> hand.step(-1);
                    case LEFT -> hand.move(-way, 0) || turn(-TURN_MM);
                    case RIGHT -> hand.move(way, 0) || turn(TURN_MM);
                    case UP -> hand.move(0, -way);
                    case DOWN -> hand.move(0, way);
                    case SPACE -> hand.add();
                    case ENTER -> hand.add() || hand.act(Act.SWITCH, fine);
                    case DELETE, BACK_SPACE -> hand.act(Act.REMOVE, fine);
                    case INSERT -> another(fine);
                    case X -> hand.act(Act.MIRROR, fine);
                    case PLUS, EQUALS, ADD -> hand.act(Act.LARGER, fine) || zoomed(1.25);
                    case MINUS, SUBTRACT -> hand.act(Act.SMALLER, fine) || zoomed(0.8);
                    case PAGE_DOWN -> hand.act(Act.TURN, fine);
                    case PAGE_UP -> hand.act(Act.TURN_BACK, fine);
                    case T -> trueSize();
                    case W -> whole();
                    default -> false;
                };
        if (used) {
            requestFocus();
        }
        return used;
    }

    private boolean turn(double mm) {
        if (!hasCup()) {
            return false;
        }
        cups.turn(mm);
        draw();
        return true;
    }

    private boolean another(boolean fine) {
        if (hand.canAdd()) {
            aim();
            return true;
        }
        return hand.act(Act.ANOTHER, fine);
    }

    private boolean zoomed(double times) {
        if (!hasCup()) {
            Point about =
                    hand.grip()
                            .map(grip -> layout.seen(grip.page(), grip.at()))
                            .orElse(new Point(getWidth() / 2, getHeight() / 2));
            zoomTo(zoom * times, about.x(), about.y());
        }
        return true;
    }

    private boolean trueSize() {
        turnTrueSize();
        return true;
    }

    private boolean whole() {
        zoomTo(1, 0, 0);
        return true;
    }

    /** Lays down what is in hand; false if nothing was. */
    boolean layDown() {
        return hand.layDown();
    }

    /** What was shown is of another job; nothing that is not kept yet is kept in this one. */
    void forget() {
        hand.drop();
    }

    /** Where a place of a page, mm, is in the view, px. */
    Point toView(int page, Point mm) {
        return layout.seen(page, mm);
    }

    /** What is in hand. */
    Optional<Grip> inHand() {
        return hand.grip();
    }
}
