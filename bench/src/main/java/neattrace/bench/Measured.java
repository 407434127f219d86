package neattrace.bench;

import java.util.List;
import java.util.Locale;
import neattrace.geom.OutlineDistance;
import neattrace.standin.pen.PenDrawing;
import neattrace.trace.Tracing;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * How far traced outlines keep from the true ones.
 *
 * @param distance both ways, px
 * @param parts traced pieces of ink
 * @param trueParts pieces of the drawing
 * @param holes traced holes
 * @param trueHoles holes of the drawing
 * @param segmentsPerKpx curve segments per 1000 px of true outline
 */
record Measured(
        OutlineDistance distance,
        int parts,
        int trueParts,
        int holes,
        int trueHoles,
        double segmentsPerKpx) {

    static final String HEADING =
            String.format(
                    Locale.ROOT,
                    "%7s %7s %7s %9s %9s %8s",
                    "mean",
                    "99 %",
                    "max",
                    "parts",
                    "holes",
                    "seg/kpx");

    /** Compares a tracing with the drawing it was made from, at so many px a mm. */
    static Measured of(PenDrawing drawing, double pxPerMm, Tracing tracing) {
        return of(
                AffineTransformation.scaleInstance(pxPerMm, pxPerMm).transform(drawing.ink()),
                tracing);
    }

    /** Compares a tracing with polygons in px. */
    static Measured of(Geometry truth, Tracing tracing) {
        List<double[]> trueRings = OutlineDistance.rings(truth);
        OutlineDistance distance =
                OutlineDistance.between(
                        trueRings, OutlineDistance.rings(tracing.outlines(), 0.005));
        int holes = 0;
        for (int i = 0; i < truth.getNumGeometries(); i++) {
            holes += ((Polygon) truth.getGeometryN(i)).getNumInteriorRing();
        }
        return new Measured(
                distance,
                tracing.outlines().size(),
                truth.getNumGeometries(),
                tracing.holes(),
                holes,
                tracing.segments() * 1000 / OutlineDistance.length(trueRings));
    }

    /** One row under {@link #HEADING}. */
    String row() {
        return String.format(
                Locale.ROOT,
                "%7.3f %7.3f %7.2f %4d/%-4d %4d/%-4d %8.1f",
                distance.mean(),
                distance.percentile99(),
                distance.max(),
                parts,
                trueParts,
                holes,
                trueHoles,
                segmentsPerKpx);
    }
}
