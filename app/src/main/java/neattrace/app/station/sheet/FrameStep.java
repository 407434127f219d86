package neattrace.app.station.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.table.hand.BoxHand;
import neattrace.app.table.hand.CornersHand;
import neattrace.app.table.hand.LineHand;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.setting.SheetSettings;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.sheet.SheetFrame;
import neattrace.sheet.SheetStep;
import neattrace.sheet.review.SheetReview;
import neattrace.sheet.review.Tilt;

/** Crop, level and corners. */
final class FrameStep implements RecipeStep {

    private final Desk desk;
    private final NumberField tilt;
    private final Label measured = new Label();
    private final VBox content;

    FrameStep(Desk desk) {
        this.desk = desk;
        tilt = desk.bench().field(SheetSettings.TILT);
        measured.getStyleClass().add("hint");
        measured.setWrapText(true);
        FlowPane level =
                new FlowPane(
                        6,
                        6,
                        Buttons.small("Draw what is level", "level-by-hand", this::levelByHand),
                        Buttons.small("Crop by hand", "crop-by-hand", this::cropByHand),
                        Buttons.small(
                                "Crop to the drawing", "crop-to-drawing", this::cropToDrawing),
                        Buttons.small("Set four corners", "corners-by-hand", this::cornersByHand),
                        Buttons.small("Turn right", "turn-right", () -> turn(1)),
                        Buttons.small("Turn left", "turn-left", () -> turn(-1)),
                        Buttons.small("Mirror", "mirror", this::mirror),
                        Buttons.small("Whole scan", "whole-scan", this::wholeScan));
        content =
                new VBox(
                        8,
                        new Sentence("The drawing lies turned by", tilt, "clockwise."),
                        measured,
                        level);
    }

    private void frame(String what, UnaryOperator<FrameRecipe> change) {
        desk.change(what, recipe -> recipe.withFrame(change.apply(recipe.frame())));
    }

    /** Turns the sheet by quarters, as it is seen. */
    void turn(int quarters) {
        SheetFrame now = desk.drawing().reading().frame();
        frame(
                quarters > 0 ? "Turn right" : "Turn left",
                frame -> frame.turned(quarters, now.straightWidth(), now.straightHeight()));
    }

    /** Changes left and right, as it is seen. */
    void mirror() {
        SheetFrame now = desk.drawing().reading().frame();
        frame("Mirror", frame -> frame.flipped(now.straightWidth()));
    }

    private void levelByHand() {
        desk.take(
                new LineHand(
                        "Draw along something that should be level or upright.",
                        (from, to) ->
                                String.format(Locale.ROOT, "%.2f°", Tilt.along(from, to) + 0.0),
                        (from, to) ->
                                frame(
                                        "Level",
                                        frame ->
                                                frame.withTilt(
                                                        round(
                                                                frame.tiltDegrees()
                                                                        + Tilt.along(from, to))))));
    }

    private static double round(double degrees) {
        return Math.rint(degrees * 100) / 100;
    }

    private void cropByHand() {
        desk.showScan();
        desk.take(
                new BoxHand(
                        "Draw a box round what is kept.",
                        (from, to) ->
                                frame(
                                        "Crop",
                                        frame -> frame.withCrop(Optional.of(crop(from, to))))));
    }

    /** From mm on the page to px of the straightened sheet. */
    private Crop crop(Point from, Point to) {
        Drawing drawing = desk.drawing();
        FrameRecipe now = drawing.reading().recipe().frame();
        double px = drawing.resolution().pxPerMm() / now.enlarge();
        double x = now.crop().map(Crop::x).orElse(0.0);
        double y = now.crop().map(Crop::y).orElse(0.0);
        return new Crop(
                Math.rint(x + from.x() * px),
                Math.rint(y + from.y() * px),
                Math.rint((to.x() - from.x()) * px),
                Math.rint((to.y() - from.y()) * px));
    }

    private void cropToDrawing() {
        SheetReview review = desk.workspace().insights().reviewProperty().get();
        if (review == null || review.crop().isEmpty()) {
            desk.workspace().say("The sheet is hardly larger than the drawing; nothing to crop.");
            return;
        }
        frame("Crop", frame -> frame.withCrop(review.crop()));
    }

    private void cornersByHand() {
        desk.showScan();
        Drawing drawing = desk.drawing();
        FrameRecipe now = drawing.job().recipe().frame();
        double w = drawing.picture().width();
        double h = drawing.picture().height();
        List<Point> start =
                now.corners().isEmpty()
                        ? List.of(
                                new Point(0.06 * w, 0.06 * h),
                                new Point(0.94 * w, 0.06 * h),
                                new Point(0.94 * w, 0.94 * h),
                                new Point(0.06 * w, 0.94 * h))
                        : now.corners();
        desk.take(
                new CornersHand(
                        "Drag the knobs on to the sheet's corners. Enter straightens.",
                        start.stream().map(desk::toPage).toList(),
                        corners -> {
                            List<Point> onSource = corners.stream().map(desk::toSource).toList();
                            frame("Corners", frame -> frame.withCorners(onSource));
                        }));
    }

    private void wholeScan() {
        frame("Whole scan", frame -> FrameRecipe.WHOLE.withEnlarge(frame.enlarge()));
    }

    @Override
    public String title() {
        return "Frame";
    }

    @Override
    public String state(Shown shown) {
        FrameRecipe frame = shown.drawing().job().recipe().frame();
        String tilted =
                frame.tiltDegrees() == 0
                        ? ""
                        : String.format(Locale.ROOT, "%.2f°", frame.tiltDegrees());
        if (frame.corners().isEmpty() && frame.crop().isEmpty()) {
            String turned = frame.turns() == 0 ? "" : frame.turns() * 90 + "°";
            String way = frame.mirrored() ? (turned + " mirrored").strip() : turned;
            String all = way.isEmpty() || tilted.isEmpty() ? way + tilted : way + ", " + tilted;
            return all.isEmpty() ? "whole scan" : all;
        }
        String cut = frame.corners().isEmpty() ? "cropped" : "corners set";
        return tilted.isEmpty() ? cut : cut + ", " + tilted;
    }

    @Override
    public SheetStep part() {
        return SheetStep.FRAME;
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        tilt.show(shown.drawing().job().recipe().frame().tiltDegrees());
        SheetReview review = desk.workspace().insights().reviewProperty().get();
        if (review == null) {
            measured.setText("Measuring the tilt …");
        } else if (review.tilt().confidence() < Tilt.SURE) {
            measured.setText("Nothing long and straight enough to measure the tilt by.");
        } else {
            measured.setText(
                    String.format(
                            Locale.ROOT,
                            "Measured by its straight lines: %.2f° left to turn, %.0f %% sure.",
                            review.tilt().degrees() + 0.0,
                            100 * review.tilt().confidence()));
        }
    }
}
