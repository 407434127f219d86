package neattrace.press.black;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Shapes beneath black. Time grows with its points times their logarithm. */
public final class BlackShapes {

    private static final int QUADRANT = 6;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private BlackShapes() {}

    /**
     * Where colours lie beneath black so that they show nowhere.
     *
     * @param black pieces of black, disjoint, mm
     * @return polygons within the black; none of a school that wants none
     */
    public static Geometry underlay(List<Polygon> black, BlackRecipe recipe) {
        return switch (recipe.school()) {
            case K_ONLY -> FACTORY.createMultiPolygon();
            case AS_DRAWN -> FACTORY.createMultiPolygon(black.toArray(Polygon[]::new));
            case KEPT_BACK -> keptBack(black, recipe.keptBackMm(), recipe.boldMm());
        };
    }

    private static Geometry keptBack(List<Polygon> black, double keptBackMm, double boldMm) {
        double half = Math.max(keptBackMm, boldMm / 2);
        return pieces(
                black.parallelStream()
                        .map(piece -> buffer(buffer(piece, -half), half - keptBackMm)));
    }

    /**
     * What of the black is at least so far from its edge.
     *
     * @param black as for {@link #underlay}
     */
    public static Geometry core(List<Polygon> black, double mm) {
        return pieces(black.parallelStream().map(piece -> buffer(piece, -mm)));
    }

    private static Geometry buffer(Geometry shape, double mm) {
        return mm == 0 || shape.isEmpty()
                ? shape
                : shape.buffer(mm, QUADRANT, BufferParameters.CAP_ROUND);
    }

    private static Geometry pieces(Stream<Geometry> shapes) {
        return FACTORY.createMultiPolygon(
                shapes.flatMap(
                                shape ->
                                        IntStream.range(0, shape.getNumGeometries())
                                                .mapToObj(shape::getGeometryN))
                        .filter(one -> one instanceof Polygon && !one.isEmpty())
                        .map(one -> (Polygon) one)
                        .toArray(Polygon[]::new));
    }
}
