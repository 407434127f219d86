package neattrace.gang;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.NestSheet;
import neattrace.goods.sheet.StickerSheet;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Which stickers lie in the way of others. */
final class GangWay {

    /** Nearer than the gap by less is rounding, mm. */
    private static final double ROUNDING_MM = 0.02;

    private final NestSheet room;
    private final Geometry inside;
    private final List<Polygon> stay = new ArrayList<>();

    private GangWay(NestSheet room) {
        this.room = room;
        this.inside = room.inside().buffer(ROUNDING_MM);
    }

    /**
     * Numbers of places whose stickers are to be laid elsewhere. Pinned ones never are.
     *
     * @param laid the sheet as its places say, in their order
     */
    static Set<Integer> of(GangSheet sheet, StickerSheet laid) {
        GangWay way = new GangWay(laid.nest().sheet());
        List<Laid> lying = laid.nest().laid();
        lying.stream().filter(Laid::pinned).forEach(one -> way.stay.add(laid.nest().shape(one)));
        Set<Integer> moving = new HashSet<>();
        int at = 0;
        for (int i = 0; i < sheet.places().size() && at < lying.size(); i++) {
            // Places of drawings that cannot be read lie nowhere.
            if (!isOf(sheet.places().get(i), lying.get(at))) {
                continue;
            }
            Laid one = lying.get(at++);
            if (one.pinned()) {
                continue;
            }
            Polygon shape = laid.nest().shape(one);
            if (way.isFree(shape)) {
                way.stay.add(shape);
            } else {
                moving.add(i);
            }
        }
        return moving;
    }

    private static boolean isOf(GangPlace place, Laid laid) {
        return place.xMm() == laid.xMm()
                && place.yMm() == laid.yMm()
                && place.turnDegrees() == laid.turnDegrees();
    }

    private boolean isFree(Polygon shape) {
        double gap = room.gapMm() - ROUNDING_MM;
        return inside.contains(shape)
                && room.kept().stream().noneMatch(one -> one.buffer(-ROUNDING_MM).intersects(shape))
                && stay.stream().noneMatch(one -> isNear(one, shape, gap));
    }

    private static boolean isNear(Polygon one, Polygon other, double gap) {
        return one.getEnvelopeInternal().distance(other.getEnvelopeInternal()) < gap
                && one.isWithinDistance(other, gap);
    }
}
