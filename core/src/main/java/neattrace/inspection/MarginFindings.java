package neattrace.inspection;

import java.util.List;
import java.util.Locale;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.goods.Goods;
import neattrace.goods.Sizing.Fit;
import neattrace.goods.UsualGoods;
import neattrace.job.WantedGoods;

/** Borders and margins: those that leave no room for the drawing, and those that are too narrow. */
final class MarginFindings {

    static final Kind NO_ROOM =
            BriefInspection.kind(
                    "size-leaves-nothing", Severity.STOP, Cost.RUN, "%d sizes leave nothing");

    static final Kind NARROW =
            BriefInspection.kind("margin-narrow", Severity.LOOK, Cost.RUN, "%d margins are narrow");

    /** Rims that leave less than this share of the size leave nothing. */
    private static final double SOMETHING = 0.1;

    private final List<Wished> decided;
    private final Leaving left;

    MarginFindings(List<Wished> decided, Leaving left) {
        this.decided = decided;
        this.left = left;
    }

    List<Finding> noRoom() {
        return decided.stream()
                .filter(MarginFindings::leavesNothing)
                .map(MarginFindings::noRoom)
                .toList();
    }

    private static boolean leavesNothing(Wished wished) {
        Goods goods = wished.goods();
        double rim = 2 * goods.edges().borderMm();
        double page = rim + 2 * goods.edges().safeMm();
        double width = goods.sizing().widthMm();
        double height = goods.sizing().heightMm();
        return switch (goods.sizing().fit()) {
            case WIDTH -> width - rim < SOMETHING * width;
            case HEIGHT -> height - rim < SOMETHING * height;
            case PAGE -> width - page < SOMETHING * width || height - page < SOMETHING * height;
            case SCANNED -> false;
        };
    }

    private static Finding noRoom(Wished wished) {
        return Finding.of(
                        NO_ROOM,
                        wished.subject() + " is all border and margin",
                        String.format(
                                Locale.ROOT,
                                "A border of %s and a margin of %s on each side leave no room for"
                                        + " the drawing.",
                                Words.mm(wished.goods().edges().borderMm()),
                                Words.mm(wished.goods().edges().safeMm())))
                .on(wished.keys());
    }

    List<Finding> narrow() {
        return decided.stream()
                .filter(wished -> wished.goods().sizing().fit() == Fit.PAGE)
                .filter(wished -> wished.goods().edges().safeMm() < usualMm(wished))
                .filter(wished -> !left.isLeft(wished.left("margin")))
                .map(this::narrow)
                .toList();
    }

    private static double usualMm(Wished wished) {
        return UsualGoods.of(wished.goods().kind()).edges().safeMm();
    }

    private Finding narrow(Wished wished) {
        double margin = wished.goods().edges().safeMm();
        double usual = usualMm(wished);
        return Finding.of(
                        NARROW,
                        String.format(
                                Locale.ROOT,
                                "A margin of %s%s; %s are usual",
                                Words.mm(margin),
                                wished.on(),
                                Words.mm(usual)),
                        switch (wished.goods().kind()) {
                            case MUG -> "What lies nearer to the edge meets the handle.";
                            case CUT_STENCIL -> "A narrow rim bends and tears.";
                            case PRINT -> "What lies nearer to the cut may be cut off.";
                            default -> "Printers leave the outer 5 to 6 mm bare.";
                        },
                        GoodsAnswers.change(
                                "usual-margin",
                                "Make it " + Words.mm(usual),
                                wished,
                                one -> clear(one, usual)),
                        left.leave(wished.left("margin")))
                .measuring(Measure.mm(margin))
                .against(usual)
                .on(wished.keys());
    }

    private static WantedGoods clear(WantedGoods one, double mm) {
        return one.withGoods(one.goods().withEdges(one.goods().edges().withSafeMm(mm)));
    }
}
