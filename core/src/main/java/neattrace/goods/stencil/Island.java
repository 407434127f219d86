package neattrace.goods.stencil;

import java.util.List;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A piece of the sheet that would fall out.
 *
 * @param piece its number, from 1
 * @param shape mm on the sheet
 * @param middle a place within it
 * @param ties how many hold it
 * @param tiesMm how wide they are together
 * @param farthest the place on its edge that is farthest from what lies between its ties
 * @param reachMm how far away that is
 */
public record Island(
        int piece,
        Polygon shape,
        Point middle,
        int ties,
        double tiesMm,
        Point farthest,
        double reachMm) {

    /**
     * Of the square of how wide all ties are (common practice, no source): a disc of 2.5 cm holds
     * by two usual ties of 2.5 mm, one of 4 cm wants a third.
     */
    private static final double BEARS = 40;

    /** An island held by ties. */
    static Island of(int piece, Polygon shape, Point middle, List<Tie> ties) {
        if (ties.isEmpty()) {
            return new Island(piece, shape, middle, 0, 0, middle, 0);
        }
        Geometry held =
                new GeometryFactory()
                        .createMultiPointFromCoords(
                                ties.stream()
                                        .map(
                                                tie ->
                                                        new Coordinate(
                                                                tie.middle().x(), tie.middle().y()))
                                        .toArray(Coordinate[]::new))
                        .convexHull();
        Coordinate farthest = shape.getCoordinate();
        double reach = -1;
        for (Coordinate at : shape.getExteriorRing().getCoordinates()) {
            double away = held.distance(held.getFactory().createPoint(at));
            if (away > reach) {
                reach = away;
                farthest = at;
            }
        }
        return new Island(
                piece,
                shape,
                middle,
                ties.size(),
                ties.stream().mapToDouble(Tie::widthMm).sum(),
                new Point(farthest.x, farthest.y),
                reach);
    }

    /**
     * What hangs on its ties, mm2: half its area where they stand round it, more the farther parts
     * of it reach beyond them, as a lever does.
     */
    public double loadMm2() {
        double area = shape.getArea();
        return area / 2 + reachMm * Math.sqrt(area);
    }

    /** What its ties bear, mm2. */
    public double bearsMm2() {
        return BEARS * tiesMm * tiesMm;
    }

    /** Whether it has ties enough by their number, and still too little for what hangs on them. */
    public boolean isHeavy() {
        return ties > 1 && loadMm2() > bearsMm2();
    }
}
