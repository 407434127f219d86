package neattrace.gang;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import neattrace.goods.nest.Laid;
import neattrace.goods.sheet.SheetRoom;
import neattrace.goods.sheet.StickerSheet;
import org.locationtech.jts.geom.Polygon;

/** Which stickers lie in the way of others. */
final class GangWay {

    private final SheetRoom room;
    private final List<Polygon> stay = new ArrayList<>();

    private GangWay(SheetRoom room) {
        this.room = room;
    }

    /**
     * Numbers of places whose stickers are to be laid elsewhere. Pinned ones never are.
     *
     * @param laid the sheet as its places say
     * @param places the number of the place of each that lies there
     */
    static Set<Integer> of(GangSheet sheet, StickerSheet laid, List<Integer> places) {
        GangWay way = new GangWay(new SheetRoom(sheet.layout()));
        List<Laid> lying = laid.nest().laid();
        lying.stream().filter(Laid::pinned).forEach(one -> way.stay.add(laid.nest().shape(one)));
        Set<Integer> moving = new HashSet<>();
        for (int k = 0; k < lying.size(); k++) {
            Polygon shape = laid.nest().shape(lying.get(k));
            if (lying.get(k).pinned()) {
                continue;
            }
            if (way.isFree(shape)) {
                way.stay.add(shape);
            } else {
                moving.add(places.get(k));
            }
        }
        return moving;
    }

    private boolean isFree(Polygon shape) {
        return !room.isOverRim(shape)
                && !room.isOnKept(shape)
                && stay.stream().noneMatch(one -> room.isNear(one, shape));
    }
}
