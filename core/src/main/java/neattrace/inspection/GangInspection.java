package neattrace.inspection;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.gang.GangArranger;
import neattrace.gang.GangDrawing;
import neattrace.gang.GangSheet;
import neattrace.gang.GangSticker;
import neattrace.gang.GangWork;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.Nest;
import neattrace.goods.sheet.StickerSheet;

/**
 * What stands against a sheet of stickers: drawings that are gone or changed, cuts too near to one
 * another or to the rim, stickers that found no room. Lengths on the sheet, mm.
 */
public final class GangInspection {

    /** The station's key. */
    public static final String STATION = "make";

    /** What a person takes up to find a drawing that was moved; an id follows. */
    public static final String FIND = "find-drawing:";

    private static final Kind MISSING =
            kind("sheet-drawing-missing", Severity.STOP, Cost.RUN, "%d drawings are gone");
    private static final Kind UNREADABLE =
            kind("sheet-drawing-unreadable", Severity.STOP, Cost.RUN, "%d drawings cannot be used");
    private static final Kind LEFT_OVER =
            kind("sheet-left-over", Severity.LOOK, Cost.WORK, "%d drawings find no room");
    private static final Kind CHANGED =
            kind("sheet-drawing-changed", Severity.LOOK, Cost.WORK, "%d drawings were changed");
    private static final Kind SMALL =
            kind("sheet-sticker-small", Severity.LOOK, Cost.WORK, "%d drawings are hard to peel");

    /** All that may be found. */
    static final List<Kind> KINDS =
            List.of(
                    MISSING,
                    UNREADABLE,
                    GangRoom.NEAR,
                    GangRoom.OUTSIDE,
                    LEFT_OVER,
                    CHANGED,
                    GangWhole.CRAMMED,
                    GangWhole.COLOURED,
                    SMALL,
                    GangWhole.INKS,
                    GangWhole.UNWRITTEN);

    private final GangSheet sheet;
    private final List<GangSticker> stickers;
    private final StickerSheet laid;

    private GangInspection(GangSheet sheet, List<GangSticker> stickers, StickerSheet laid) {
        this.sheet = sheet;
        this.stickers = stickers;
        this.laid = laid;
    }

    /**
     * Looks a sheet through.
     *
     * @param stickers what became of all its drawings
     */
    public static Findings of(GangSheet sheet, List<GangSticker> stickers) {
        return of(sheet, stickers, GangArranger.laid(sheet, stickers));
    }

    /** The same where it is known already how they lie. */
    public static Findings of(GangSheet sheet, List<GangSticker> stickers, StickerSheet laid) {
        return new Findings(new GangInspection(sheet, stickers, laid).groups());
    }

