package neattrace.print;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.CubicPath;
import neattrace.geom.CubicSegments;
import neattrace.geom.Outline;
import neattrace.geom.Transforms;
import neattrace.raster.InkMap;
import org.locationtech.jts.geom.Geometry;

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
            return new Filled(Transforms.toJts(t).transform(polygons));
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
     * @param widthMm its usual width
     * @param widthsMm its width at places that are evenly far apart, from its start to its end;
     *     empty if it is as wide everywhere
     */
    record Stroked(CubicSegments path, boolean closed, double widthMm, List<Double> widthsMm)
            implements Vector {

        public Stroked {
            widthsMm = List.copyOf(widthsMm);
        }

        /** A line of one width. */
        public Stroked(CubicSegments path, boolean closed, double widthMm) {
            this(path, closed, widthMm, List.of());
        }

        @Override
        public Stroked placed(AffineTransform placing) {
            double growth = Math.sqrt(Math.abs(placing.getDeterminant()));
            return new Stroked(
                    path.mapped(placing),
                    closed,
                    widthMm * growth,
                    widthsMm.stream().map(one -> one * growth).toList());
        }

        /** The same from its other end. */
        Stroked reversed() {
            List<Double> widths = new ArrayList<>(widthsMm);
            Collections.reverse(widths);
            return new Stroked(((CubicPath) path).reversed(), closed, widthMm, widths);
        }

        /** The same, round, from another of its joints. */
        Stroked startingAt(int joint) {
            CubicLoop loop = (CubicLoop) path;
            if (widthsMm.isEmpty() || joint == 0) {
                return new Stroked(loop.startingAt(joint), closed, widthMm, widthsMm);
            }
            List<Double> widths = new ArrayList<>(widthsMm.subList(0, widthsMm.size() - 1));
            double share = StrokeWidths.share(loop, joint);
            Collections.rotate(widths, -(int) Math.round(share * widths.size()));
            widths.add(widths.get(0));
            return new Stroked(loop.startingAt(joint), closed, widthMm, widths);
        }
    }

    /** A picture in colours of its own, a photograph: never a plate, only to look at. */
    final class Photo implements Vector {

        private final byte[] jpeg;
        private final int widthPx;
        private final int heightPx;
        private final AffineTransform map;

        /**
         * A picture.
         *
         * @param jpeg its bytes; handed over, not copied
         * @param map from its pixels to mm, a similarity
         */
        public Photo(byte[] jpeg, int widthPx, int heightPx, AffineTransform map) {
            this.jpeg = jpeg;
            this.widthPx = widthPx;
            this.heightPx = heightPx;
            this.map = new AffineTransform(map);
        }

        /** Its bytes; not to be written to. */
        public byte[] jpeg() {
            return jpeg;
        }

        public int widthPx() {
            return widthPx;
        }

        public int heightPx() {
            return heightPx;
        }

        /** From its pixels to mm. */
        public AffineTransform map() {
            return new AffineTransform(map);
        }

        @Override
        public Photo placed(AffineTransform placing) {
            AffineTransform placed = new AffineTransform(placing);
            placed.concatenate(map);
            return new Photo(jpeg, widthPx, heightPx, placed);
        }
    }

    /**
     * Pixels of ink over the whole page, which stay where they are.
     *
     * @param ppi of the map
     */
    record Bitmap(InkMap ink, double ppi) implements PrintShape {}
}
