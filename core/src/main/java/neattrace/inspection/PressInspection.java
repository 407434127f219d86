package neattrace.inspection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.goods.GoodsKind;
import neattrace.goods.Needs.Coloured;
import neattrace.job.LogSection;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Drawing;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.print.ready.PressTrials;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Same;
import neattrace.trace.LineColour;

/** What a press would not print well. */
final class PressInspection {

    static final String STATION = "press";

    private static final Kind TOO_MUCH_INK =
            new Kind(
                    STATION,
                    "ink-over-limit",
                    Severity.STOP,
                    Cost.RUN,
                    "%d swatches have too much ink");

    private static final Kind LINES_PALE =
            new Kind(
                    STATION,
                    "lines-pale",
                    Severity.LOOK,
                    Cost.RUN,
                    "%d swatches of lines are pale");
    private static final Kind LINES_TINTED =
            new Kind(
                    STATION,
                    "lines-not-black",
                    Severity.INFO,
                    Cost.LITTLE,
                    "%d swatches of lines are no true black");

    static final Inspection<Reads> PRESS =
            new Inspection<>(
                    STATION,
                    List.of(
                            TOO_MUCH_INK,
                            BlackFindings.UNEVEN,
                            BlackFindings.GREY,
                            TrialFindings.PAPER,
                            BlackFindings.FRINGED,
                            TrialFindings.FILLED,
                            TrialFindings.DROWNED,
                            LINES_PALE,
                            LINES_TINTED,
                            DullFindings.DULL),
                    Reads::of,
                    PressInspection::groups);

    /** Black ink of so much and no other is true black, percent. */
    private static final double TRUE_BLACK = 95;

    /** A printable tint is no lighter than grey of so much black (common practice, no source). */
    private static final Cmyk LIGHTEST_TINT = new Cmyk(0, 0, 0, 30);

