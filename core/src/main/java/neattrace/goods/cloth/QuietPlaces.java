package neattrace.goods.cloth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.page.PageArea;
import neattrace.goods.page.PageAreas;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Places within a drawing where something of a proportion fits and nothing else is: the largest
 * ellipses of that proportion in its areas.
 */
final class QuietPlaces {

    private static final int MOST = 5;

    private QuietPlaces() {}

    /**
     * The middles of such places, those low in the drawing first, as signatures stand there.
     *
     * @param widthMm of what is to fit, on the drawing's page
     * @param heightMm of it
     */
    static List<Point> of(PageAreas areas, double widthMm, double heightMm) {
        record Found(Point at, double low) {}
        List<Found> found = new ArrayList<>();
        double squeeze = heightMm / widthMm;
        // A box lies in an ellipse that is larger by the square root of two.
        double need = heightMm / 2 * Math.sqrt(2);
        Envelope all = areas.ink().getEnvelopeInternal();
        for (PageArea area : areas.areas()) {
            Envelope box = area.paper().getEnvelopeInternal();
            if (box.getWidth() < widthMm || box.getHeight() < heightMm) {
                continue;
            }
            AffineTransformation narrow = AffineTransformation.scaleInstance(squeeze, 1);
            MaximumInscribedCircle circle =
                    new MaximumInscribedCircle(
                            (Polygon) narrow.transform(area.paper()), heightMm / 50);
            if (circle.getRadiusLine().getLength() >= need) {
                Coordinate at = circle.getCenter().getCoordinate();
                double low = (at.y - all.getMinY()) / all.getHeight();
                found.add(new Found(new Point(at.x / squeeze, at.y), low));
            }
        }
        found.sort(Comparator.comparingDouble(one -> -one.low()));
        return found.stream().limit(MOST).map(Found::at).toList();
    }
}
