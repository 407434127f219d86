package neattrace.app.findings;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import neattrace.app.work.KnownSheet;
import neattrace.app.work.Looked;
import neattrace.app.work.LookedDrawing;
import neattrace.app.work.LookedSheet;
import neattrace.finding.Place;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;

/** Small pictures of places; each is made once. */
final class Thumbnails {

    static final int WIDTH = 72;
    static final int HEIGHT = 56;

    /** Sharp on screens of twice the density, too. */
    private static final int DENSITY = 2;

    private static final double LEAST_REACH_MM = 1.5;

    private static final int MOST_KNOWN = 300;

    private final Map<Place, Image> known =
            new LinkedHashMap<>() {
                @Override
                protected boolean removeEldestEntry(Map.Entry<Place, Image> eldest) {
                    return size() > MOST_KNOWN;
                }
            };
    private Drawing of;
    private KnownSheet sheet;

    /** What is round a place: the scan, or cuts of a sheet. */
    Image of(Looked looked, Place place) {
        if (looked instanceof LookedSheet known) {
            return of(known.known(), place);
        }
        return of(((LookedDrawing) looked).drawing(), place);
    }

    private Image of(KnownSheet known, Place place) {
        if (sheet != known) {
            this.known.clear();
        }
        sheet = known;
        of = null;
        return this.known.computeIfAbsent(place, at -> CutsPicture.of(known.laid(), at));
    }

    private Image of(Drawing drawing, Place place) {
        boolean other =
                of == null
                        || of.picture() != drawing.picture()
                        || of.reading().frame() != drawing.reading().frame();
        if (other) {
            known.clear();
        }
        of = drawing;
        sheet = null;
        return known.computeIfAbsent(place, at -> paint(drawing, at));
    }

    private static Image paint(Drawing drawing, Place place) {
        int width = WIDTH * DENSITY;
        int height = HEIGHT * DENSITY;
        double pxPerMm = drawing.resolution().pxPerMm();
        double reach = Math.max(LEAST_REACH_MM, place.reachMm()) * pxPerMm;
        Point centre = place.at().times(pxPerMm);
        int[] argb = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double dx = (x + 0.5 - width / 2.0) / height * 2 * reach;
                double dy = (y + 0.5 - height / 2.0) / height * 2 * reach;
                int px = (int) Math.floor(centre.x() + dx);
                int py = (int) Math.floor(centre.y() + dy);
                int rgb = drawing.reading().frame().rgbAt(drawing.picture(), px, py);
                argb[y * width + x] = 0xFF000000 | rgb;
            }
        }
        WritableImage image = new WritableImage(width, height);
        image.getPixelWriter()
                .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), argb, 0, width);
        return image;
    }
}
