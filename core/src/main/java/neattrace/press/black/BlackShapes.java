package neattrace.press.black;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Shapes beneath black. Time grows with its points times their logarithm. */
public final class BlackShapes {

    /** A place means what is so near to it, mm. */
    public static final double REACH_MM = 1.5;

    /** Strips of colour are never narrower, mm. */
    private static final double FINEST_MM = 0.02;

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
     * The same with pieces that a person chose. A choice means the piece of colour nearest to its
     * place that lies within {@link #REACH_MM} of it; one that means none changes nothing.
     *
     * @param choices places in the black's mm, later ones over earlier ones
     */
    public static Geometry underlay(
            List<Polygon> black, BlackRecipe recipe, List<BlackChoice> choices) {
        Geometry byRule = underlay(black, recipe);
        return choices.isEmpty() ? byRule : chosen(black, recipe, byRule, choices);
    }

    private static Geometry chosen(
            List<Polygon> black, BlackRecipe recipe, Geometry byRule, List<BlackChoice> choices) {
        List<Geometry> kept = parts(byRule);
        // Whatever is wide enough for a strip of colour, however fine the rule calls it.
        double narrowest = 2 * recipe.keptBackMm() + FINEST_MM;
        List<Geometry> all = null;
        for (BlackChoice choice : choices) {
            Point at = FACTORY.createPoint(new Coordinate(choice.at().x(), choice.at().y()));
            Optional<Geometry> now = nearest(kept, at);
            if (!choice.rich()) {
                now.ifPresent(kept::remove);
                continue;
            }
            all = all == null ? parts(keptBack(black, recipe.keptBackMm(), narrowest)) : all;
            Optional<Geometry> more = nearest(all, at);
            more.ifPresent(
                    one -> {
                        kept.removeIf(other -> !other.disjoint(one));
                        kept.add(one);
                    });
        }
        return pieces(kept.stream());
    }

    private static List<Geometry> parts(Geometry shape) {
        return IntStream.range(0, shape.getNumGeometries())
                .mapToObj(shape::getGeometryN)
                .collect(Collectors.toCollection(ArrayList::new));
    }

    private static Optional<Geometry> nearest(List<Geometry> parts, Point at) {
        return parts.stream()
                .filter(one -> one.isWithinDistance(at, REACH_MM))
                .min(Comparator.comparingDouble(one -> one.distance(at)));
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
