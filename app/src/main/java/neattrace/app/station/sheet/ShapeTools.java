package neattrace.app.station.sheet;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import neattrace.app.docket.Buttons;
import neattrace.app.table.hand.BoxHand;
import neattrace.app.table.hand.BrushHand;
import neattrace.app.table.hand.PolygonHand;
import neattrace.geom.Point;
import neattrace.sheet.SheetShape;

/** Three ways of marking a part of the sheet. */
final class ShapeTools {

    private ShapeTools() {}

    /** Buttons that take up a box, a polygon or a brush. */
    static List<Node> buttons(Desk desk, String id, Consumer<SheetShape> whenDrawn) {
        return List.of(
                Buttons.small(
                        "Box",
                        id + "-box",
                        () ->
                                desk.take(
                                        new BoxHand(
                                                "Draw a box.",
                                                (from, to) ->
                                                        whenDrawn.accept(box(desk, from, to))))),
                Buttons.small(
                        "Polygon",
                        id + "-polygon",
                        () ->
                                desk.take(
                                        new PolygonHand(
                                                "Click corner by corner; Enter closes.",
                                                corners ->
                                                        whenDrawn.accept(polygon(desk, corners))))),
                Buttons.small(
                        "Brush",
                        id + "-brush",
                        () ->
                                desk.take(
                                        new BrushHand(
                                                "Brush over it, as often as needed; Enter ends.",
                                                (line, width) ->
                                                        whenDrawn.accept(
                                                                brush(desk, line, width))))));
    }

    /** On a turned sheet a box is a slanting rectangle on the scan. */
    private static SheetShape box(Desk desk, Point from, Point to) {
        return polygon(
                desk, List.of(from, new Point(to.x(), from.y()), to, new Point(from.x(), to.y())));
    }

    private static SheetShape polygon(Desk desk, List<Point> corners) {
        return new SheetShape.Polygon(corners.stream().map(desk::toSource).toList());
    }

    private static SheetShape brush(Desk desk, List<Point> line, double widthMm) {
        double radius = widthMm / 2 * desk.drawing().reading().scanPxPerMm();
        return new SheetShape.Brush(line.stream().map(desk::toSource).toList(), radius);
    }
}
