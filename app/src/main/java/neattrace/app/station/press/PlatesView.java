package neattrace.app.station.press;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Screen;
import neattrace.app.station.press.PlateSight.Marks;
import neattrace.app.table.View;
import neattrace.geom.Point;
import neattrace.press.Colorant;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PlateStudy;

/** The plates over the table: all as they print, some of them, or how much ink lies where. */
final class PlatesView extends StackPane {

    private static final double MARGIN = 36;

    /** A place is looked at with so much round it, mm. */
    private static final double NEAR_MM = 8;

    private final PressDesk desk;
    private final Runnable whenTurned;
    private final Consumer<String> tell;
    private final Canvas canvas = new Canvas();
    private final Label tried = new Label();
    private final Label waiting = new Label("Making the plates …");
    private final PlatesBar bar = new PlatesBar(this);
    private final PlatesHand hand;
    private final PlatesMouse mouse;
    private final ReadOnlyDoubleWrapper scale = new ReadOnlyDoubleWrapper();
    private PlateSight sight = PlateSight.FIRST;
    private List<FaultPlace> places = List.of();
    private Optional<Point> pointed = Optional.empty();
    private View view = new View(new Point(0, 0), 1, false, 0, 0);

    /** Whether the whole sheet is looked at, however large the view is. */
    private boolean whole = true;

    /** Where something was told last, px; beside the view before that. */
    private double toldX = -1;

    private double toldY = -1;
    private final PlatesImage image = new PlatesImage();

    /**
     * A view.
     *
     * @param whenTurned called when other plates are looked at
     * @param tell told about what is under the mouse
     */
    PlatesView(PressDesk desk, Runnable whenTurned, Consumer<String> tell) {
        this.desk = desk;
        this.whenTurned = whenTurned;
        this.tell = tell;
        this.hand = new PlatesHand(desk, this);
        this.mouse = new PlatesMouse(this, hand);
        getStyleClass().add("goods-view");
        setId("plates-view");
        canvas.setManaged(false);
        waiting.getStyleClass().add("waiting");
        tried.getStyleClass().add("view-note");
        tried.textProperty()
                .bind(
                        Bindings.concat(
                                "As it would be: ", desk.triedProperty(), ". Esc looks back."));
        tried.visibleProperty().bind(desk.triedProperty().isNotEmpty());
        StackPane.setAlignment(tried, Pos.TOP_CENTER);
        StackPane.setMargin(tried, new Insets(12, 0, 0, 0));
        getChildren().addAll(canvas, waiting, tried, bar);
        setFocusTraversable(true);
        desk.seenProperty().addListener((property, before, now) -> other(before, now));
        bar.show(sight);
    }