    static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        add(groups, missing());
        add(groups, unreadable());
        GangRoom room = new GangRoom(sheet, laid, GangArranger.places(sheet, stickers));
        add(groups, room.near());
        add(groups, room.outside());
        add(groups, leftOver());
        Group.of(changed(), "keep", "Keep all as they lie").ifPresent(groups::add);
        GangWhole whole = new GangWhole(sheet, laid);
        add(groups, whole.crammed());
        add(groups, whole.coloured());
        add(groups, small());
        add(groups, whole.inks());
        add(groups, whole.unwritten());
        return groups;
    }

    private static void add(List<Group> groups, List<Finding> found) {
        Group.of(found, Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
    }

    static Answer.OnSheet leave(String finding) {
        return new Answer.OnSheet(
                "leave",
                "Leave it",
                "Left as it is",
                sheet -> sheet.leaving(finding),
                GangWork.NONE);
    }

    private static Answer without(GangDrawing drawing) {
        return new Answer.OnSheet(
                "leave-out",
                "Leave it out",
                "Left out: " + drawing.name(),
                sheet -> sheet.without(drawing.id()),
                GangWork.NONE);
    }

    private List<Finding> missing() {
        return stickers.stream()
                .filter(GangSticker::missing)
                .map(GangSticker::drawing)
                .map(
                        drawing ->
                                Finding.of(
                                        MISSING,
                                        drawing.name() + " is not where it was",
                                        "The sheet points at "
                                                + drawing.file()
                                                + ", which was moved, renamed or deleted. Its"
                                                + " places are kept.",
                                        new Answer.ByHand("find", "Find it …", FIND + drawing.id()),
                                        without(drawing)))
                .toList();
    }

    private List<Finding> unreadable() {
        return stickers.stream()
                .filter(one -> !one.missing() && one.sticker().isEmpty())
                .map(
                        one ->
                                Finding.of(
                                        UNREADABLE,
                                        one.drawing().name() + " cannot be used",
                                        one.trouble(),
                                        new Answer.ByHand(
                                                "find",
                                                "Take another …",
                                                FIND + one.drawing().id()),
                                        without(one.drawing())))
                .toList();
    }

    private List<Finding> leftOver() {
        Nest nest = laid.nest();
        List<Finding> found = new ArrayList<>();
        List<GangSticker> there =
                stickers.stream().filter(one -> one.sticker().isPresent()).toList();
        for (int kind = 0; kind < there.size(); kind++) {
            int of = kind;
            GangDrawing drawing = there.get(kind).drawing();
            long over = nest.left().stream().filter(i -> nest.pieces().get(i).kind() == of).count();
            long all = nest.pieces().stream().filter(piece -> piece.kind() == of).count();
            if (over > 0) {
                found.add(
                        Finding.of(
                                        LEFT_OVER,
                                        String.format(
                                                Locale.ROOT,
                                                "%d of %d of %s find no room",
                                                over,
                                                all,
                                                there.get(kind).title()),
                                        "Make them smaller, the sheet larger, the gap narrower, or"
                                                + " take fewer.",
                                        fewer(drawing, (int) (all - over)),
                                        ARRANGE)
                                .measuring(Measure.count((int) over)));
            }
        }
        return found;
    }

    private static final Answer ARRANGE =
            new Answer.OnSheet(
                    "arrange",
                    "Arrange all anew",
                    "Arranged anew",
                    sheet -> sheet.unpinned(),
                    GangWork.ARRANGE);

    private static Answer fewer(GangDrawing drawing, int copies) {
        if (copies == 0) {
            return without(drawing);
        }
        return new Answer.OnSheet(
                "fewer",
                copies == 1 ? "Take 1" : "Take " + copies,
                "Fewer copies",
                sheet ->
                        sheet.drawing(drawing.id())
                                .map(one -> sheet.with(one.withCopies(copies)))
                                .orElse(sheet),
                GangWork.NONE);
    }

    private List<Finding> changed() {
        return stickers.stream()
                .filter(GangSticker::isChanged)
                .map(
                        one ->
                                Finding.of(
                                        CHANGED,
                                        one.title() + " was changed since it was laid",
                                        "The sheet shows it as it is now; its cut may lie nearer to"
                                                + " others, or farther away.",
                                        new Answer.OnSheet(
                                                "keep",
                                                "Keep it where it lies",
                                                "Kept where it lies",
                                                sheet -> seen(sheet, one),
                                                GangWork.NONE),
                                        new Answer.OnSheet(
                                                "make-room",
                                                "Make room for it",
                                                "Made room",
                                                sheet -> seen(sheet, one),
                                                GangWork.MAKE_ROOM)))
                .toList();
    }

    private static GangSheet seen(GangSheet sheet, GangSticker one) {
        return sheet.drawing(one.drawing().id())
                .map(drawing -> sheet.with(drawing.withSeen(one.state())))
                .orElse(sheet);
    }

    private List<Finding> small() {
        return stickers.stream()
                .filter(one -> one.sticker().isPresent())
                .filter(one -> isSmall(one) && !sheet.left().contains(smallKey(one)))
                .map(
                        one ->
                                Finding.of(
                                        SMALL,
                                        one.title() + " is under 12 mm",
                                        "Smaller stickers are hard to peel; they tear or stay on"
                                                + " the backing.",
                                        leave(smallKey(one))))
                .toList();
    }

    private static String smallKey(GangSticker one) {
        return SMALL.key() + ":" + one.drawing().id();
    }

    private static boolean isSmall(GangSticker one) {
        return one.sticker().stream()
                .map(sticker -> sticker.cuts())
                .flatMap(Collection::stream)
                .anyMatch(cut -> cut.isSmall());
    }

    /** The name of what lies somewhere. */
    static String name(StickerSheet laid, Laid one) {
        return laid.item(one).name();
    }
}
