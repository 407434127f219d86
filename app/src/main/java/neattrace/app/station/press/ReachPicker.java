package neattrace.app.station.press;

import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import neattrace.app.docket.OwnKeys;
import neattrace.press.Gamut;
import neattrace.press.Lab;
import neattrace.press.Rgb;

/**
 * Chooses a colour by eye: hues from left to right, how light they are from top to bottom, as
 * colourful as is wished or as ink can; where ink falls short of the wish there is a tick.
 */
final class ReachPicker extends StackPane implements OwnKeys {

    private static final double WIDE = 264;
    private static final double HIGH = 108;
    private static final int COLUMNS = 60;
    private static final int ROWS = 18;
    private static final double MOST_CHROMA = 110;

    /** What falls short by so much chroma is ticked. */
    private static final double SHORT = 10;

    private final Canvas canvas = new Canvas(WIDE, HIGH);
    private final Consumer<Rgb> whenChosen;
    private Gamut gamut;
    private Lab now = new Lab(50, 0, 0);
    private double chroma = 50;
    private double light = 50;
    private double hue;

    /** A picker; a chosen colour is told. */
    ReachPicker(Consumer<Rgb> whenChosen) {
        this.whenChosen = whenChosen;
        setId("reach-picker");
        getStyleClass().add("reach-picker");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setAccessibleText(
                "Hues from left to right, light to dark from top to bottom; arrows move, + and -"
                        + " make it more or less colourful, Enter takes it");
        canvas.setOnMousePressed(this::chosen);
        canvas.setOnScroll(this::scrolled);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener(property -> draw());
    }

    @Override
    public Set<KeyCode> ownKeys() {
        return POINTING;
    }

    /** Shows what a press reaches, and a colour. */
    void show(Gamut reach, Rgb colour) {
        gamut = reach;
        now = colour.toLab();
        light = now.l();
        hue = now.hue();
        chroma = Math.max(8, Math.min(MOST_CHROMA, now.chroma()));
        draw();
    }

    private Lab at(double column, double row) {
        double degrees = (column + 0.5) / COLUMNS * 360;
        double l = 100 - (row + 0.5) / ROWS * 100;
        return new Lab(
                l,
                chroma * Math.cos(Math.toRadians(degrees)),
                chroma * Math.sin(Math.toRadians(degrees)));
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDE, HIGH);
        if (gamut == null) {
            return;
        }
        double w = WIDE / COLUMNS;
        double h = HIGH / ROWS;
        for (int column = 0; column < COLUMNS; column++) {
            for (int row = 0; row < ROWS; row++) {
                Lab wished = at(column, row);
                double most = Math.min(chroma, gamut.most(wished.l(), wished.hue()));
                Lab lab =
                        new Lab(
                                wished.l(),
                                wished.a() * most / Math.max(1e-9, chroma),
                                wished.b() * most / Math.max(1e-9, chroma));
                double x = column * w;
                double y = row * h;
                g.setFill(Color.web(lab.toRgb().hex()));
                g.fillRect(x, y, w + 0.5, h + 0.5);
                if (chroma - most > SHORT) {
                    g.setStroke(Color.web(lab.l() > 55 ? "#1c2b33" : "#ffffff", 0.3));
                    g.setLineWidth(0.8);
                    g.strokeLine(x + 1, y + h - 1, x + w - 1, y + 1);
                }
            }
        }
        double x = hue / 360 * WIDE;
        double y = (100 - light) / 100 * HIGH;
        g.setLineWidth(2.5);
        g.setStroke(Color.web("#ffffff"));
        g.strokeOval(x - 5, y - 5, 10, 10);
        g.setLineWidth(1.2);
        g.setStroke(Color.web(isFocused() ? "#b3261e" : "#1c2b33"));
        g.strokeOval(x - 5.5, y - 5.5, 11, 11);
    }

    private void chosen(MouseEvent event) {
        requestFocus();
        hue = Math.max(0, Math.min(359.9, event.getX() / WIDE * 360));
        light = Math.max(0, Math.min(100, 100 - event.getY() / HIGH * 100));
        take();
        event.consume();
    }

    private void take() {
        Lab lab =
                new Lab(
                        light,
                        chroma * Math.cos(Math.toRadians(hue)),
                        chroma * Math.sin(Math.toRadians(hue)));
        draw();
        whenChosen.accept(lab.toRgb());
    }

    private void scrolled(ScrollEvent event) {
        colourful(Math.signum(event.getDeltaY()) * 6);
        event.consume();
    }

    private void colourful(double by) {
        chroma = Math.max(0, Math.min(MOST_CHROMA, chroma + by));
        draw();
    }

    private void key(KeyEvent event) {
        switch (event.getCode()) {
            case LEFT -> hue = (hue + 354) % 360;
            case RIGHT -> hue = (hue + 6) % 360;
            case UP -> light = Math.min(100, light + 4);
            case DOWN -> light = Math.max(0, light - 4);
            case PLUS, EQUALS, ADD -> chroma = Math.min(MOST_CHROMA, chroma + 6);
            case MINUS, SUBTRACT -> chroma = Math.max(0, chroma - 6);
            case ENTER, SPACE -> take();
            default -> {
                return;
            }
        }
        draw();
        event.consume();
    }
}
