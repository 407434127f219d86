package neattrace.flat.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import neattrace.flat.Form;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Lays forms on flats. */
public final class FormBuilder {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Smaller scraps than this are dropped, mm2. */
    private static final double SCRAP = 1e-4;

    private final Point fall;
    private final Map<Integer, List<MultiPolygon>> pieces;
    private final List<Form> lost = new ArrayList<>();

    private FormBuilder(Map<Integer, List<MultiPolygon>> pieces, Point fall) {
        this.fall = fall;
        this.pieces = new TreeMap<>();
        pieces.forEach((swatch, list) -> this.pieces.put(swatch, new ArrayList<>(list)));
    }

    /**
     * Flats with forms laid on them.
     *
     * @param pieces what each swatch covers, by id
     * @param lost forms that found nothing to lie on
     */
    public record Formed(Map<Integer, List<MultiPolygon>> pieces, List<Form> lost) {}

    /**
     * An enclosed area.
     *
     * @param outline runs beneath the ink, mm
     * @param beneathMm how far beneath the ink it runs on average, mm: forms are measured from
     *     where the paper begins
     */
    public record Ground(MultiPolygon outline, double beneathMm) {

        /**
         * An area of which so much is free paper.
         *
         * @param paper mm2
         */
        public static Ground of(MultiPolygon outline, double paper) {
            double hidden = Math.max(0, outline.getArea() - paper);
            return new Ground(outline, hidden / Math.max(1e-9, outline.getLength()));
        }
    }

    /** Tells the enclosed area at a place, mm. */
    @FunctionalInterface
    public interface Grounds {
        Optional<Ground> areaAt(Point place);
    }

    /**
     * Lays forms on flats, one after the other.
     *
     * @param pieces what each swatch covers, by id, mm
     * @param forms what is laid on
     * @param swatches ids that there are; a form in another colour is lost
     * @param fall the direction in which shadows fall, one mm long
     * @param grounds the areas
     * @param page the whole page
     * @param outside the paper round the drawing; empty if there is none
     */
    public static Formed lay(
            Map<Integer, List<MultiPolygon>> pieces,
            List<Form> forms,
            Set<Integer> swatches,
            Point fall,
            Grounds grounds,
            Polygon page,
            Optional<MultiPolygon> outside) {
        FormBuilder builder = new FormBuilder(pieces, fall);
        for (Form form : forms) {
            Optional<Form> seen = Optional.of(form);
            for (int id : form.needs()) {
                seen = swatches.contains(id) ? seen : seen.flatMap(left -> left.without(id));
            }
            if (seen.isEmpty() || !builder.lay(seen.get(), grounds, page, outside)) {
                builder.lost.add(form);
            }
        }
        return new Formed(builder.pieces, List.copyOf(builder.lost));
    }

    private boolean lay(Form form, Grounds grounds, Polygon page, Optional<MultiPolygon> outside) {
        if (form instanceof Form.Shade shade) {
            return shade(shade);
        }
        if (form instanceof Form.Cast cast) {
            return cast(cast, page, outside);
        }
        Form.Within within = (Form.Within) form;
        Optional<Ground> area = grounds.areaAt(within.anchor());
        return area.isPresent() && lay(shape(within, area.get()), within.swatch());
    }

    private Geometry shape(Form.Within form, Ground ground) {
        MultiPolygon area = ground.outline();
        if (form instanceof Form.Inset inset) {
            return area.buffer(-inset.mm() - ground.beneathMm());
        }
        if (form instanceof Form.Side side) {
            double reach = side.mm() + ground.beneathMm();
            double mm = side.lit() ? reach : -reach;
            // What lies within an area lies on it: only its outer edge has a lit and a shaded side.
            Geometry whole = filled(area);
            Geometry edge = minus(whole, moved(whole, fall.times(mm)));
            return overlay(edge, area, OverlayNG.INTERSECTION);
        }
        return overlay(ring(((Form.Highlight) form).ring()), area, OverlayNG.INTERSECTION);
    }

    private static MultiPolygon filled(MultiPolygon area) {
        Polygon[] filled = new Polygon[area.getNumGeometries()];
        for (int i = 0; i < filled.length; i++) {
            filled[i] = FACTORY.createPolygon(((Polygon) area.getGeometryN(i)).getExteriorRing());
        }
        return FACTORY.createMultiPolygon(filled);
    }

