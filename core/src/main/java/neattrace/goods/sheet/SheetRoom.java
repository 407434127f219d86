package neattrace.goods.sheet;

import java.util.List;
import neattrace.goods.nest.NestSheet;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Where cuts may lie on a sheet, and how near to one another; what is nearer by less than {@link
 * #ROUNDING_MM} is as it was asked for.
 */
public final class SheetRoom {

    /** Nearer than asked for by less is rounding, mm. */
    public static final double ROUNDING_MM = 0.02;

    private final double gapMm;
    private final Geometry inside;
    private final List<Geometry> kept;

    /** The room of a layout. */
    public SheetRoom(SheetLayout layout) {
        NestSheet sheet = layout.room();
        this.gapMm = layout.gapMm() - ROUNDING_MM;
        this.inside = sheet.inside().buffer(ROUNDING_MM);
        this.kept = sheet.kept().stream().map(one -> one.buffer(-ROUNDING_MM)).toList();
    }

    /** Whether two cuts lie nearer than the gap. */
    public boolean isNear(Polygon one, Polygon other) {
        return one.getEnvelopeInternal().distance(other.getEnvelopeInternal()) < gapMm
                && one.isWithinDistance(other, gapMm);
    }

    /** Whether a cut reaches over the rim. */
    public boolean isOverRim(Polygon cut) {
        return !inside.contains(cut);
    }

    /** Whether a cut lies too near a strip, or on a place that is kept clear. */
    public boolean isOnKept(Polygon cut) {
        return kept.stream().anyMatch(one -> one.intersects(cut));
    }
}
