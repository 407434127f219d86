package neattrace.goods.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What lies within a cut, by the rules of blades and vinyl. */
final class BladeRules {

    /** Corners of a quarter circle: its chords keep within a ten-thousandth of its radius. */
    private static final int QUARTER = 56;

    private static final BufferParameters ROUND = new BufferParameters(QUARTER);

    /** Rounds in which necks are widened, and tips rounded. */
    private static final int ROUNDS = 3;

    /** What an opening takes away of rounded shapes is no neck, share of its width. */
    private static final double ROUNDING = 1.001;

    /** Tips are so much rounder than they must be. */
    private static final double TIP_SPARE = 1.25;

    private BladeRules() {}

    /**
     * What widens necks that would tear, if any would.
     *
     * @param silhouette polygons, mm
     */
    static Geometry webs(Geometry silhouette, CutRecipe recipe) {
        if (recipe.neckMm() <= 2 * recipe.borderMm()) {
            return silhouette.getFactory().createMultiPolygon();
        }
        Geometry none = silhouette.getFactory().createMultiPolygon();
        Geometry body = apply(silhouette, recipe, none, 0, recipe.radiusMm());
        return webs(body, recipe.neckMm(), recipe.radiusMm());
    }

    /**
     * The body of stickers.
     *
     * @param silhouette polygons, mm
     * @param webs what is added so that necks hold
     * @param more how much farther out than the border it lies, mm
     * @param radius no curve of it is tighter, mm
     */
    static Geometry apply(
            Geometry silhouette, CutRecipe recipe, Geometry webs, double more, double radius) {
        Geometry printed = recipe.holes() ? silhouette : PrintedShape.filled(silhouette);
        double border = recipe.borderMm() + more;
        Geometry body = border > 0 ? grown(printed, border) : printed;
        double tip = Math.min(radius, TIP_SPARE * recipe.radiusMm());
        body = border < recipe.radiusMm() ? tipsRounded(body, tip) : body;
        body = webs.isEmpty() ? body : union(body, webs);
        body = closed(body, Math.max(radius, recipe.joinMm() / 2));
        body = loose(body, recipe, radius);
        return recipe.holes() ? holesRounded(body, radius) : PrintedShape.filled(body);
    }

    private static Geometry loose(Geometry body, CutRecipe recipe, double radius) {
        List<Polygon> pieces = pieces(body);
        if (pieces.size() < 2 || recipe.loose() == Loose.OWN) {
            return body;
        }
        if (recipe.loose() == Loose.LEAVE) {
            return pieces.get(0);
        }
        return closed(bridged(pieces, Math.max(recipe.neckMm(), 2 * radius)), radius);
    }

    /** Each piece held by the shortest bridge to those that are held already. */
    private static Geometry bridged(List<Polygon> pieces, double widthMm) {
        Geometry held = pieces.get(0);
        List<Polygon> left = new ArrayList<>(pieces.subList(1, pieces.size()));
        while (!left.isEmpty()) {
            Geometry now = held;
            Polygon next =
                    left.stream().min(Comparator.comparingDouble(one -> one.distance(now))).get();
            left.remove(next);
            Coordinate[] way = DistanceOp.nearestPoints(held, next);
            Geometry bridge = grown(held.getFactory().createLineString(way), widthMm / 2);
            held = union(union(held, bridge), next);
        }
        return held;
    }