    /** What is read. */
    record Reads(
            List<Swatch> swatches,
            List<Swatch> linesIn,
            List<Wished> wished,
            Same<InkReading> reading,
            double pxPerMm,
            PressSection press,
            Same<List<Outline>> black,
            Same<List<FlatLayer>> flats,
            Optional<Same<PressTrials>> trials,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    drawing.job().swatches(),
                    drawing.traced().colouredLines().stream().map(LineLayer::swatch).toList(),
                    Wished.of(drawing),
                    Same.of(drawing.reading()),
                    drawing.resolution().pxPerMm(),
                    drawing.job().press(),
                    Same.of(drawing.traced().blackLines()),
                    Same.of(drawing.layers()),
                    known.trials().map(Same::of),
                    drawing.job().log().settledAlone());
        }

        PressProfile profile() {
            return press.profile();
        }
    }

    private PressInspection() {}

    private static List<Group> groups(Reads reads) {
        List<Finding> found =
                reads.swatches().stream()
                        .flatMap(swatch -> tooMuch(swatch, reads).stream())
                        .toList();
        List<Group> groups = new ArrayList<>();
        Group.of(found, "less", "Make all of them less").ifPresent(groups::add);
        List<Wished> pages =
                reads.wished().stream()
                        .filter(one -> one.goods().kind() == GoodsKind.COLOURING_PAGE)
                        .toList();
        Leaving left = new Leaving(STATION, reads.reading().value(), reads.pxPerMm(), reads.log());
        BlackFindings black =
                new BlackFindings(
                        reads.press(),
                        reads.wished(),
                        reads.black().value(),
                        reads.flats().value(),
                        left);
        List<Finding> solids = black.solids();
        for (Kind kind : List.of(BlackFindings.UNEVEN, BlackFindings.GREY)) {
            Group.of(
                            solids.stream().filter(one -> one.kind().equals(kind)).toList(),
                            "rich-here",
                            "Make all of them rich")
                    .ifPresent(groups::add);
        }
        List<Group> printed =
                reads.trials()
                        .map(one -> new TrialFindings(reads.wished(), one.value(), left).groups())
                        .orElse(List.of());
        groups.addAll(printed);
        if (printed.stream().noneMatch(one -> one.kind().equals(BlackFindings.FRINGED))) {
            Group.of(black.fringed(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        }
        double limit =
                reads.wished().stream()
                        .mapToDouble(one -> limit(one, reads.press()))
                        .filter(one -> one > 0)
                        .min()
                        .orElse(400);
        Group.of(
                        DullFindings.of(reads.swatches(), reads.profile(), limit, left),
                        Integer.MAX_VALUE,
                        all -> List.of())
                .ifPresent(groups::add);
        for (Kind kind : List.of(LINES_PALE, LINES_TINTED)) {
            Group.of(
                            reads.linesIn().stream()
                                    .filter(
                                            swatch ->
                                                    !pages.isEmpty()
                                                            && isOf(kind, swatch, reads.profile()))
                                    .filter(swatch -> !left.isLeft(tint(swatch)))
                                    .map(swatch -> tinted(kind, swatch, pages, left))
                                    .toList(),
                            Integer.MAX_VALUE,
                            all -> List.of())
                    .ifPresent(groups::add);
        }
        return groups;
    }

    private static String tint(Swatch swatch) {
        return "tint " + swatch.id();
    }

    private static boolean isOf(Kind kind, Swatch swatch, PressProfile press) {
        Cmyk build = swatch.build();
        boolean black = build.k() >= TRUE_BLACK && build.total() - build.k() == 0;
        boolean pale = lightness(build, press) > lightness(LIGHTEST_TINT, press);
        return !black && pale == (kind == LINES_PALE);
    }

    private static double lightness(Cmyk build, PressProfile press) {
        return press.preview(build).toLab().l();
    }

    private static Finding tinted(Kind kind, Swatch swatch, List<Wished> pages, Leaving left) {
        boolean pale = kind == LINES_PALE;
        return Finding.of(
                        kind,
                        String.format(
                                Locale.ROOT,
                                pale ? "Lines in %s are pale%s" : "Lines are %s, no true black%s",
                                swatch.name(),
                                pages.get(0).on()),
                        pale
                                ? "They vanish beneath pencil and paint. A tint is at least 30 % grey"
                                        + " or as dark."
                                : "Fine for painting over; for pencils and copies true black is"
                                        + " crisper.",
                        new Answer.Change(
                                "black",
                                "Print all lines black",
                                "Lines black",
                                (job, drawing) ->
                                        job.withLine(job.line().withColour(LineColour.BLACK))),
                        left.leave(tint(swatch)))
                .on(Wished.keys(pages));
    }

    /** Held against the goods that take least ink of those that have too much. */
    private static Optional<Finding> tooMuch(Swatch swatch, Reads reads) {
        double total = swatch.build().total();
        List<Wished> over =
                reads.wished().stream()
                        .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                        .filter(
                                one ->
                                        limit(one, reads.press()) > 0
                                                && total > limit(one, reads.press()))
                        .sorted(Comparator.comparingDouble(one -> limit(one, reads.press())))
                        .toList();
        return over.isEmpty()
                ? Optional.empty()
                : Optional.of(tooMuch(swatch, total, over, reads.press()));
    }

    /** What was set at Press holds for all goods. */
    private static double limit(Wished wished, PressSection press) {
        return press.inkLimit() == PressSection.AUTO
                ? wished.goods().printing().inkLimit()
                : press.inkLimit();
    }

    private static Finding tooMuch(
            Swatch swatch, double total, List<Wished> over, PressSection press) {
        double limit = limit(over.get(0), press);
        Cmyk less = press.profile().under(swatch.build(), limit);
        return Finding.of(
                        TOO_MUCH_INK,
                        String.format(Locale.ROOT, "%s has %.0f %% ink", swatch.name(), total),
                        String.format(
                                Locale.ROOT,
                                "More than %.0f %% dries badly%s and sets off on the next sheet.",
                                limit,
                                over.get(0).on()),
                        new Answer.Change(
                                "less",
                                "Make it " + less,
                                "Less ink",
                                (job, drawing) ->
                                        job.swatch(swatch.id())
                                                .map(now -> job.withSwatch(now.withBuild(less)))
                                                .orElse(job)))
                .measuring(new Measure(total, "%"))
                .against(limit)
                .on(Wished.keys(over));
    }
}
