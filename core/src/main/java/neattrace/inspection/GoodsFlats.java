package neattrace.inspection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.Needs.Coloured;
import neattrace.job.change.Colouring;
import neattrace.job.change.PageMends;
import neattrace.print.ready.FewerInks;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.Underbase;
import neattrace.region.Area;

/** What goods ask of flats: the number of inks, and areas one can get into. */
final class GoodsFlats {

    private static final int MOST_SINGLY = 400;

    private final FlatInspection.Reads reads;
    private final Leaving left;

    GoodsFlats(FlatInspection.Reads reads) {
        this.reads = reads;
        this.left =
                new Leaving(
                        FlatInspection.STATION,
                        reads.reading().value(),
                        reads.pxPerMm(),
                        reads.log());
    }

    List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        List<Finding> inks = reads.wished().stream().flatMap(one -> inks(one).stream()).toList();
        Group.of(inks, Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        for (Wished wished : reads.wished()) {
            tooSmall(wished).ifPresent(groups::add);
        }
        return groups;
    }

    private Optional<Finding> inks(Wished wished) {
        int most = wished.goods().printing().mostInks();
        Set<Integer> used = new HashSet<>(reads.swatchOf().values());
        used.remove(Fill.PAPER);
        int ofAreas = PressPalette.count(used, reads.press());
        // Lines in a colour of their own are printed in it, too.
        used.addAll(reads.lineSwatches());
        boolean prints = wished.goods().needs().coloured() != Coloured.NO && !used.isEmpty();
        boolean single = reads.press().oneColour().on();
        int black = reads.blackLines() && !single ? 1 : 0;
        int colours = PressPalette.count(used, reads.press());
        int white = !single && Underbase.isWanted(wished.goods().ground()) ? 1 : 0;
        int inks = colours + black + white;
        if (most == 0 || !prints || inks <= most) {
            return Optional.empty();
        }
        String besides =
                (black == 1 ? ", the black of the lines" : "") + (white == 1 ? ", white" : "");
        return Optional.of(
                Finding.of(
                                FlatInspection.TOO_MANY_INKS,
                                String.format(
                                        Locale.ROOT,
                                        "%d inks%s; %d at most",
                                        inks,
                                        wished.on(),
                                        most),
                                String.format(
                                        Locale.ROOT,
                                        "%d colours%s: each ink costs. Those that differ least can"
                                                + " share one; Press shows which.",
                                        colours,
                                        besides),
                                fewer(most, most - white - black - (colours - ofAreas)),
                                new Answer.Visit(
                                        "press", "Choose at Press", PressInspection.STATION))
                        .measuring(Measure.count(inks))
                        .against(most)
                        .on(wished.keys()));
    }

    /** The best merges, or one colour if there is room for no other. */
    private static Answer.Change fewer(int most, int colours) {
        if (colours < 1) {
            return new Answer.Change(
                    "one-colour",
                    "Print it in one colour",
                    "One colour",
                    (job, drawing) ->
                            job.withPress(
                                    job.press()
                                            .withOneColour(job.press().oneColour().withOn(true))));
        }
        return new Answer.Change(
                "fewer",
                "Print it in " + most + " inks",
                "Fewer inks",
                (job, drawing) -> FewerInks.ofColours(PressArt.of(drawing), colours).in(job));
    }

    /** Areas that nobody gets into at that size, coloured or not. */
    private Optional<Group> tooSmall(Wished wished) {
        double least = wished.goods().detail().areaMm();
        Kind kind = FlatInspection.TOO_SMALL;
        Kind told = kind.withMany(kind.many() + wished.on());
        List<Area> small =
                reads.areas().value().enclosed().stream()
                        .filter(area -> widthMm(area, wished) < least && counts(area, wished))
                        .filter(area -> !left.isLeft(wished.left("small"), at(area)))
                        .filter(area -> !isMended(area, wished))
                        // Letters have a measure of their own: their height.
                        .filter(
                                area ->
                                        reads.lettering().stream()
                                                .noneMatch(one -> one.holds(at(area))))
                        .sorted(Comparator.comparingDouble(Area::radiusPx))
                        .toList();
        List<Finding> singly =
                small.stream()
                        .limit(MOST_SINGLY)
                        .map(area -> tooSmall(told, area, wished))
                        .toList();
        if (left.isLeft("all-" + wished.left("small"))) {
            return Optional.empty();
        }
        return Group.of(singly, MOST_SINGLY, all -> leaveAll(all, small.size(), wished))
                .map(group -> group.and(small.size() - singly.size()));
    }

