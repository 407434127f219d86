package neattrace.app.station.close;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import neattrace.app.docket.Finding;
import neattrace.app.docket.Finding.Answer;
import neattrace.app.table.Mark;
import neattrace.app.work.Shown;
import neattrace.geom.Point;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;

/** Gaps that nobody has decided on yet, most likely slips of the pen first. */
final class GapFindings {

    private final CloseDesk desk;
    private final Mending mending;
    private final OpenStep open;
    private final Runnable whenDrawnByHand;

    /**
     * Findings.
     *
     * @param open marks lines that are meant to end in the open
     * @param whenDrawnByHand takes up the knife, to close a gap along another line
     */
    GapFindings(CloseDesk desk, Mending mending, OpenStep open, Runnable whenDrawnByHand) {
        this.desk = desk;
        this.mending = mending;
        this.open = open;
        this.whenDrawnByHand = whenDrawnByHand;
    }

    List<Finding> of(Shown shown) {
        List<Finding> findings = new ArrayList<>();
        double mmPerPx = shown.drawing().resolution().mmPerPx();
        List<Gap> undecided =
                shown.drawing().areas().gaps().stream()
                        .filter(gap -> !gap.decided())
                        // Open ones come first, on top what is most likely a slip of the pen.
                        .sorted(
                                Comparator.comparing(Gap::closed)
                                        .thenComparing(Gap::ends, Comparator.reverseOrder())
                                        .thenComparingDouble(Gap::widthPx))
                        .toList();
        List<Gap> closed = undecided.stream().filter(Gap::closed).toList();
        if (closed.size() > 1) {
            findings.add(allClosed(closed, shown.drawing().areas().gapPx() * mmPerPx));
        }
        undecided.forEach(gap -> findings.add(finding(gap, mmPerPx)));
        return findings;
    }

    private Finding allClosed(List<Gap> closed, double gapMm) {
        return Finding.general(
                String.format(
                        Locale.ROOT, "%d gaps up to %.2f mm were closed", closed.size(), gapMm),
                "Green rings show where. They stop colour from running out.",
                new Answer("Keep them all closed", () -> keepClosed(closed)));
    }

    private void keepClosed(List<Gap> closed) {
        desk.change(
                "Keep " + closed.size() + " gaps closed",
                settings -> {
                    CloseSettings next = settings;
                    for (Gap gap : closed) {
                        next = next.with(desk.place(gap), true);
                    }
                    return next;
                });
    }

    private Finding finding(Gap gap, double mmPerPx) {
        Point at = gap.place().times(mmPerPx);
        double mm = gap.widthPx() * mmPerPx;
        String measure = String.format(Locale.ROOT, "%.2f mm", mm);
        List<Answer> answers = new ArrayList<>();
        if (gap.closed() && mending.way() == Mending.Way.UNSEEN) {
            answers.add(new Answer("Keep it closed", () -> mending.decide(at, true)));
            answers.add(new Answer("Open it", () -> mending.decide(at, false)));
        } else {
            answers.add(new Answer(mending.way().answer(), () -> mending.close(gap)));
            answers.add(
                    new Answer(
                            gap.closed() ? "Open it" : "It is meant",
                            () -> mending.decide(at, false)));
        }
        answers.add(
                new Answer(
                        "Draw it",
                        () -> {
                            desk.lookAt(at, Math.max(4, 4 * mm));
                            whenDrawnByHand.run();
                        }));
        if (gap.ends() > 0) {
            answers.add(new Answer("Its line is meant", () -> open.markLinesAt(gap)));
        }
        return new Finding(
                at,
                Math.max(3, 3 * mm),
                gap.closed() ? "A gap of " + measure + " was closed" : "An opening of " + measure,
                reason(gap, mmPerPx),
                mark(gap, mmPerPx).along(mending.suggested(gap)),
                answers);
    }

    /** Why it is thought to be a gap, how surely, and what it parts. */
    private static String reason(Gap gap, double mmPerPx) {
        String what =
                switch (gap.ends()) {
                    case 2 -> "Two ends of lines point at each other: surely a slip.";
                    case 1 -> "A line stops short of another: probably a slip.";
                    default -> "Two lines come near each other: perhaps meant.";
                };
        return what
                + String.format(
                        Locale.ROOT,
                        gap.closed() ? " It parts %s from %s." : " Closed, it parts %s from %s.",
                        size(gap.lesserPx(), mmPerPx),
                        size(gap.greaterPx(), mmPerPx));
    }

    private static String size(long pixels, double mmPerPx) {
        double squareMm = pixels * mmPerPx * mmPerPx;
        return squareMm < 9.95
                ? String.format(Locale.ROOT, "%.1f mm²", squareMm)
                : String.format(Locale.ROOT, "%.0f mm²", squareMm);
    }

    /** A gap on the table: red and broken while it is open and nobody has decided on it. */
    static Mark mark(Gap gap, double mmPerPx) {
        Mark mark = measured(gap, mmPerPx);
        return gap.decided() && !gap.closed() ? mark.meant("meant open") : mark;
    }

    private static Mark measured(Gap gap, double mmPerPx) {
        return new Mark(
                gap.place().times(mmPerPx),
                gap.from().times(mmPerPx),
                gap.to().times(mmPerPx),
                String.format(
                        Locale.ROOT,
                        "%.2f mm, %s",
                        gap.widthPx() * mmPerPx,
                        gap.closed() ? "closed" : "open"),
                false,
                !gap.closed());
    }
}