    /** Gives a shape to a swatch, whatever lay there. */
    private boolean lay(Geometry shape, int swatch) {
        MultiPolygon kept = polygons(shape);
        if (kept.isEmpty()) {
            return false;
        }
        takeOff(kept);
        pieces.computeIfAbsent(swatch, id -> new ArrayList<>()).add(kept);
        return true;
    }

    private void takeOff(MultiPolygon shape) {
        for (Map.Entry<Integer, List<MultiPolygon>> entry : pieces.entrySet()) {
            List<MultiPolygon> left = new ArrayList<>();
            for (MultiPolygon piece : entry.getValue()) {
                boolean near = piece.getEnvelopeInternal().intersects(shape.getEnvelopeInternal());
                MultiPolygon rest = near ? polygons(minus(piece, shape)) : piece;
                if (!rest.isEmpty()) {
                    left.add(rest);
                }
            }
            entry.setValue(left);
        }
    }

    private boolean shade(Form.Shade shade) {
        Geometry ring = ring(shade.ring());
        Map<Integer, List<MultiPolygon>> shaded = new TreeMap<>();
        shade.darker()
                .forEach(
                        (swatch, darker) -> {
                            for (MultiPolygon piece : pieces.getOrDefault(swatch, List.of())) {
                                if (!piece.getEnvelopeInternal()
                                        .intersects(ring.getEnvelopeInternal())) {
                                    continue;
                                }
                                MultiPolygon under =
                                        polygons(overlay(piece, ring, OverlayNG.INTERSECTION));
                                if (!under.isEmpty()) {
                                    shaded.computeIfAbsent(darker, id -> new ArrayList<>())
                                            .add(under);
                                }
                            }
                        });
        shaded.values().forEach(list -> list.forEach(piece -> takeOff(piece)));
        shaded.forEach(
                (swatch, list) ->
                        pieces.computeIfAbsent(swatch, id -> new ArrayList<>()).addAll(list));
        return !shaded.isEmpty();
    }

    /** The silhouette is all that is not the paper round the drawing. */
    private boolean cast(Form.Cast cast, Polygon page, Optional<MultiPolygon> outside) {
        if (outside.isEmpty()) {
            return false;
        }
        Geometry silhouette = minus(page, outside.get());
        Geometry fallen = moved(silhouette, fall.times(cast.mm()));
        Geometry free = overlay(fallen, outside.get(), OverlayNG.INTERSECTION);
        for (List<MultiPolygon> list : pieces.values()) {
            for (MultiPolygon piece : list) {
                if (piece.getEnvelopeInternal().intersects(free.getEnvelopeInternal())) {
                    free = minus(free, piece);
                }
            }
        }
        return lay(free, cast.swatch());
    }

    private static Geometry moved(Geometry shape, Point by) {
        return AffineTransformation.translationInstance(by.x(), by.y()).transform(shape);
    }

    private static Geometry minus(Geometry a, Geometry b) {
        return overlay(a, b, OverlayNG.DIFFERENCE);
    }

    /** Shapes that only touch leave lines and places as well, which no shape can be laid over. */
    private static MultiPolygon overlay(Geometry a, Geometry b, int operation) {
        return polygons(OverlayNGRobust.overlay(a, b, operation));
    }

    /** A ring that crosses itself is filled wherever it winds round an odd number of times. */
    private static Geometry ring(List<Point> places) {
        Coordinate[] ring = new Coordinate[places.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Point at = places.get(i % places.size());
            ring[i] = new Coordinate(at.x(), at.y());
        }
        return GeometryFixer.fix(FACTORY.createPolygon(ring));
    }

    private static MultiPolygon polygons(Geometry shape) {
        List<Polygon> kept = new ArrayList<>();
        for (Object polygon : PolygonExtracter.getPolygons(shape)) {
            if (((Polygon) polygon).getArea() > SCRAP) {
                kept.add((Polygon) polygon);
            }
        }
        return FACTORY.createMultiPolygon(kept.toArray(Polygon[]::new));
    }
}
