package neattrace.app.docket;

import javafx.scene.image.Image;
import javafx.scene.image.WritableImage;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;

/** Small pictures of places on the scan. */
public final class Thumbnails {

    private static final int SIZE = 128;
    private static final double LEAST_REACH_MM = 1.5;

    private Thumbnails() {}

    /** The scan round a finding. */
    public static Image of(Shown shown, Finding finding) {
        Drawing drawing = shown.drawing();
        double pxPerMm = drawing.resolution().pxPerMm();
        double reach = Math.max(LEAST_REACH_MM, finding.reachMm()) * pxPerMm;
        Point centre = finding.place().times(pxPerMm);
        WritableImage image = new WritableImage(SIZE, SIZE);
        for (int y = 0; y < SIZE; y++) {
            for (int x = 0; x < SIZE; x++) {
                int px = (int) Math.floor(centre.x() + ((x + 0.5) / SIZE - 0.5) * 2 * reach);
                int py = (int) Math.floor(centre.y() + ((y + 0.5) / SIZE - 0.5) * 2 * reach);
                int rgb = drawing.reading().frame().rgbAt(drawing.picture(), px, py);
                image.getPixelWriter().setArgb(x, y, 0xFF000000 | rgb);
            }
        }
        return image;
    }
}