    @Override
    protected void layoutChildren() {
        bar.fit(getWidth() - 24);
        super.layoutChildren();
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            look(view.sized(getWidth(), getHeight()), whole);
        }
    }

    /** Pixels for each mm; 0 as long as nothing is seen. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale.getReadOnlyProperty();
    }

    private PlateStudy study() {
        return desk.seenProperty().get();
    }

    private PrintPlan plan() {
        return study().sheet().plan();
    }

    private void other(PlateStudy before, PlateStudy now) {
        boolean same =
                before != null
                        && before.sheet().plan().widthMm() == now.sheet().plan().widthMm()
                        && before.sheet().plan().heightMm() == now.sheet().plan().heightMm();
        if (!same) {
            image.forget();
        }
        if (now == null) {
            return;
        }
        places = List.of();
        waiting.setVisible(false);
        see(sight.of(now));
        look(view, whole || !same);
        told(toldX, toldY);
    }

    /** The inks that are looked at; empty for all. */
    Set<Colorant> shownInks() {
        return sight.shown();
    }

    /** What the bar takes of the view's lower edge, px. */
    double bar() {
        return bar.room();
    }

    /** What of the plates is looked at. */
    PlateSight sight() {
        return sight;
    }

    /** Pixels for each mm and where, as it is seen now. */
    View view() {
        return view;
    }

    /** Looks at one plate alone, or at all again if it was alone. */
    void only(Colorant ink) {
        turn(now -> now.only(ink));
    }

    /** Adds a plate to those that are looked at, or takes it away. */
    void with(Colorant ink) {
        turn(now -> now.turned(ink, study().inks()));
    }

    /** Looks at all plates. */
    void all() {
        turn(now -> now.withShown(Set.of()));
    }

    /** Shows a printed sheet instead of the plates; none for the plates again. */
    void print(Optional<PlateSight.SeenSheet> sheet) {
        if (!sight.sheet().equals(sheet)) {
            see(sight.withSheet(sheet));
            look(view, whole);
        }
    }

    /** Marks places that fail on the press. */
    void mark(List<FaultPlace> failing) {
        places = failing;
        draw();
    }

    /** Rings a place of a finding, mm on the drawing's page, and goes there; none for no ring. */
    void point(Optional<Point> page) {
        boolean same = pointed.equals(page);
        pointed = page;
        if (!same && study() != null) {
            page.map(study().sheet()::onSheet).ifPresent(this::go);
        }
        draw();
    }

    /** Goes to a place, mm on the sheet. */
    void go(Point mm) {
        look(view.lookingAt(mm, NEAR_MM), false);
    }

    void turnTraps() {
        turn(now -> now.turnMarks(Marks.TRAPS));
        if (sight.marks() == Marks.TRAPS && study() != null) {
            desk.bench()
                    .say(
                            study().sheet().ready().traps().isEmpty()
                                    ? "No colours meet without black over them, or they share"
                                            + " enough ink: there is nothing to trap."
                                    : "A click on a seam, or Space, turns its trap off and on.");
        }
    }

    void turnBeneath() {
        turn(now -> now.turnMarks(Marks.BENEATH));
        if (sight.marks() == Marks.BENEATH) {
            desk.bench()
                    .say("Hatched black has colours beneath it. A click, or Space, turns a piece.");
        }
    }

    void turnTotal() {
        turn(PlateSight::turnTotal);
    }

    void turnFilm() {
        if (sight.shown().size() == 1) {
            turn(PlateSight::turnFilm);
        }
    }

    void turnUnder() {
        turn(PlateSight::turnUnder);
    }

    private void turn(UnaryOperator<PlateSight> change) {
        see(change.apply(sight));
        look(view, whole);
        whenTurned.run();
    }

    private void see(PlateSight next) {
        sight = next;
        bar.show(next);
        setAccessibleText(next.words());
    }

    /** Where a place on the sheet, mm, is in the view, px. */
    Point toView(Point mm) {
        Point2D at = view.toScreen(mm);
        return new Point(at.getX(), at.getY());
    }

    void zoomBy(double times) {
        zoomBy(times, getWidth() / 2, getHeight() / 2);
    }

    void zoomBy(double times, double x, double y) {
        View next = view.zoomed(times, x, y);
        // Farther away than the whole sheet there is nothing to see.
        look(next, study() != null && next.scale() <= fitted().scale());
    }

    void panBy(double x, double y) {
        if (!whole) {
            look(view.panned(x, y), false);
        }
    }

    void trueSize() {
        look(view.withScale(Screen.getPrimary().getDpi() / 25.4), false);
    }

    void whole() {
        look(view, true);
    }

    private View fitted() {
        return view.fitted(plan().widthMm(), plan().heightMm(), MARGIN, bar.room() + MARGIN / 3);
    }

    /** Looks from there, and paints what is in sight beside the window's thread. */
    private void look(View next, boolean all) {
        view = next;
        whole = all;
        if (study() == null || getWidth() < 80 || getHeight() < 80) {
            return;
        }
        view = whole ? fitted() : view;
        scale.set(view.scale());
        draw();
        double[] seen = view.inSight();
        double left = Math.max(0, seen[0]);
        double top = Math.max(0, seen[1]);
        int width = (int) Math.ceil((Math.min(plan().widthMm(), seen[2]) - left) * view.scale());
        int height = (int) Math.ceil((Math.min(plan().heightMm(), seen[3]) - top) * view.scale());
        if (width < 1 || height < 1) {
            image.giveUp();
            return;
        }
        Rectangle2D window =
                new Rectangle2D.Double(left, top, width / view.scale(), height / view.scale());
        PlateStudy of = study();
        PlateSight what = sight;
        image.ask(window, width, height, () -> what.pixels(of, window, width, height), this::draw);
    }

    /** Draws what is known again. */
    void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (study() == null) {
            return;
        }
        PlatesPainter painter = new PlatesPainter(g, view);
        painter.sheet(study(), sight.ground(study()));
        image.draw(painter);
        if (sight.marks() == Marks.TRAPS) {
            painter.traps(study());
        } else if (sight.marks() == Marks.BENEATH) {
            painter.beneath(study());
        }
        painter.faults(places);
        pointed.map(study().sheet()::onSheet).ifPresent(painter::ring);
        hand.cross().ifPresent(at -> painter.cross(at.x(), at.y()));
    }

    /** Tells what lies there. */
    void told(double x, double y) {
        toldX = x;
        toldY = y;
        if (study() != null) {
            Point mm = view.toPage(x, y);
            boolean out =
                    x < 0
                            || mm.x() < 0
                            || mm.y() < 0
                            || mm.x() > plan().widthMm()
                            || mm.y() > plan().heightMm();
            tell.accept(out ? "" : study().at(mm).words());
        }
    }

    /** A key; whether it meant something. */
    boolean key(KeyEvent event) {
        return study() != null && mouse.key(event);
    }
}
