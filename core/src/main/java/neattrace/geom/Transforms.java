package neattrace.geom;

import java.awt.geom.AffineTransform;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.NoninvertibleTransformationException;

/** Affine maps of the libraries for points of ours, and one library's as the other's. */
public final class Transforms {

    private Transforms() {}

    /** Where a map takes a point. */
    public static Point apply(AffineTransformation map, Point at) {
        Coordinate place = new Coordinate(at.x(), at.y());
        map.transform(place, place);
        return new Point(place.x, place.y);
    }

    /**
     * The map back.
     *
     * @throws IllegalArgumentException if there is none, because all is taken to a line or a point
     */
    public static AffineTransformation inverse(AffineTransformation map) {
        try {
            return map.getInverse();
        } catch (NoninvertibleTransformationException e) {
            throw new IllegalArgumentException("a map that leaves no area cannot be undone", e);
        }
    }

    /** The same map for shapes of Java2D. */
    public static AffineTransform toAwt(AffineTransformation map) {
        double[] m = map.getMatrixEntries();
        return new AffineTransform(m[0], m[3], m[1], m[4], m[2], m[5]);
    }

    /** The same map for geometries. */
    public static AffineTransformation toJts(AffineTransform map) {
        return new AffineTransformation(
                map.getScaleX(),
                map.getShearX(),
                map.getTranslateX(),
                map.getShearY(),
                map.getScaleY(),
                map.getTranslateY());
    }
}
