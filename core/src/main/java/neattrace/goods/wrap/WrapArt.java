package neattrace.goods.wrap;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A drawing as far as a wrap must know it to lay it.
 *
 * @param extent how far its ink reaches, mm on its page
 * @param hull convex round its ink
 */
public record WrapArt(Extent extent, Geometry hull) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Curves are followed so closely, mm. */
    private static final double FLAT_MM = 0.05;

    /** That of a drawing; some milliseconds. */
    public static WrapArt of(Drawing drawing) {
        List<Coordinate> places = new ArrayList<>();
        for (Outline outline : drawing.lines()) {
            add(outline.outer(), places);
        }
        Geometry hull = new ConvexHull(places.toArray(Coordinate[]::new), FACTORY).getConvexHull();
        return new WrapArt(drawing.extent(), hull);
    }

    private static void add(CubicLoop loop, List<Coordinate> places) {
        double[] xy = loop.flatten(FLAT_MM);
        for (int i = 0; i < xy.length; i += 2) {
            places.add(new Coordinate(xy[i], xy[i + 1]));
        }
    }

    /** The middle of its ink's box, mm on its page. */
    Point middle() {
        return new Point(
                (extent.left() + extent.right()) / 2, (extent.top() + extent.bottom()) / 2);
    }
}
