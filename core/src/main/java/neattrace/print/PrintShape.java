package neattrace.print;

import java.awt.geom.AffineTransform;
import neattrace.geom.CubicSegments;
import neattrace.geom.Outline;
import neattrace.raster.InkMap;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/** What an object covers, mm. */
public sealed interface PrintShape {

    /** A shape of curves, which can be laid down anywhere. */
    sealed interface Vector extends PrintShape {

        /**
         * The same placed.
         *
         * @param placing a similarity: lengths in all directions grow alike
         */
        Vector placed(AffineTransform placing);
    }

    /** Polygons, filled even-odd. */
    record Filled(Geometry polygons) implements Vector {

        @Override
        public Filled placed(AffineTransform t) {
            AffineTransformation map =
                    new AffineTransformation(
                            t.getScaleX(),
                            t.getShearX(),
                            t.getTranslateX(),
                            t.getShearY(),
                            t.getScaleY(),
                            t.getTranslateY());
            return new Filled(map.transform(polygons));
        }
    }

    /** A closed curve with holes, filled even-odd. */
    record Curved(Outline outline) implements Vector {

        @Override
        public Curved placed(AffineTransform placing) {
            return new Curved(outline.mapped(placing));
        }
    }

    /**
     * A line along a path, with round ends and joins.
     *
     * @param closed whether it ends where it begins
     */
    record Stroked(CubicSegments path, boolean closed, double widthMm) implements Vector {

        @Override
        public Stroked placed(AffineTransform placing) {
            double growth = Math.sqrt(Math.abs(placing.getDeterminant()));
            return new Stroked(path.mapped(placing), closed, widthMm * growth);
        }
    }

    /**
     * Pixels of ink over the whole page, which stay where they are.
     *
     * @param ppi of the map
     */
    record Bitmap(InkMap ink, double ppi) implements PrintShape {}
}
