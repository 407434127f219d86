package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.gang.GangPlace;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.geom.Point;
import neattrace.goods.nest.Laid;
import neattrace.goods.sheet.SheetRoom;
import neattrace.goods.sheet.StickerSheet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Stickers too near to one another, or where none may lie. */
final class GangRoom {

    static final Kind NEAR =
            GangInspection.kind(
                    "sheet-cuts-near", Severity.STOP, Cost.RUN, "%d pairs of cuts lie too near");
    static final Kind OUTSIDE =
            GangInspection.kind(
                    "sheet-cut-outside",
                    Severity.STOP,
                    Cost.RUN,
                    "%d stickers lie where none may lie");

    private static final int MOST_TOLD = 60;

    private final GangSheet sheet;
    private final StickerSheet laid;
    private final List<GangPlace> places;
    private final SheetRoom room;
    private final List<Polygon> shapes;

    /**
     * Of a sheet.
     *
     * @param numbers of the places of what lies there
     */
    GangRoom(GangSheet sheet, StickerSheet laid, List<Integer> numbers) {
        this.sheet = sheet;
        this.laid = laid;
        this.places = numbers.stream().map(sheet.places()::get).toList();
        this.room = new SheetRoom(sheet.layout());
        this.shapes = laid.nest().laid().stream().map(laid.nest()::shape).toList();
    }

    List<Finding> near() {
        List<Laid> lying = laid.nest().laid();
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < lying.size(); i++) {
            for (int j = i + 1; j < lying.size() && found.size() < MOST_TOLD; j++) {
                if (room.isNear(shapes.get(i), shapes.get(j))) {
                    String key = NEAR.key() + ":" + where(lying.get(i)) + "/" + where(lying.get(j));
                    if (!sheet.left().contains(key)) {
                        found.add(near(i, j, key));
                    }
                }
            }
        }
        return found;
    }

    private Finding near(int i, int j, String key) {
        Laid one = laid.nest().laid().get(i);
        Laid other = laid.nest().laid().get(j);
        DistanceOp nearest = new DistanceOp(shapes.get(i), shapes.get(j));
        double mm = nearest.distance();
        Point from = point(nearest.nearestPoints()[0]);
        Point to = point(nearest.nearestPoints()[1]);
        Point at = from.plus(to).times(0.5);
        String names = GangInspection.name(laid, one) + " and " + GangInspection.name(laid, other);
        String pinned =
                one.pinned() && other.pinned()
                        ? "Both are pinned where you put them. "
                        : one.pinned() || other.pinned() ? "One is pinned there. " : "";
        return Finding.of(
                        NEAR,
                        mm > 0
                                ? String.format(Locale.ROOT, "%.1f mm between %s", mm, names)
                                : names + " lie on each other",
                        pinned
                                + String.format(
                                        Locale.ROOT,
                                        "%.1f mm are asked for; a blade that drifts 0.5 mm would"
                                                + " cut into the other.",
                                        sheet.layout().gapMm()),
                        new Answer.OnSheet(
                                "make-room",
                                "Make room",
                                "Made room",
                                now ->
                                        one.pinned() && other.pinned()
                                                ? freed(now, places.get(j))
                                                : now,
                                GangWork.MAKE_ROOM),
                        GangInspection.leave(key))
                .at(new Place.Stretch(at, from, to, false, List.of(), Math.max(8, mm)))
                .measuring(Measure.mm(mm))
                .against(sheet.layout().gapMm());
    }

    /** The sheet with a sticker no longer pinned, if it still lies there. */
    private static GangSheet freed(GangSheet sheet, GangPlace one) {
        int at = sheet.places().indexOf(one);
        return at < 0 ? sheet : sheet.with(at, one.withPinned(false));
    }

    List<Finding> outside() {
        List<Finding> found = new ArrayList<>();
        List<Laid> lying = laid.nest().laid();
        for (int i = 0; i < lying.size() && found.size() < MOST_TOLD; i++) {
            Polygon shape = shapes.get(i);
            boolean over = room.isOverRim(shape);
            String key = OUTSIDE.key() + ":" + where(lying.get(i));
            if ((over || room.isOnKept(shape)) && !sheet.left().contains(key)) {
                found.add(outside(i, over, key));
            }
        }
        return found;
    }

    private Finding outside(int i, boolean over, String key) {
        Laid one = laid.nest().laid().get(i);
        Envelope box = shapes.get(i).getEnvelopeInternal();
        return Finding.of(
                        OUTSIDE,
                        GangInspection.name(laid, one)
                                + (over
                                        ? " reaches into the rim"
                                        : " lies too near a strip, or on a kept-out place"),
                        String.format(
                                Locale.ROOT,
                                "%.0f mm are kept clear at the sheet’s edges, %.0f mm from strips;"
                                        + " cutters hold the sheet there.",
                                sheet.layout().rimMm(),
                                sheet.layout().gapMm()),
                        new Answer.OnSheet(
                                "make-room",
                                "Lay it elsewhere",
                                "Laid elsewhere",
                                now -> freed(now, places.get(i)),
                                GangWork.MAKE_ROOM),
                        GangInspection.leave(key))
                .at(new Place.Box(point(box.centre()), box.getWidth(), box.getHeight()));
    }

    private static Point point(Coordinate at) {
        return new Point(at.x, at.y);
    }

    /** Where one lies, so finely that nobody puts it there again by chance. */
    private static String where(Laid one) {
        return String.format(
                Locale.ROOT, "%.2f,%.2f,%.1f", one.xMm(), one.yMm(), one.turnDegrees());
    }
}
