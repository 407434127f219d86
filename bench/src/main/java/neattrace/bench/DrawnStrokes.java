package neattrace.bench;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/**
 * The middles of a drawing that is strokes and nothing else.
 *
 * @param strokes x and y of points close together, px; a closed stroke ends where it begins
 * @param widthPx of all of them
 */
record DrawnStrokes(List<double[]> strokes, double widthPx) {

    private static final double FLAT_PX = 0.01;

    /** The strokes of a drawing of so many px a side; empty if it is more than strokes. */
    static Optional<DrawnStrokes> read(Path file, int side) throws IOException {
        Element root;
        try {
            root =
                    DocumentBuilderFactory.newInstance()
                            .newDocumentBuilder()
                            .parse(file.toFile())
                            .getDocumentElement();
        } catch (SAXException | ParserConfigurationException e) {
            return Optional.empty();
        }
        double scale = side / 72.0;
        List<double[]> strokes = new ArrayList<>();
        NodeList all = root.getElementsByTagName("*");
        for (int i = 0; i < all.getLength(); i++) {
            Element one = (Element) all.item(i);
            if (one.hasAttribute("transform")) {
                return Optional.empty();
            }
            if (one.getTagName().equals("g") || one.getTagName().equals("title")) {
                continue;
            }
            boolean stroke =
                    one.getAttribute("fill").equals("none")
                            && one.getAttribute("stroke-width").equals("2")
                            && one.getAttribute("stroke-linecap").equals("round");
            Shape shape = shape(one);
            if (!stroke || shape == null) {
                return Optional.empty();
            }
            add(
                    AffineTransform.getScaleInstance(scale, scale).createTransformedShape(shape),
                    strokes);
        }
        return strokes.isEmpty()
                ? Optional.empty()
                : Optional.of(new DrawnStrokes(strokes, 2 * scale));
    }

    private static Shape shape(Element one) {
        return switch (one.getTagName()) {
            case "path" -> PathData.of(one.getAttribute("d"));
            case "line" ->
                    new Line2D.Double(
                            number(one, "x1"),
                            number(one, "y1"),
                            number(one, "x2"),
                            number(one, "y2"));
            case "circle" -> round(one, number(one, "r"), number(one, "r"));
            case "ellipse" -> round(one, number(one, "rx"), number(one, "ry"));
            case "polyline", "polygon" -> polyline(one);
            case "rect" ->
                    one.hasAttribute("rx")
                            ? null
                            : new Rectangle2D.Double(
                                    number(one, "x"),
                                    number(one, "y"),
                                    number(one, "width"),
                                    number(one, "height"));
            default -> null;
        };
    }

    private static double number(Element one, String name) {
        String text = one.getAttribute(name);
        return text.isEmpty() ? 0 : Double.parseDouble(text);
    }

    private static Shape round(Element one, double rx, double ry) {
        return new Ellipse2D.Double(number(one, "cx") - rx, number(one, "cy") - ry, 2 * rx, 2 * ry);
    }

    private static Shape polyline(Element one) {
        Path2D path = PathData.of("M" + one.getAttribute("points"));
        if (one.getTagName().equals("polygon")) {
            path.closePath();
        }
        return path;
    }

    private static void add(Shape shape, List<double[]> strokes) {
        List<Double> xy = new ArrayList<>();
        double[] at = new double[6];
        PathIterator it = new FlatteningPathIterator(shape.getPathIterator(null), FLAT_PX, 12);
        for (; !it.isDone(); it.next()) {
            int kind = it.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                end(xy, strokes);
            }
            if (kind == PathIterator.SEG_CLOSE) {
                at[0] = xy.get(0);
                at[1] = xy.get(1);
            }
            xy.add(at[0]);
            xy.add(at[1]);
        }
        end(xy, strokes);
    }

    private static void end(List<Double> xy, List<double[]> strokes) {
        if (xy.size() >= 4) {
            strokes.add(xy.stream().mapToDouble(Double::doubleValue).toArray());
        }
        xy.clear();
    }

    /**
     * How many strokes the ink tells apart: where one ends just where another begins, and nothing
     * else meets there, nobody sees that the pen was lifted.
     */
    int tellable() {
        int n = strokes.size();
        int count = n;
        int[] parent = new int[n];
        for (int i = 0; i < n; i++) {
            parent[i] = i;
        }
        for (int i = 0; i < 2 * n; i++) {
            double[] at = end(i);
            int partner = -1;
            int met = isClosed(i / 2) ? 2 : 0;
            for (int k = 0; k < 2 * n; k++) {
                double[] other = end(k);
                if (k != i && Math.hypot(at[0] - other[0], at[1] - other[1]) < widthPx / 6) {
                    met += isClosed(k / 2) ? 2 : 1;
                    partner = k;
                }
            }
            if (met == 1 && partner > i && !isOnAnother(at, i / 2, partner / 2)) {
                int a = root(parent, i / 2);
                int b = root(parent, partner / 2);
                // Both ends of a stroke of its own make a ring, which is one stroke still.
                count -= a == b ? 0 : 1;
                parent[a] = b;
            }
        }
        return count;
    }

    private static int root(int[] parent, int i) {
        int root = i;
        while (parent[root] != root) {
            root = parent[root];
        }
        return root;
    }

    private boolean isClosed(int stroke) {
        double[] xy = strokes.get(stroke);
        return xy[0] == xy[xy.length - 2] && xy[1] == xy[xy.length - 1];
    }

    private double[] end(int number) {
        double[] xy = strokes.get(number / 2);
        int at = number % 2 == 0 ? 0 : xy.length - 2;
        return new double[] {xy[at], xy[at + 1]};
    }

    private boolean isOnAnother(double[] at, int one, int other) {
        for (int k = 0; k < strokes.size(); k++) {
            double[] xy = strokes.get(k);
            for (int j = 0; k != one && k != other && j + 3 < xy.length; j += 2) {
                if (Line2D.ptSegDist(xy[j], xy[j + 1], xy[j + 2], xy[j + 3], at[0], at[1])
                        < widthPx / 2) {
                    return true;
                }
            }
        }
        return false;
    }
}
