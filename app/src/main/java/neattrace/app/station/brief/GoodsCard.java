package neattrace.app.station.brief;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.css.PseudoClass;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import neattrace.app.station.GoodsShape;
import neattrace.geom.Point;
import neattrace.goods.Detail;
import neattrace.goods.GoodsFit;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Extent;

/** A card: goods in their true shape with the drawing on them, and what that means for it. */
final class GoodsCard extends Button {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Canvas canvas = new Canvas();
    private final Label title = new Label();
    private final Label size = new Label();
    private final Label lines = new Label();
    private final VBox content;
    private GoodsShape shape;

    /**
     * A card.
     *
     * @param whenResized called when the drawing on it may be seen in another size
     */
    GoodsCard(Runnable whenChosen, Runnable whenResized) {
        getStyleClass().setAll("goods-card");
        title.getStyleClass().add("step-title");
        size.getStyleClass().add("hint");
        lines.getStyleClass().add("hint");
        size.setWrapText(true);
        lines.setWrapText(true);
        Pane room = new Pane(canvas);
        room.setMinSize(0, 0);
        VBox.setVgrow(room, Priority.ALWAYS);
        room.widthProperty().addListener(property -> paint(room));
        room.heightProperty().addListener(property -> paint(room));
        canvas.widthProperty().addListener(property -> whenResized.run());
        canvas.heightProperty().addListener(property -> whenResized.run());
        content = new VBox(4, title, room, size, lines);
        setGraphic(content);
        setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        title.textFillProperty().addListener(property -> paint());
        widthProperty().addListener(property -> content.setPrefWidth(getWidth() - 28));
        heightProperty().addListener(property -> content.setPrefHeight(getHeight() - 24));
        setOnAction(event -> whenChosen.run());
    }

    private void paint(Pane room) {
        canvas.setWidth(room.getWidth());
        canvas.setHeight(room.getHeight());
        paint();
    }

    private void paint() {
        canvas.getGraphicsContext2D().clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (shape != null) {
            Color ink = title.getTextFill() instanceof Color color ? color : Color.GRAY;
            shape.paint(canvas.getGraphicsContext2D(), canvas.getWidth(), canvas.getHeight(), ink);
        }
    }

    /** Pixels a mm of the page at which the drawing is seen; 0 as long as nothing is. */
    double pagePxPerMm() {
        boolean seen = getScene() != null && getScene().getWindow() != null && shape != null;
        return seen
                ? shape.pagePxPerMm(canvas.getWidth(), canvas.getHeight())
                        * getScene().getWindow().getOutputScaleX()
                : 0;
    }

    void setChosen(boolean is) {
        pseudoClassStateChanged(CHOSEN, is);
    }

    /**
     * Shows goods.
     *
     * @param thinnestMm the thinnest lines, on the page; empty as long as they are not known
     * @param smallestMm the circle that fits into the smallest area, likewise
     */
    void show(
            WantedGoods wanted,
            GoodsFit fit,
            Extent extent,
            double pageMm,
            double scanPpi,
            OptionalDouble thinnestMm,
            OptionalDouble smallestMm) {
        boolean same = shape != null && shape.extent().equals(extent);
        shape =
                new GoodsShape(
                        wanted.making().cloth(),
                        fit,
                        extent,
                        same ? shape.silhouette() : List.of(),
                        same ? shape.art() : null,
                        pageMm);
        title.setText(wanted.goods().name());
        size.setText(size(fit, scanPpi));
        lines.setText(
                (thinnestMm.isPresent() ? lines(wanted, fit, thinnestMm.getAsDouble()) : "")
                        + (smallestMm.isPresent()
                                ? String.format(
                                        Locale.ROOT,
                                        " Its smallest area is %.2f mm wide.",
                                        smallestMm.getAsDouble() * fit.factor())
                                : ""));
        setId("goods-card-" + wanted.id());
        setAccessibleText(title.getText() + ". " + size.getText() + " " + lines.getText());
        paint();
    }

    void setArt(Image art) {
        shape = shape.with(shape.silhouette(), art);
        paint();
    }

    void setSilhouette(List<List<Point>> rings) {
        shape = shape.with(rings, shape.art());
        paint();
    }

    private static String size(GoodsFit fit, double scanPpi) {
        double ppi = fit.goods().sizing().ppi();
        double largest = fit.artWidthMm() * fit.ppi(scanPpi) / ppi;
        return String.format(
                Locale.ROOT,
                "%.2f times the scan: %.0f ppi there, %.0f wanted. At that it can be %.0f mm wide.",
                fit.factor(),
                fit.ppi(scanPpi),
                ppi,
                largest);
    }

    private static String lines(WantedGoods wanted, GoodsFit fit, double pageMm) {
        Detail detail = fit.goods().detail();
        if (wanted.weightsKept()) {
            return String.format(
                    Locale.ROOT,
                    "Lines stay as wide as drawn: its thinnest are %.2f mm; it holds lines from"
                            + " %.2f on.",
                    pageMm,
                    detail.lineMm());
        }
        double thinnest = pageMm * fit.factor();
        boolean thin = thinnest < detail.lineMm();
        // So near to the limit that it takes one digit more to tell.
        boolean near = thin && thinnest > detail.lineMm() - 0.005;
        String there =
                String.format(
                        Locale.ROOT,
                        "Its thinnest lines, %.2f mm on paper, become "
                                + (near ? "%.3f mm;" : "%.2f mm;"),
                        pageMm,
                        thinnest);
        return there + String.format(Locale.ROOT, " it holds lines from %.2f on.", detail.lineMm());
    }
}
