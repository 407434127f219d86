package neattrace.app.station.press;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Screen;
import neattrace.app.docket.Buttons;
import neattrace.geom.Point;
import neattrace.press.Colorant;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.press.plate.PlateView;
import neattrace.press.rehearsal.FaultPlace;
import neattrace.press.rehearsal.PrintedSheet;
import neattrace.press.trap.Trap;
import neattrace.print.ready.PlateStudy;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** The plates over the table: all as they print, some of them, or how much ink lies where. */
final class PlatesView extends StackPane {

    private static final double MOST_ZOOM = 60;
    private static final double MARGIN = 36;
    private static final double BAR = 44;
    private static final double TRAP_PX = 8;

    /** What plates lie on. */
    private enum Under {
        WHITE("White paper"),
        PAPER("Its own paper"),
        GOODS("The goods");

        private final String words;

        Under(String words) {
            this.words = words;
        }
    }

    private final PressDesk desk;
    private final Runnable whenTurned;
    private final Consumer<String> tell;
    private final Canvas canvas = new Canvas();
    private final Label waiting = new Label("Making the plates …");
    private final FlowPane bar = new FlowPane(4, 2);
    private final ReadOnlyDoubleWrapper scale = new ReadOnlyDoubleWrapper();
    private final Button traps = Buttons.keyed("Traps", "V", "see-traps", this::turnTraps);
    private final Button total = Buttons.keyed("All ink", "I", "see-total", this::turnTotal);
    private final Button grey = Buttons.keyed("As film", "O", "see-grey", this::turnGrey);
    private final Button ground = Buttons.keyed("White paper", "G", "see-ground", this::turnGround);

    private Set<Colorant> shown = Set.of();
    private boolean asFilm;
    private boolean allInk;
    private boolean withTraps;
    private Under under = Under.WHITE;
    private PrintedSheet printed;
    private boolean printedReady;
    private Set<Colorant> left = Set.of();
    private List<FaultPlace> places = List.of();

