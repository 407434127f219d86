package neattrace.inspection;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
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
import neattrace.goods.sheet.SheetFacts;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.StickerSheet;
import neattrace.press.Colorant;
import neattrace.press.DeltaE2000;

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
    private static final Kind CRAMMED =
            kind("sheet-crammed", Severity.LOOK, Cost.WORK, "%d sheets are crammed");
    private static final Kind COLOURED =
            kind("sheet-ground-buffer", Severity.LOOK, Cost.RUN, "%d grounds want more room");
    private static final Kind SMALL =
            kind("sheet-sticker-small", Severity.LOOK, Cost.WORK, "%d drawings are hard to peel");

    private static final Kind INKS =
            kind("sheet-inks-differ", Severity.LOOK, Cost.WORK, "%d inks were measured twice");

    /** Where two measures of one ink are told apart (common practice, no source). */
    private static final double SAME_INK = 2;

    private static final Kind UNWRITTEN =
            kind("sheet-words-nowhere", Severity.LOOK, Cost.WORK, "%d words stand nowhere");

    /** A strip that a title reads well in (common practice, no source). */
    private static final double STRIP_MM = 14;

    /** All that may be found. */
    static final List<Kind> KINDS =
            List.of(
                    MISSING,
                    UNREADABLE,
                    GangRoom.NEAR,
                    GangRoom.OUTSIDE,
                    LEFT_OVER,
                    CHANGED,
                    CRAMMED,
                    COLOURED,
                    SMALL,
                    INKS,
                    UNWRITTEN);

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
        add(groups, crammed());
        add(groups, coloured());
        add(groups, small());
        add(groups, inks());
        add(groups, unwritten());
        return groups;
    }

    /** Words that have no strip to stand in. */
    private List<Finding> unwritten() {
        SheetLayout layout = sheet.layout();
        List<Finding> found = new ArrayList<>();
        boolean titled =
                (!sheet.title().isBlank() || !sheet.number().isBlank())
                        && !sheet.left().contains(UNWRITTEN.key() + ":header");
        if (titled && layout.header().heightMm() == 0) {
            found.add(
                    unwritten(
                            "header",
                            "title and number stand",
                            one -> one.withHeader(one.header().withHeightMm(STRIP_MM))));
        }
        boolean shop =
                !layout.shop().isBlank() && !sheet.left().contains(UNWRITTEN.key() + ":footer");
        if (shop && layout.footer().heightMm() == 0) {
            found.add(
                    unwritten(
                            "footer",
                            "the shop line stands",
                            one -> one.withFooter(one.footer().withHeightMm(STRIP_MM))));
        }
        return found;
    }

    private static Finding unwritten(String strip, String what, UnaryOperator<SheetLayout> with) {
        return Finding.of(
                UNWRITTEN,
                "The " + strip + " is 0 mm high: " + what + " nowhere",
                "What is typed there is printed in the " + strip + " of the sheet.",
                new Answer.OnSheet(
                        "strip",
                        String.format(Locale.ROOT, "A %s of %.0f mm", strip, STRIP_MM),
                        "Room for what is written",
                        one -> one.withLayout(with.apply(one.layout())),
                        GangWork.MAKE_ROOM),
                leave(UNWRITTEN.key() + ":" + strip));
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

    private List<Finding> crammed() {
        double density = laid.nest().density();
        if (!SheetFacts.isCrammed(laid) || sheet.left().contains(CRAMMED.key())) {
            return List.of();
        }
        return List.of(
                Finding.of(
                                CRAMMED,
                                String.format(
                                        Locale.ROOT,
                                        "%.0f %% of the sheet is stickers",
                                        100 * density),
                                "So full a sheet is hard to weed and to peel, and looks crammed.",
                                leave(CRAMMED.key()))
                        .measuring(new Measure(100 * density, "%"))
                        .against(100 * SheetFacts.CRAMMED));
    }

    private List<Finding> coloured() {
        SheetLayout layout = sheet.layout();
        boolean fine = !SheetFacts.isBufferShort(layout) || sheet.left().contains(COLOURED.key());
        if (fine) {
            return List.of();
        }
        return List.of(
                Finding.of(
                                COLOURED,
                                String.format(
                                        Locale.ROOT,
                                        "%.1f mm from cut to cut on a coloured ground",
                                        layout.gapMm()),
                                "Where the ground is coloured, each border wants a buffer: 5 mm are"
                                        + " usual, so that a drifting blade shows no neighbour.",
                                new Answer.OnSheet(
                                        "widen",
                                        "5 mm apart",
                                        "5 mm from cut to cut",
                                        one ->
                                                one.withLayout(
                                                        one.layout()
                                                                .withGapMm(
                                                                        SheetFacts
                                                                                .COLOURED_GAP_MM)),
                                        GangWork.ARRANGE),
                                leave(COLOURED.key()))
                        .measuring(Measure.mm(layout.gapMm()))
                        .against(SheetFacts.COLOURED_GAP_MM));
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

    /** Inks of their own that two drawings call alike and have measured otherwise. */
    private List<Finding> inks() {
        Map<String, Colorant> known = new LinkedHashMap<>();
        Map<String, Double> apart = new LinkedHashMap<>();
        for (SheetItem item : laid.items()) {
            spots(item)
                    .forEach(
                            ink -> {
                                String name = ink.name().toLowerCase(Locale.ROOT);
                                Colorant first = known.putIfAbsent(name, ink);
                                if (first != null) {
                                    apart.merge(first.name(), apart(first, ink), Math::max);
                                }
                            });
        }
        return apart.entrySet().stream()
                .filter(one -> one.getValue() > SAME_INK)
                .filter(one -> !sheet.left().contains(INKS.key() + ":" + one.getKey()))
                .map(
                        one ->
                                Finding.of(
                                                INKS,
                                                "Two drawings have another ink called "
                                                        + one.getKey(),
                                                "A press knows inks by their names: all of it is"
                                                        + " one plate and one ink, shown as the"
                                                        + " first of them was measured. Call them"
                                                        + " otherwise if they are two.",
                                                leave(INKS.key() + ":" + one.getKey()))
                                        .measuring(new Measure(one.getValue(), "ΔE00")))
                .toList();
    }

    private static Stream<Colorant> spots(SheetItem item) {
        return item.sticker().art().layers().stream()
                .flatMap(layer -> layer.objects().stream())
                .flatMap(object -> object.tints().percent().keySet().stream())
                .filter(ink -> ink.kind() == Colorant.Kind.SPOT)
                .distinct();
    }

    private static double apart(Colorant first, Colorant second) {
        return first.look()
                .flatMap(one -> second.look().map(other -> DeltaE2000.between(one, other)))
                .orElse(0.0);
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
