package neattrace.standin.pen;

import java.util.List;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Geometry;

/**
 * A drawing whose truth is known.
 *
 * @param title what it is called
 * @param widthMm of the page
 * @param heightMm of the page
 * @param ink all ink as valid polygons, mm, y down
 * @param gaps where lines miss each other on purpose
 */
public record PenDrawing(
        String title, double widthMm, double heightMm, Geometry ink, List<KnownGap> gaps) {

    public PenDrawing {
        gaps = List.copyOf(gaps);
    }

    /**
     * A place where two lines fail to meet.
     *
     * @param place its middle, mm
     * @param widthMm how far they miss
     */
    public record KnownGap(Point place, double widthMm) {}
}