    private double zoom = 1;
    private Point pan = new Point(0, 0);
    private Image image;
    private Rectangle2D imageOf;
    private int asked;
    private Point pressedAt;
    private boolean dragged;

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
        getStyleClass().add("goods-view");
        setId("plates-view");
        canvas.setManaged(false);
        waiting.getStyleClass().add("waiting");
        bar.getStyleClass().add("view-bar");
        bar.setAlignment(Pos.CENTER);
        bar.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        bar.getChildren()
                .addAll(
                        traps,
                        total,
                        grey,
                        ground,
                        Buttons.keyed("True size", "T", "plates-true-size", this::trueSize),
                        Buttons.keyed("Whole sheet", "W", "plates-whole", this::whole));
        StackPane.setAlignment(bar, Pos.BOTTOM_CENTER);
        StackPane.setMargin(bar, new Insets(0, 0, 12, 0));
        getChildren().addAll(canvas, waiting, bar);
        setFocusTraversable(true);
        desk.studyProperty().addListener((property, before, now) -> other(before, now));
        setOnScroll(this::scrolled);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
        setOnMouseMoved(event -> told(event.getX(), event.getY()));
        setOnMouseExited(event -> tell.accept(""));
        words();
    }

    @Override
    protected void layoutChildren() {
        double all = bar.getInsets().getLeft() + bar.getInsets().getRight();
        for (Node button : bar.getChildren()) {
            all += button.prefWidth(-1) + bar.getHgap();
        }
        bar.setPrefWrapLength(Math.max(60, Math.min(all, getWidth() - 24)));
        super.layoutChildren();
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            look();
        }
    }

    /** Pixels for each mm; 0 as long as nothing is seen. */
    ReadOnlyDoubleProperty scaleProperty() {
        return scale.getReadOnlyProperty();
    }

    private PlateStudy study() {
        return desk.studyProperty().get();
    }

    private void other(PlateStudy before, PlateStudy now) {
        boolean same =
                before != null
                        && before.sheet().plan().widthMm() == now.sheet().plan().widthMm()
                        && before.sheet().plan().heightMm() == now.sheet().plan().heightMm();
        if (!same) {
            zoom = 1;
            pan = new Point(0, 0);
            image = null;
        }
        Set<Colorant> kept = new LinkedHashSet<>(shown);
        kept.retainAll(now.inks());
        shown = kept;
        printed = null;
        places = List.of();
        if (now.sheet().terms().underbase().isPresent()) {
            under = Under.GOODS;
        }
        words();
        look();
    }

    /** The inks that are looked at; empty for all. */
    Set<Colorant> shownInks() {
        return shown;
    }

    /** Looks at one plate alone, or at all again if it was alone. */
    void only(Colorant ink) {
        shown = shown.equals(Set.of(ink)) ? Set.of() : Set.of(ink);
        turned();
    }

    /** Adds a plate to those that are looked at, or takes it away. */
    void with(Colorant ink) {
        Set<Colorant> next = new LinkedHashSet<>(shown.isEmpty() ? study().inks() : shown);
        if (!next.remove(ink)) {
            next.add(ink);
        }
        shown = next.size() == study().inks().size() ? Set.of() : next;
        turned();
    }

    /** Looks at all plates. */
    void all() {
        shown = Set.of();
        turned();
    }

    /**
     * Shows a printed sheet instead of the plates; null for the plates again.
     *
     * @param ready whether it was printed from what was made ready
     * @param out inks that were left out
     */
    void print(PrintedSheet one, boolean ready, Set<Colorant> out) {
        printed = one;
        printedReady = ready;
        left = out;
        words();
        look();
    }

    /** Marks places that fail on the press. */
    void mark(List<FaultPlace> failing) {
        places = failing;
        draw();
    }

    /** Goes to a place, mm on the sheet. */
    void go(Point mm) {
        if (study() == null || !(fit() > 0)) {
            return;
        }
        zoom = Math.max(zoom, 6);
        double k = fit() * zoom;
        pan =
                new Point(
                        -k * (mm.x() - study().sheet().plan().widthMm() / 2),
                        -k * (mm.y() - study().sheet().plan().heightMm() / 2));
        look();
    }

    private void turned() {
        words();
        look();
        whenTurned.run();
    }

    private void turnTraps() {
        withTraps = !withTraps;
        words();
        draw();
        if (withTraps && study() != null) {
            int count = study().sheet().ready().traps().size();
            desk.bench()
                    .say(
                            count == 0
                                    ? "No colours meet without black over them, or they share"
                                            + " enough ink: there is nothing to trap."
                                    : "A click on a seam switches its trap off, and on again.");
        }
    }

    private void turnTotal() {
        allInk = !allInk;
        turned();
    }

    private void turnGrey() {
        asFilm = !asFilm;
        turned();
    }

    private void turnGround() {
        under = Under.values()[(under.ordinal() + 1) % Under.values().length];
        turned();
    }

    private void words() {
        traps.setText(withTraps ? "Without marks" : "Traps");
        total.setText(allInk ? "Colours" : "All ink");
        grey.setText(asFilm ? "In its ink" : "As film");
        grey.setDisable(shown.size() != 1);
        ground.setText(under.words);
        waiting.setVisible(study() == null);
        setAccessibleText(
                shown.isEmpty()
                        ? "All plates as they print"
                        : "Plates: "
                                + String.join(", ", shown.stream().map(Colorant::name).toList()));
    }

    private Rgb groundColour() {
        return switch (under) {
            case WHITE -> Rgb.WHITE;
            case PAPER -> study().paper();
            case GOODS -> study().sheet().goods().ground().colour();
        };
    }

    /** Pixels for each mm at which the whole sheet is seen. */
    private double fit() {
        if (study() == null) {
            return 0;
        }
        double width = getWidth() - 2 * MARGIN;
        double height = getHeight() - MARGIN - BAR - MARGIN / 2;
        return Math.min(
                width / study().sheet().plan().widthMm(),
                height / study().sheet().plan().heightMm());
    }

    private Point origin() {
        double k = fit() * zoom;
        return new Point(
                getWidth() / 2 + pan.x() - k * study().sheet().plan().widthMm() / 2,
                (getHeight() - BAR) / 2 + pan.y() - k * study().sheet().plan().heightMm() / 2);
    }

    private Point onSheet(double x, double y) {
        double k = fit() * zoom;
        Point origin = origin();
        return new Point((x - origin.x()) / k, (y - origin.y()) / k);
    }

    /** Where a place on the sheet, mm, is in the view, px. */
    Point toView(Point mm) {
        return origin().plus(mm.times(fit() * zoom));
    }

    /** Paints what is in sight beside the window's thread; only the newest counts. */
    private void look() {
        if (study() == null || getWidth() < 80 || getHeight() < 80) {
            return;
        }
        double k = fit() * zoom;
        scale.set(k);
        draw();
        Point from = onSheet(0, 0);
        Point to = onSheet(getWidth(), getHeight());
        double x0 = Math.max(0, from.x());
        double y0 = Math.max(0, from.y());
        double x1 = Math.min(study().sheet().plan().widthMm(), to.x());
        double y1 = Math.min(study().sheet().plan().heightMm(), to.y());
        int width = (int) Math.ceil((x1 - x0) * k);
        int height = (int) Math.ceil((y1 - y0) * k);
        if (width < 1 || height < 1) {
            return;
        }
        Rectangle2D window = new Rectangle2D.Double(x0, y0, width / k, height / k);
        int ticket = ++asked;
        PlateStudy of = study();
        PlateView view =
                new PlateView(shown, asFilm, allInk, of.sheet().terms().inkLimit(), groundColour());
        PrintedSheet sheet = printed;
        boolean ready = printedReady;
        Set<Colorant> out = left;
        CompletableFuture.supplyAsync(
                        () ->
                                sheet == null
                                        ? of.picture(window, width, height, view)
                                        : of.printed(
                                                sheet,
                                                ready,
                                                out,
                                                window,
                                                width,
                                                height,
                                                view.ground()))
                .thenAccept(
                        pixels ->
                                Platform.runLater(
                                        () -> {
                                            if (ticket == asked) {
                                                took(pixels, width, height, window);
                                            }
                                        }));
    }

    private void took(int[] pixels, int width, int height, Rectangle2D window) {
        WritableImage next = new WritableImage(width, height);
        next.getPixelWriter()
                .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        image = next;
        imageOf = window;
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (study() == null) {
            return;
        }
        double k = fit() * zoom;
        Point origin = origin();
        double width = k * study().sheet().plan().widthMm();
        double height = k * study().sheet().plan().heightMm();
        g.setFill(Color.web(groundColour().hex()));
        g.fillRect(origin.x(), origin.y(), width, height);
        if (image != null) {
            Point at = toView(new Point(imageOf.getX(), imageOf.getY()));
            g.drawImage(image, at.x(), at.y(), k * imageOf.getWidth(), k * imageOf.getHeight());
        }
        g.setStroke(Color.web("#8a8f88"));
        g.setLineWidth(1);
        g.strokeRect(origin.x() - 0.5, origin.y() - 0.5, width + 1, height + 1);
        if (withTraps) {
            traps(g);
        }
        g.setStroke(Color.web("#b3261e"));
        g.setLineWidth(2);
        for (FaultPlace place : places) {
            Point at = toView(new Point(place.xMm(), place.yMm()));
            double reach = Math.max(9, k * 2.2);
            g.strokeOval(at.x() - reach, at.y() - reach, 2 * reach, 2 * reach);
        }
    }

    private void traps(GraphicsContext g) {
        for (Trap trap : study().sheet().ready().traps()) {
            boolean off = study().sheet().ready().untrapped().contains(trap);
            g.setStroke(off ? Color.web("#6b706a") : Color.web("#c2185b"));
            g.setLineDashes(off ? new double[] {5, 5} : new double[0]);
            g.setLineWidth(2);
            lines(g, trap.seam());
        }
        g.setLineDashes();
    }

    private void lines(GraphicsContext g, Geometry lines) {
        for (int i = 0; i < lines.getNumGeometries(); i++) {
            Coordinate[] at = lines.getGeometryN(i).getCoordinates();
            double[] x = new double[at.length];
            double[] y = new double[at.length];
            for (int n = 0; n < at.length; n++) {
                Point seen = toView(new Point(at[n].x, at[n].y));
                x[n] = seen.x();
                y[n] = seen.y();
            }
            g.strokePolyline(x, y, at.length);
        }
    }

    private void scrolled(ScrollEvent event) {
        double turns = Math.signum(event.getDeltaY());
        event.consume();
        if (turns != 0) {
            zoomTo(zoom * Math.pow(1.25, turns), event.getX(), event.getY());
        }
    }

    private void zoomTo(double next, double x, double y) {
        if (study() == null) {
            return;
        }
        double to = Math.max(1, Math.min(MOST_ZOOM, next));
        Point held = onSheet(x, y);
        zoom = to;
        if (to == 1) {
            pan = new Point(0, 0);
        } else {
            Point now = toView(held);
            pan = pan.plus(new Point(x - now.x(), y - now.y()));
        }
        look();
    }

    private void trueSize() {
        double real = Screen.getPrimary().getDpi() / 25.4 / Math.max(1e-9, fit());
        zoomTo(Math.abs(zoom - real) < 1e-9 ? 1 : real, getWidth() / 2, getHeight() / 2);
    }

    private void whole() {
        zoomTo(1, 0, 0);
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        pressedAt = new Point(event.getX(), event.getY());
        dragged = false;
        event.consume();
    }

    private void dragged(MouseEvent event) {
        Point now = new Point(event.getX(), event.getY());
        if (dragged || now.distance(pressedAt) > 4) {
            dragged = true;
            if (zoom > 1) {
                pan = pan.plus(now.minus(pressedAt));
                look();
            }
            pressedAt = now;
        }
    }

    private void released(MouseEvent event) {
        if (!dragged && study() != null) {
            clicked(onSheet(event.getX(), event.getY()));
        }
        event.consume();
    }

    private void clicked(Point mm) {
        if (!withTraps) {
            if (study().sheet().oneColour().isPresent()) {
                PlateStudy of = study();
                desk.change("Darker", press -> of.darker(press, mm));
            }
            return;
        }
        double reach = TRAP_PX / (fit() * zoom);
        Geometry place = new GeometryFactory().createPoint(new Coordinate(mm.x(), mm.y()));
        boolean hit =
                study().sheet().ready().traps().stream()
                        .anyMatch(trap -> trap.seam().isWithinDistance(place, reach));
        if (hit) {
            PlateStudy of = study();
            desk.change("Trap", press -> of.turned(press, mm, Math.max(1.5, reach)));
        }
    }

    private void told(double x, double y) {
        if (study() == null || !(fit() > 0)) {
            return;
        }
        Point mm = onSheet(x, y);
        boolean out =
                mm.x() < 0
                        || mm.y() < 0
                        || mm.x() > study().sheet().plan().widthMm()
                        || mm.y() > study().sheet().plan().heightMm();
        tell.accept(out ? "" : words(study().at(mm)));
    }

    /** Tints in words. */
    static String words(Tints tints) {
        List<String> parts = new ArrayList<>();
        for (Map.Entry<Colorant, Double> one : tints.percent().entrySet()) {
            if (one.getValue() > 0) {
                String name =
                        one.getKey().isProcess() ? letter(one.getKey()) : one.getKey().name() + " ";
                parts.add(name + String.format(Locale.ROOT, "%.0f", one.getValue()));
            }
        }
        return parts.isEmpty()
                ? "bare"
                : String.join(" ", parts) + String.format(Locale.ROOT, ": %.0f %%", tints.total());
    }

    private static String letter(Colorant ink) {
        return ink.equals(Colorant.BLACK) ? "K" : ink.name().substring(0, 1);
    }

    /** A key; whether it meant something. */
    boolean key(KeyEvent event) {
        if (study() == null || event.isShortcutDown()) {
            return false;
        }
        KeyCode code = event.getCode();
        switch (code) {
            case V -> turnTraps();
            case I -> turnTotal();
            case O -> {
                if (shown.size() == 1) {
                    turnGrey();
                }
            }
            case G -> turnGround();
            case T -> trueSize();
            case W -> whole();
            case PLUS, EQUALS, ADD -> zoomTo(zoom * 1.25, getWidth() / 2, getHeight() / 2);
            case MINUS, SUBTRACT -> zoomTo(zoom * 0.8, getWidth() / 2, getHeight() / 2);
            case LEFT -> panned(60, 0);
            case RIGHT -> panned(-60, 0);
            case UP -> panned(0, 60);
            case DOWN -> panned(0, -60);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void panned(double x, double y) {
        if (zoom > 1) {
            pan = pan.plus(new Point(x, y));
            look();
            told(getWidth() / 2, getHeight() / 2);
        }
    }
}
