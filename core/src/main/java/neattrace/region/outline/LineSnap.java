package neattrace.region.outline;

import java.util.List;
import neattrace.geom.Point;
import neattrace.region.Join;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Where areas are parted by an unseen line, their edge is that line again, not the row of pixels it
 * was drawn as. A corner moves by where it is alone, so neighbours keep sharing theirs.
 */
final class LineSnap {

    /** Half the row, rounded by a pixel, and what simplifying may move, px. */
    private static final double REACH_PX = 2;

    private final STRtree segments = new STRtree();

    /**
     * A piece of a line.
     *
     * @param first whether the line begins with it
     * @param last whether the line ends with it
     */
    private record Piece(LineSegment segment, boolean first, boolean last) {

        /** Beyond a line's end its edge runs on to another one, beneath the ink. */
        boolean isBeyondEnd(Coordinate corner) {
            double share = segment.projectionFactor(corner);
            return first && share <= 0 || last && share >= 1;
        }
    }

    /** For lines in mm. */
    LineSnap(List<Join> lines, double pxPerMm) {
        for (Join line : lines) {
            for (int i = 1; i < line.line().size(); i++) {
                LineSegment segment =
                        new LineSegment(
                                at(line.line().get(i - 1), pxPerMm),
                                at(line.line().get(i), pxPerMm));
                Envelope box = new Envelope(segment.p0, segment.p1);
                box.expandBy(REACH_PX);
                segments.insert(box, new Piece(segment, i == 1, i == line.line().size() - 1));
            }
        }
    }

    private static Coordinate at(Point mm, double pxPerMm) {
        return new Coordinate(mm.x() * pxPerMm, mm.y() * pxPerMm);
    }

    /**
     * Outlines with their corners on the lines they lie beside; the same outlines if that would
     * make any of them cross itself.
     */
    Geometry[] snapped(Geometry[] outlines) {
        if (segments.isEmpty()) {
            return outlines;
        }
        Geometry[] moved = new Geometry[outlines.length];
        for (int i = 0; i < outlines.length; i++) {
            moved[i] = snapped(outlines[i]);
            if (moved[i] != outlines[i] && !moved[i].isValid()) {
                return outlines;
            }
        }
        return moved;
    }

    private Geometry snapped(Geometry outline) {
        if (segments.query(outline.getEnvelopeInternal()).isEmpty()) {
            return outline;
        }
        Geometry copy = outline.copy();
        copy.apply((CoordinateFilter) this::snap);
        copy.geometryChanged();
        return copy;
    }

    private void snap(Coordinate corner) {
        Coordinate best = null;
        double least = REACH_PX;
        for (Object found : segments.query(new Envelope(corner))) {
            Piece piece = (Piece) found;
            Coordinate near = piece.segment.closestPoint(corner);
            double distance = near.distance(corner);
            if (distance < least && !piece.isBeyondEnd(corner)) {
                least = distance;
                best = near;
            }
        }
        if (best != null) {
            corner.setCoordinate(new Coordinate(best.x, best.y));
        }
    }
}