    /** Polygons of a geometry, the largest first. */
    static List<Polygon> pieces(Geometry shape) {
        List<Polygon> pieces = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(shape)) {
            pieces.add((Polygon) one);
        }
        pieces.sort(Comparator.comparingDouble((Polygon piece) -> -piece.getArea()));
        return pieces;
    }

    /** Holes that are wide enough stay; what sticks out is round already. */
    private static Geometry holesRounded(Geometry body, double radius) {
        List<Geometry> polygons = new ArrayList<>();
        for (Polygon polygon : pieces(body)) {
            Geometry shape = polygon.getFactory().createPolygon(polygon.getExteriorRing());
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                Geometry hole = shape.getFactory().createPolygon(polygon.getInteriorRingN(i));
                Geometry round = opened(hole, radius);
                shape = round.isEmpty() ? shape : less(shape, round);
            }
            polygons.add(shape);
        }
        return body.getFactory().buildGeometry(polygons);
    }

    /**
     * Tips that are more pointed than a disc: each gets a disc that touches it from within, so that
     * the line bulges a little beside it and keeps off it.
     */
    private static Geometry tipsRounded(Geometry shape, double radius) {
        Geometry body = shape;
        for (int round = 0; round < ROUNDS; round++) {
            Geometry plain = opened(body, radius);
            if (plain.isEmpty()) {
                return grown(shape, radius);
            }
            List<Geometry> discs = new ArrayList<>();
            for (Polygon tip : pieces(less(body, plain))) {
                Coordinate top = farthest(tip, plain);
                Coordinate foot =
                        DistanceOp.nearestPoints(plain, shape.getFactory().createPoint(top))[0];
                double way = foot.distance(top);
                if (way > radius * (ROUNDING - 1) * 10) {
                    double middle = radius / way;
                    discs.add(
                            disc(
                                    new Coordinate(
                                            top.x + middle * (foot.x - top.x),
                                            top.y + middle * (foot.y - top.y)),
                                    radius,
                                    shape));
                }
            }
            if (discs.isEmpty()) {
                return body;
            }
            discs.add(body);
            body = closed(united(discs, shape), radius);
        }
        return body;
    }

    private static Geometry disc(Coordinate middle, double radius, Geometry shape) {
        return grown(shape.getFactory().createPoint(middle), radius);
    }

    private static Coordinate farthest(Polygon tip, Geometry from) {
        Coordinate farthest = tip.getCoordinate();
        double most = -1;
        for (Coordinate at : tip.getExteriorRing().getCoordinates()) {
            double way = from.distance(from.getFactory().createPoint(at));
            if (way > most) {
                most = way;
                farthest = at;
            }
        }
        return farthest;
    }

    /** Strips between parts that are wider, as wide as they have to be. */
    private static Geometry webs(Geometry shape, double neckMm, double radius) {
        Geometry body = shape;
        List<Geometry> webs = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            Geometry wide = opened(body, neckMm / 2);
            Geometry near = grown(wide, neckMm / 2 * (ROUNDING - 1));
            int before = webs.size();
            for (Polygon thin : pieces(less(body, near))) {
                Geometry reaching = grown(thin, neckMm * (ROUNDING - 1));
                Geometry ends = OverlayNGRobust.overlay(reaching, wide, OverlayNG.INTERSECTION);
                if (pieces(ends).size() > 1) {
                    webs.add(grown(thin, neckMm / 4));
                }
            }
            if (webs.size() == before) {
                break;
            }
            body = closed(union(body, united(webs, shape)), radius);
        }
        return united(webs, shape);
    }

    private static Geometry united(List<Geometry> shapes, Geometry like) {
        return shapes.isEmpty()
                ? like.getFactory().createMultiPolygon()
                : OverlayNGRobust.union(like.getFactory().buildGeometry(shapes));
    }

    static Geometry grown(Geometry shape, double mm) {
        return BufferOp.bufferOp(shape, mm, ROUND);
    }

    /** Inlets narrower than a disc are closed, and corners of what stays are as round as it. */
    static Geometry closed(Geometry shape, double radius) {
        return grown(grown(shape, radius), -radius);
    }

    /** What is narrower than a disc is taken away, and corners are as round as it. */
    static Geometry opened(Geometry shape, double radius) {
        return grown(grown(shape, -radius), radius);
    }

    private static Geometry less(Geometry shape, Geometry taken) {
        return OverlayNGRobust.overlay(shape, taken, OverlayNG.DIFFERENCE);
    }

    private static Geometry union(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.UNION);
    }
}
