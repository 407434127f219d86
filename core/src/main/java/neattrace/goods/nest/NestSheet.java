package neattrace.goods.nest;

import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Where pieces may lie.
 *
 * @param widthMm of the sheet
 * @param heightMm its height
 * @param rimMm cuts keep so far from its edges
 * @param gapMm from cut to cut at least
 * @param kept places where nothing may lie, mm of the sheet
 */
public record NestSheet(
        double widthMm, double heightMm, double rimMm, double gapMm, List<Geometry> kept) {

    /** No sheet is larger, mm. */
    public static final double MOST_MM = 5000;

    public NestSheet {
        kept = List.copyOf(kept);
        if (!(widthMm > 0 && heightMm > 0 && widthMm <= MOST_MM && heightMm <= MOST_MM)) {
            throw new IllegalArgumentException("a sheet has up to 5000 x 5000 mm");
        }
        if (!(rimMm >= 0 && gapMm >= 0 && gapMm <= 100)) {
            throw new IllegalArgumentException("rim and gap are 0 mm or more, a gap at most 100");
        }
    }

    /** The same with another gap. */
    public NestSheet withGapMm(double value) {
        return new NestSheet(widthMm, heightMm, rimMm, value, kept);
    }

    /** Its part within the rim; empty if there is none. */
    public Geometry inside() {
        GeometryFactory factory = new GeometryFactory();
        double right = widthMm - rimMm;
        double bottom = heightMm - rimMm;
        return right <= rimMm || bottom <= rimMm
                ? factory.createPolygon()
                : factory.toGeometry(new Envelope(rimMm, right, rimMm, bottom));
    }
}
