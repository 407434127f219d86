package neattrace.inspection;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.gang.GangSheet;
import neattrace.gang.GangWork;
import neattrace.goods.sheet.SheetFacts;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.StickerSheet;
import neattrace.press.Colorant;
import neattrace.press.DeltaE2000;

/** What stands against a sheet as a whole: how full it is, its ground, its inks, its words. */
final class GangWhole {

    static final Kind CRAMMED =
            GangInspection.kind("sheet-crammed", Severity.LOOK, Cost.WORK, "%d sheets are crammed");
    static final Kind COLOURED =
            GangInspection.kind(
                    "sheet-ground-buffer", Severity.LOOK, Cost.RUN, "%d grounds want more room");
    static final Kind INKS =
            GangInspection.kind(
                    "sheet-inks-differ", Severity.LOOK, Cost.WORK, "%d inks were measured twice");

    /** Where two measures of one ink are told apart (common practice, no source). */
    private static final double SAME_INK = 2;

    static final Kind UNWRITTEN =
            GangInspection.kind(
                    "sheet-words-nowhere", Severity.LOOK, Cost.WORK, "%d words stand nowhere");

    /** A strip that a title reads well in (common practice, no source). */
    private static final double STRIP_MM = 14;

    private final GangSheet sheet;
    private final StickerSheet laid;

    GangWhole(GangSheet sheet, StickerSheet laid) {
        this.sheet = sheet;
        this.laid = laid;
    }

    List<Finding> crammed() {
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
                                GangInspection.leave(CRAMMED.key()))
                        .measuring(new Measure(100 * density, "%"))
                        .against(100 * SheetFacts.CRAMMED));
    }

    List<Finding> coloured() {
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
                                GangInspection.leave(COLOURED.key()))
                        .measuring(Measure.mm(layout.gapMm()))
                        .against(SheetFacts.COLOURED_GAP_MM));
    }

    /** Inks of their own that two drawings call alike and have measured otherwise. */
    List<Finding> inks() {
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
                                                GangInspection.leave(
                                                        INKS.key() + ":" + one.getKey()))
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

    /** Words that have no strip to stand in. */
    List<Finding> unwritten() {
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
                GangInspection.leave(UNWRITTEN.key() + ":" + strip));
    }
}
