package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import neattrace.geom.OutlineDistance;
import neattrace.trace.InkShape;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.centre.LineIndex;
import neattrace.trace.centre.PenTrack;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.index.hprtree.HPRtree;
import org.locationtech.jts.operation.buffer.VariableBuffer;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** The ground that a stretch of line covers, less what other lines cover too. */
final class Ground {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A line's edge is soft; so far beyond it its ink is wiped off, px. */
    private static final double SOFT_PX = 1.6;

    /** So far beyond their edges other lines are kept, px. */
    private static final double KEPT_PX = 0.6;

    private final LineIndex lines;
    private final HPRtree solids = new HPRtree();

    Ground(LineNet net, LineIndex lines) {
        this.lines = lines;
        for (SolidBlack solid : net.solids()) {
            PenTrack track = PenTrack.of(solid, 1, 0);
            solids.insert(envelope(track, 0), track);
        }
    }

    private static Envelope envelope(PenTrack track, double more) {
        Envelope box = new Envelope();
        double wide = 0;
        for (int i = 0; i < track.size(); i++) {
            box.expandToInclude(track.x()[i], track.y()[i]);
            wide = Math.max(wide, track.width()[i]);
        }
        box.expandBy(wide / 2 + more);
        return box;
    }

    /**
     * What has to be wiped to take a track off.
     *
     * @param own the lines of the net that the track is made of; all others stay
     * @param kept tracks that stay as well: what the line goes on as
     * @return rings in px; none if others cover all of it
     */
    List<double[]> alone(PenTrack track, IntPredicate own, List<PenTrack> kept) {
        Geometry ground = cover(track, SOFT_PX);
        List<Geometry> others = new ArrayList<>();
        kept.forEach(one -> others.add(cover(one, KEPT_PX)));
        Envelope box = envelope(track, SOFT_PX + KEPT_PX);
        for (LineIndex.Run run : lines.near(box)) {
            if (!own.test(run.line())) {
                others.add(cover(lines.track(run), KEPT_PX));
            }
        }
        // A tree that was never filled cannot be asked.
        if (solids.size() > 0) {
            solids.query(box, solid -> others.add(cover((PenTrack) solid, KEPT_PX)));
        }
        if (!others.isEmpty()) {
            Geometry stays = OverlayNGRobust.union(others);
            ground = OverlayNGRobust.overlay(ground, stays, OverlayNG.DIFFERENCE);
        }
        List<double[]> rings = new ArrayList<>();
        for (Object polygon : PolygonExtracter.getPolygons(ground)) {
            // Shells one way round, holes the other: what non-zero winding asks for.
            rings.addAll(OutlineDistance.rings(((Polygon) polygon).norm()));
        }
        return rings;
    }

    /** The polygon of a pen's track, {@code more} px wider to each side. */
    static Geometry cover(PenTrack track, double more) {
        PenTrack few = track.thinned(0.1);
        Coordinate[] places = new Coordinate[few.size()];
        double[] reach = new double[few.size()];
        int used = 0;
        for (int i = 0; i < few.size(); i++) {
            Coordinate at = new Coordinate(few.x()[i], few.y()[i]);
            double radius = few.width()[i] / 2 + more;
            // Discs within others add nothing, and a buffer has no tangents to them.
            while (used > 0 && isWithin(places[used - 1], reach[used - 1], at, radius)) {
                used--;
            }
            if (used == 0 || !isWithin(at, radius, places[used - 1], reach[used - 1])) {
                places[used] = at;
                reach[used++] = radius;
            }
        }
        if (used == 1) {
            return FACTORY.createPoint(places[0]).buffer(reach[0]);
        }
        return VariableBuffer.buffer(
                FACTORY.createLineString(Arrays.copyOf(places, used)), Arrays.copyOf(reach, used));
    }

    private static boolean isWithin(
            Coordinate inner, double innerRadius, Coordinate outer, double outerRadius) {
        return inner.distance(outer) <= outerRadius - innerRadius + 1e-3;
    }

    /** Rings in px as a shape on the page. */
    static InkShape.Area onPage(List<double[]> rings, double pxPerMm) {
        return new InkShape.Area(
                rings.stream()
                        .map(ring -> Arrays.stream(ring).map(v -> v / pxPerMm).toArray())
                        .toList());
    }
}
