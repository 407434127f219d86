package neattrace.standin.cutter;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * How far a sheet may lie off under the blade: drift moves all cuts the same way, whichever way
 * that is, so a cut reaches what lies nearest to it first.
 */
public final class DriftCheck {

    private DriftCheck() {}

    /**
     * What a drift brings out at one cut.
     *
     * @param cut its number in the file
     * @param backgroundMm from so much drift on, what lies beyond the bleed shows; infinite if
     *     there is nothing
     * @param backgroundAt where first
     * @param artMm from so much drift on, the drawing is cut into
     * @param artAt where first
     */
    public record Margin(
            int cut, double backgroundMm, Point backgroundAt, double artMm, Point artAt) {}

    /**
     * Looks at all cuts that are closed.
     *
     * @param cuts as the blade runs
     * @param bled what is printed in the border's or the edge's colour, bleed and all, mm
     * @param art what must not be cut into: the silhouettes, mm; empty where the cut runs through
     *     them
     */
    public static List<Margin> of(List<CutPath> cuts, Geometry bled, Geometry art) {
        GeometryFactory factory = new GeometryFactory();
        List<Margin> margins = new ArrayList<>();
        IndexedFacetDistance edge = new IndexedFacetDistance(bled.getBoundary());
        for (int i = 0; i < cuts.size(); i++) {
            CutPath cut = cuts.get(i);
            if (!cut.isClosed() || cut.through()) {
                continue;
            }
            LineString line =
                    factory.createLineString(
                            cut.points().stream()
                                    .map(at -> new Coordinate(at.x(), at.y()))
                                    .toArray(Coordinate[]::new));
            boolean outside = !bled.covers(line);
            Coordinate[] near = edge.nearestPoints(line);
            double background = outside ? 0 : near[0].distance(near[1]);
            double cutsArt = Double.POSITIVE_INFINITY;
            Point artAt = cut.start();
            if (!art.isEmpty()) {
                Coordinate[] at = DistanceOp.nearestPoints(line, art);
                cutsArt = at[0].distance(at[1]);
                artAt = new Point(at[0].x, at[0].y);
            }
            margins.add(new Margin(i, background, new Point(near[1].x, near[1].y), cutsArt, artAt));
        }
        return margins;
    }
}
