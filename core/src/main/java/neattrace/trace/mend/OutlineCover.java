package neattrace.trace.mend;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Outline;
import neattrace.raster.ShapeCover;

/** The ink that outlines stand for, in a part of the sheet. */
public final class OutlineCover {

    private OutlineCover() {}

    /**
     * Paints it.
     *
     * @param outlines in mm
     * @param box the pixels to paint, within the sheet
     * @param width columns of the sheet
     * @param coverage of the whole sheet; only the box is written to
     */
    public static void paint(
            List<Outline> outlines, double pxPerMm, Rectangle box, int width, byte[] coverage) {
        AffineTransform toPx = AffineTransform.getScaleInstance(pxPerMm, pxPerMm);
        List<Path2D> inside = new ArrayList<>();
        for (Outline outline : outlines) {
            double[] bounds = outline.outer().bounds();
            Rectangle2D px =
                    new Rectangle2D.Double(
                            bounds[0] * pxPerMm,
                            bounds[1] * pxPerMm,
                            (bounds[2] - bounds[0]) * pxPerMm,
                            (bounds[3] - bounds[1]) * pxPerMm);
            if (px.intersects(box)) {
                Path2D path = outline.toPath();
                path.transform(toPx);
                inside.add(path);
            }
        }
        ShapeCover cover = ShapeCover.of(inside, box);
        for (int y = 0; y < cover.height(); y++) {
            System.arraycopy(
                    cover.cover(),
                    y * cover.width(),
                    coverage,
                    (cover.y() + y) * width + cover.x(),
                    cover.width());
        }
    }
}
