package neattrace.app.station.sheet;

import java.util.Locale;
import java.util.function.DoubleConsumer;
import java.util.function.IntUnaryOperator;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableObjectProperty;
import javafx.css.Styleable;
import javafx.css.StyleableObjectProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.sweep.CalmStretch;
import neattrace.sheet.sweep.Change;
import neattrace.sheet.sweep.ThresholdSweep;

/**
 * What every threshold would do: bars where the drawing changes, lines for its pieces (solid),
 * holes (dashed) and specks (dotted), the calm stretch, and the threshold in use as a line that can
 * be dragged. Heights grow with the logarithm: one broken line matters, and 4,000 specks still fit
 * in.
 */
final class SweepChart extends Region {

    private static final StyleablePropertyFactory<SweepChart> FACTORY =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());
    private static final CssMetaData<SweepChart, Color> INK =
            FACTORY.createColorCssMetaData("-nt-chart-ink", chart -> chart.ink, Color.BLACK);
    private static final CssMetaData<SweepChart, Color> SOFT =
            FACTORY.createColorCssMetaData("-nt-chart-soft", chart -> chart.soft, Color.GRAY);
    private static final CssMetaData<SweepChart, Color> CALM =
            FACTORY.createColorCssMetaData("-nt-chart-calm", chart -> chart.calmInk, Color.GREEN);
    private static final CssMetaData<SweepChart, Color> LOSS =
            FACTORY.createColorCssMetaData("-nt-chart-loss", chart -> chart.loss, Color.RED);

    private static final double HEIGHT = 92;

    /** Levels in a bar. */
    private static final int BIN = 4;

    private static final double AXIS = 14;
    private static final double TOP = 12;

    private final StyleableObjectProperty<Color> ink = property(INK, "ink");
    private final StyleableObjectProperty<Color> soft = property(SOFT, "soft");
    private final StyleableObjectProperty<Color> calmInk = property(CALM, "calm");
    private final StyleableObjectProperty<Color> loss = property(LOSS, "loss");
    private final Canvas canvas = new Canvas();
    private final DoubleConsumer whenMoved;
    private final DoubleConsumer whenSet;
    private ThresholdSweep sweep;
    private CalmStretch calm;
    private double percent = 50;
    private double set = 50;
    private boolean dragging;

    SweepChart(DoubleConsumer whenMoved, DoubleConsumer whenSet) {
        this.whenMoved = whenMoved;
        this.whenSet = whenSet;
        getStyleClass().add("sweep-chart");
        setId("sweep-chart");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        getChildren().add(canvas);
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> requestFocus());
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::move);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::move);
        addEventHandler(MouseEvent.MOUSE_RELEASED, event -> letGo());
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        addEventHandler(KeyEvent.KEY_RELEASED, event -> letGo());
        focusedProperty().addListener(property -> draw());
    }

    private StyleableObjectProperty<Color> property(
            CssMetaData<SweepChart, Color> metaData, String name) {
        SimpleStyleableObjectProperty<Color> property =
                new SimpleStyleableObjectProperty<>(metaData, this, name, Color.GRAY);
        property.addListener(changed -> draw());
        return property;
    }

    @Override
    public java.util.List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return FACTORY.getCssMetaData();
    }

    /** Shows a sweep; null if nothing parts ink from paper. */
    void show(ThresholdSweep nextSweep, CalmStretch nextCalm, double nextPercent) {
        sweep = nextSweep;
        calm = nextCalm;
        if (!dragging) {
            percent = nextPercent;
            set = nextPercent;
        }
        setAccessibleText(String.format(Locale.ROOT, "Ink threshold, %.0f %%", percent));
        draw();
    }

    private void move(MouseEvent event) {
        if (sweep == null) {
            return;
        }
        dragging = true;
        to(100 * event.getX() / getWidth());
    }

    private void to(double next) {
        percent =
                Math.rint(
                        Math.max(
                                DecisionRecipe.LEAST_PERCENT,
                                Math.min(DecisionRecipe.MOST_PERCENT, next)));
        draw();
        whenMoved.accept(percent);
    }

    private void pressed(KeyEvent event) {
        KeyCode code = event.getCode();
        if (sweep != null && (code == KeyCode.LEFT || code == KeyCode.RIGHT)) {
            dragging = true;
            to(percent + (code == KeyCode.LEFT ? -1 : 1));
            event.consume();
        }
    }

    private void letGo() {
        if (dragging && percent != set) {
            set = percent;
            whenSet.accept(percent);
        }
        dragging = false;
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private double x(double threshold) {
        return threshold / 255 * getWidth();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        double width = canvas.getWidth();
        double height = canvas.getHeight();
        g.clearRect(0, 0, width, height);
        if (sweep == null || width < 10) {
            return;
        }
        double bottom = height - AXIS;
        if (calm != null) {
            g.setFill(calmInk.get().deriveColor(0, 1, 1, 0.16));
            g.fillRect(
                    x(calm.from()), TOP, Math.max(2, x(calm.to()) - x(calm.from())), bottom - TOP);
            g.setFill(calmInk.get());
            g.setFont(Font.font("Lato Semibold", 10.5));
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.TOP);
            double centre = Math.max(24, Math.min(width - 24, x((calm.from() + calm.to()) / 2.0)));
            g.fillText("calm", centre, 0);
        }
        bars(g, bottom);
        double most = most();
        line(g, bottom, most, ink.get(), t -> sweep.parts(t) - sweep.specks(t));
        line(g, bottom, most, ink.get(), t -> sweep.holes(t) - sweep.pinholes(t), 6, 4);
        line(g, bottom, most, soft.get(), t -> sweep.specks(t) + sweep.pinholes(t), 1.5, 3.5);
        g.setStroke(soft.get());
        g.setLineWidth(1);
        g.strokeLine(0, bottom + 0.5, width, bottom + 0.5);
        words(g, width, height);
        threshold(g, bottom);
        if (isFocused()) {
            g.setStroke(calmInk.get());
            g.setLineWidth(1.5);
            g.strokeRect(0.75, TOP, width - 1.5, bottom - TOP);
        }
    }

    private double most() {
        double most = 4;
        for (int t = sweep.low(); t <= sweep.high(); t++) {
            most = Math.max(most, Math.max(sweep.parts(t), sweep.holes(t)));
        }
        return most;
    }

    /** How many things change between one threshold and the next but one. */
    private void bars(GraphicsContext g, double bottom) {
        int[] changes = new int[256 / BIN + 1];
        int most = 4;
        for (Change change : sweep.changes()) {
            most = Math.max(most, ++changes[change.level() / BIN]);
        }
        g.setFill(loss.get());
        for (int bin = 0; bin < changes.length; bin++) {
            double size = (bottom - TOP) * Math.log1p(changes[bin]) / Math.log1p(most);
            g.fillRect(x(bin * BIN), bottom - size, x(BIN) - 1, size);
        }
    }

    private void line(
            GraphicsContext g,
            double bottom,
            double most,
            Color colour,
            IntUnaryOperator count,
            double... dashes) {
        g.save();
        g.setStroke(colour);
        g.setLineWidth(1.6);
        g.setLineDashes(dashes);
        g.beginPath();
        for (int t = sweep.low(); t <= sweep.high(); t++) {
            double share = Math.log1p(count.applyAsInt(t)) / Math.log1p(most);
            double y = bottom - 1 - (bottom - TOP - 3) * share;
            if (t == sweep.low()) {
                g.moveTo(x(t), y);
            } else {
                g.lineTo(x(t), y);
            }
        }
        g.stroke();
        g.restore();
    }

    private void words(GraphicsContext g, double width, double height) {
        g.setFont(Font.font("Lato", 10.5));
        g.setFill(soft.get());
        g.setTextBaseline(VPos.BOTTOM);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("0 % more ink", 0, height);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("less ink 100 %", width, height);
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText("50 %", width / 2, height);
    }

    private void threshold(GraphicsContext g, double bottom) {
        double at = percent / 100 * getWidth();
        g.setStroke(ink.get());
        g.setLineWidth(2);
        g.strokeLine(at, TOP - 2, at, bottom);
        g.setFill(ink.get());
        g.fillPolygon(
                new double[] {at - 6, at + 6, at},
                new double[] {bottom + 1, bottom + 1, bottom - 7},
                3);
    }
}
