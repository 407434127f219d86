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
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What lies within a cut, by the rules of blades and vinyl. */
final class BladeRules {

    /** Corners of a quarter circle: its chords keep within a ten-thousandth of its radius. */
    private static final int QUARTER = 56;

    private static final BufferParameters ROUND = new BufferParameters(QUARTER);

    /** Where tips are is found with fewer: they keep within a thousandth. */
    private static final BufferParameters TIPS = new BufferParameters(20);

    /** Rounds in which necks are widened, and tips rounded. */
    private static final int ROUNDS = 3;

    /** What an opening takes away of rounded shapes is no neck, share of its width. */
    private static final double ROUNDING = 1.001;

    /** Tips are so much rounder than they must be. */
    private static final double TIP_SPARE = 1.25;

    /**
     * Smaller tips are none: their area by the square of the radius, and how far they stand out.
     */
    private static final double TIP_AREA = 1e-3;

    private static final double TIP_WAY = 0.01;

    private BladeRules() {}

    /**
     * What is added to a silhouette's border so that necks hold and no tip is too pointed; the same
     * however evenly the border is drawn.
     *
     * @param silhouette polygons, mm
     */
    static Geometry additions(Geometry silhouette, CutRecipe recipe) {
        Geometry none = silhouette.getFactory().createMultiPolygon();
        boolean pointed = recipe.borderMm() < recipe.radiusMm();
        boolean torn = recipe.neckMm() > 2 * recipe.borderMm();
        if (!pointed && !torn) {
            return none;
        }
        double radius = recipe.radiusMm();
        Geometry printed = recipe.holes() ? silhouette : PrintedShape.filled(silhouette);
        Geometry body = recipe.borderMm() > 0 ? grown(printed, recipe.borderMm()) : printed;
        Geometry tips = pointed ? tips(body, TIP_SPARE * radius) : none;
        if (!torn) {
            return tips;
        }
        Geometry joined = closed(union(body, tips), Math.max(radius, recipe.joinMm() / 2));
        Geometry webs = webs(loose(joined, recipe, radius), recipe.neckMm(), radius);
        return webs.isEmpty() ? tips : union(tips, webs);
    }

    /**
     * The body of stickers.
     *
     * @param silhouette polygons, mm
     * @param additions of {@link #additions}
     * @param more how much farther out than the border it lies, mm
     * @param radius no curve of it is tighter, mm
     */
    static Geometry apply(
            Geometry silhouette, CutRecipe recipe, Geometry additions, double more, double radius) {
        Geometry printed = recipe.holes() ? silhouette : PrintedShape.filled(silhouette);
        double border = recipe.borderMm() + more;
        Geometry body = border > 0 ? grown(printed, border) : printed;
        body = additions.isEmpty() ? body : union(body, grown(additions, more));
        body = closed(body, Math.max(radius, recipe.joinMm() / 2));
        body = loose(body, recipe, radius);
        return recipe.holes() ? holesRounded(body, radius) : PrintedShape.filled(body);
    }

    private static Geometry loose(Geometry body, CutRecipe recipe, double radius) {
        List<Polygon> pieces = pieces(body);
        if (pieces.size() < 2 || recipe.loose() == Loose.OWN && recipe.pieces().isEmpty()) {
            return body;
        }
        List<Polygon> held = new ArrayList<>(List.of(pieces.get(0)));
        List<Geometry> alone = new ArrayList<>();
        for (Polygon piece : pieces.subList(1, pieces.size())) {
            switch (recipe.of(piece)) {
                case BRIDGE -> held.add(piece);
                case OWN -> alone.add(piece);
                case LEAVE -> {}
            }
        }
        Geometry main = pieces.get(0);
        if (held.size() > 1) {
            main = closed(bridged(held, Math.max(recipe.neckMm(), 2 * radius)), radius);
        }
        return alone.isEmpty() ? main : union(main, united(alone, body));
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
    private static Geometry tips(Geometry shape, double radius) {
        Geometry body = shape;
        List<Geometry> all = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            Geometry plain = grown(grown(body, -radius, TIPS), radius, TIPS);
            if (plain.isEmpty()) {
                return grown(shape, radius);
            }
            List<Geometry> discs = new ArrayList<>();
            IndexedFacetDistance toPlain = new IndexedFacetDistance(plain);
            for (Polygon tip : pieces(less(body, plain))) {
                if (tip.getArea() < TIP_AREA * radius * radius) {
                    break;
                }
                Coordinate top = farthest(tip, toPlain);
                Coordinate foot = toPlain.nearestPoints(shape.getFactory().createPoint(top))[0];
                double way = foot.distance(top);
                if (way > TIP_WAY * radius) {
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
                break;
            }
            all.addAll(discs);
            Geometry more = union(body, united(discs, shape));
            body = grown(grown(more, radius, TIPS), -radius, TIPS);
        }
        return united(all, shape);
    }

    private static Geometry disc(Coordinate middle, double radius, Geometry shape) {
        return grown(shape.getFactory().createPoint(middle), radius);
    }

    private static Coordinate farthest(Polygon tip, IndexedFacetDistance from) {
        Coordinate farthest = tip.getCoordinate();
        double most = -1;
        for (Coordinate at : tip.getExteriorRing().getCoordinates()) {
            double way = from.distance(tip.getFactory().createPoint(at));
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
        return grown(shape, mm, ROUND);
    }

    private static Geometry grown(Geometry shape, double mm, BufferParameters how) {
        return BufferOp.bufferOp(shape, mm, how);
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