    private List<Answer> leaveAll(List<Finding> all, int count, Wished wished) {
        String label = "Leave all as they are";
        Answer leave =
                count > all.size()
                        ? left.leaveAll(label, "all-" + wished.left("small"))
                        : Group.each(all, Leaving.LEAVE, label);
        if (!isPage(wished)) {
            return List.of(leave);
        }
        List<Point> places =
                all.stream().flatMap(one -> one.place().stream()).map(Place::at).toList();
        return List.of(leave, mend("Make all large enough", places, wished));
    }

    private static boolean isPage(Wished wished) {
        return wished.goods().kind() == GoodsKind.COLOURING_PAGE && wished.isDecided();
    }

    /** Whether something was done about an area on the page alone. */
    private boolean isMended(Area area, Wished wished) {
        return wished.mends().stream()
                .anyMatch(
                        mend ->
                                reads.areas()
                                        .value()
                                        .at(mend.at().times(reads.pxPerMm()))
                                        .filter(one -> one.label() == area.label())
                                        .isPresent());
    }

    private Answer mend(String label, List<Point> places, Wished wished) {
        double factor = wished.fit().factor();
        return new Answer.Change(
                "mend",
                label,
                "Areas of the page made large enough",
                (job, drawing) -> PageMends.add(job, drawing, wished.id(), factor, places));
    }

    /** Lines that keep their width take more or less of the paper between them. */
    private double widthMm(Area area, Wished wished) {
        double taken = (wished.widths() - 1) * reads.usualLineMm();
        return Math.max(0, wished.onGoods(2 * area.radiusPx() * reads.mmPerPx() - taken));
    }

    /** As long as nobody has said what it is for, and of what is left bare, nothing is asked. */
    private boolean counts(Area area, Wished wished) {
        Integer swatch = reads.swatchOf().get(area.label());
        boolean lines = wished.goods().needs().coloured() == Coloured.NO;
        return lines
                || (wished.isDecided() || swatch != null)
                        && (swatch == null || swatch != Fill.PAPER);
    }

    private Point at(Area area) {
        return area.anchor().times(reads.mmPerPx());
    }

    private Finding tooSmall(Kind kind, Area area, Wished wished) {
        double widthMm = widthMm(area, wished);
        double least = wished.goods().detail().areaMm();
        List<Answer> answers = new ArrayList<>();
        answers.add(left.leave(wished.left("small"), at(area)));
        if (isPage(wished)) {
            answers.add(mend("Make it large enough", List.of(at(area)), wished));
        }
        if (wished.goods().needs().coloured() != Coloured.NO) {
            answers.add(
                    new Answer.Change(
                            "leave-bare",
                            "Leave it bare",
                            "Leave an area bare",
                            (job, drawing) ->
                                    Colouring.fill(job, drawing, List.of(area), Fill.PAPER)));
        }
        return Finding.of(
                        kind,
                        "An area only " + Words.under(widthMm, least) + " wide" + wished.on(),
                        String.format(
                                Locale.ROOT,
                                wished.goods().kind() == GoodsKind.COLOURING_PAGE
                                        ? "A pencil needs a circle of %.1f mm to get in. On the page alone,"
                                                + " the lines round it give way, or it opens to its"
                                                + " neighbour."
                                        : "A colour needs a circle of %.1f mm to hold.",
                                least),
                        answers.toArray(Answer[]::new))
                .at(new Place.Spot(at(area), 3))
                .measuring(Measure.mm(widthMm))
                .against(least)
                .on(wished.keys());
    }
}
