package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Severity;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Needs.Coloured;
import neattrace.goods.Sizing.Fit;
import neattrace.job.Job;
import neattrace.job.Lettering;
import neattrace.job.LogSection;
import neattrace.job.Reference;
import neattrace.job.pipeline.Drawing;
import neattrace.press.BlackRule;
import neattrace.raster.InkMap;
import neattrace.raster.LetterHeight;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Same;

/** What stands against the goods as a whole: rights, size, resolution, black. */
final class BriefInspection {

    static final String STATION = "brief";

    private static final Kind NOT_CLEARED =
            kind(
                    "reference-not-cleared",
                    Severity.STOP,
                    Cost.RUN,
                    "%d references are not cleared for sale");
    private static final Kind BLACK =
            kind("black-rule-differs", Severity.LOOK, Cost.RUN, "%d goods want another black");
    private static final Kind LETTERING =
            kind("lettering-small", Severity.LOOK, Cost.RUN, "%d letterings too small");
    private static final Kind RESOLUTION =
            kind("resolution-low", Severity.LOOK, Cost.WORK, "%d goods want more resolution");

    static final Inspection<Reads> BRIEF =
            new Inspection<>(
                    STATION,
                    List.of(
                            NOT_CLEARED,
                            MarginFindings.NO_ROOM,
                            MarginFindings.NARROW,
                            BLACK,
                            LETTERING,
                            RESOLUTION),
                    Reads::of,
                    reads -> new BriefInspection(reads).groups());

    /** Less than this share of the resolution that goods want is worth a look. */
    private static final double ENOUGH = 0.5;

    /** Outlines of scans lie within so many pixels of what was drawn (docs/measures.md). */
    private static final double TRUE_PX = 0.3;

    private static final double MM_PER_INCH = 25.4;

    /** What is read. */
    record Reads(
            List<Wished> wished,
            List<Reference> references,
            BlackRule black,
            double ppi,
            double pxPerMm,
            boolean blank,
            List<Lettering> lettering,
            Same<InkMap> ink,
            Same<InkReading> reading,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            Job job = drawing.job();
            return new Reads(
                    Wished.of(drawing),
                    job.brief().references(),
                    job.black(),
                    drawing.traced().scan().ppi(),
                    drawing.resolution().pxPerMm(),
                    drawing.lines().isEmpty(),
                    job.brief().lettering(),
                    Same.of(drawing.traced().ink()),
                    Same.of(drawing.reading()),
                    job.log().settledAlone());
        }
    }

    private final Reads reads;
    private final Leaving left;
    private final List<Wished> decided;

    private BriefInspection(Reads reads) {
        this.reads = reads;
        this.left = new Leaving(STATION, reads.reading().value(), reads.pxPerMm(), reads.log());
        this.decided = reads.wished().stream().filter(Wished::isDecided).toList();
    }

    static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        Group.of(notCleared(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        MarginFindings margins = new MarginFindings(decided, left);
        Group.of(margins.noRoom(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        Group.of(margins.narrow(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        if (!reads.blank()) {
            Group.of(black(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
            Group.of(lettering(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
            Group.of(resolution(), Integer.MAX_VALUE, all -> List.of()).ifPresent(groups::add);
        }
        return groups;
    }

    private List<Finding> notCleared() {
        List<Wished> sold = decided.stream().filter(Wished::forSale).toList();
        if (sold.isEmpty()) {
            return List.of();
        }
        return reads.references().stream()
                .filter(reference -> !reference.use().forSale())
                .map(reference -> notCleared(reference, sold))
                .toList();
    }

    private static Finding notCleared(Reference reference, List<Wished> sold) {
        boolean known = reference.use() == Reference.Use.PRIVATE;
        return Finding.of(
                        NOT_CLEARED,
                        String.format(
                                Locale.ROOT,
                                known
                                        ? "“%s” may not be sold"
                                        : "“%s”: nobody has said whether it may be sold",
                                reference.what()),
                        "What is made after it is to be sold. This is a note of yours, no legal"
                                + " advice.",
                        use("cleared", "It is cleared for sale", reference, Reference.Use.CLEARED),
                        use("own", "It is my own", reference, Reference.Use.OWN))
                .on(Wished.keys(sold));
    }

    private static Answer use(String key, String label, Reference reference, Reference.Use use) {
        Reference changed = reference.withUse(use);
        return new Answer.Change(
                key,
                label,
                "Rights in a reference",
                (job, drawing) ->
                        job.withBrief(
                                job.brief()
                                        .withReferences(
                                                job.brief().references().stream()
                                                        .map(
                                                                one ->
                                                                        one.equals(reference)
                                                                                ? changed
                                                                                : one)
                                                        .toList())));
    }

    private List<Finding> black() {
        List<Finding> found = new ArrayList<>();
        for (Wished wished : decided) {
            BlackRule wanted = wished.goods().printing().black();
            String what = wished.left("black");
            // Cloth is printed in screens, of which black is one: it is never rich there.
            boolean printsColour =
                    wished.goods().needs().coloured() != Coloured.NO
                            && wished.goods().kind() != GoodsKind.SHIRT;
            if (printsColour && wanted != reads.black() && !left.isLeft(what)) {
                found.add(
                        Finding.of(
                                        BLACK,
                                        wished.subject()
                                                + (wanted == BlackRule.RICH
                                                        ? " wants rich black"
                                                        : " wants black ink alone"),
                                        "Press is set to "
                                                + (reads.black() == BlackRule.RICH
                                                        ? "rich black"
                                                        : "black ink alone")
                                                + ", for all files.",
                                        new Answer.Change(
                                                "as-wanted",
                                                "Print it so",
                                                "Black",
                                                (job, drawing) -> job.withBlack(wanted)),
                                        left.leave(what))
                                .on(wished.keys()));
            }
        }
        return found;
    }

    private List<Finding> lettering() {
        List<Finding> found = new ArrayList<>();
        for (Lettering one : reads.lettering()) {
            double k = reads.pxPerMm();
            OptionalDouble px =
                    LetterHeight.of(
                            reads.ink().value(),
                            (int) Math.floor(one.from().x() * k),
                            (int) Math.floor(one.from().y() * k),
                            (int) Math.ceil(one.to().x() * k),
                            (int) Math.ceil(one.to().y() * k));
            if (px.isPresent()) {
                decided.stream()
                        .flatMap(wished -> small(one, px.getAsDouble() / k, wished).stream())
                        .forEach(found::add);
            }
        }
        return found;
    }

    private Optional<Finding> small(Lettering one, double pageMm, Wished wished) {
        double mm = wished.onGoods(pageMm);
        double least = wished.goods().detail().xHeightMm();
        if (mm >= least) {
            return Optional.empty();
        }
        return LetteringFinding.of(
                LETTERING,
                one,
                mm,
                least,
                "Small letters are " + Words.under(mm, least) + " high",
                wished.subject()
                        + " holds them from "
                        + Words.mm(least)
                        + " on; smaller ones fill in or vanish.",
                wished,
                left);
    }

    private List<Finding> resolution() {
        List<Finding> found = new ArrayList<>();
        for (Wished wished : decided) {
            GoodsFit fit = wished.fit();
            double there = fit.ppi(reads.ppi());
            double wanted = wished.goods().sizing().ppi();
            double off = TRUE_PX * MM_PER_INCH / there;
            double seen = wished.goods().detail().seenMm();
            String what = wished.left("resolution");
            if (there < ENOUGH * wanted && off > seen && !left.isLeft(what)) {
                found.add(
                        Finding.of(
                                        RESOLUTION,
                                        String.format(
                                                Locale.ROOT,
                                                "%.0f ppi: edges may be %.2f mm off%s",
                                                there,
                                                off,
                                                wished.on()),
                                        String.format(
                                                Locale.ROOT,
                                                "It is %.1f times as large as the scan. Curves stay"
                                                        + " smooth and true to a third of a pixel,"
                                                        + " which is seen from %.2f mm on. Scan at"
                                                        + " %.0f ppi%s.",
                                                fit.factor(),
                                                seen,
                                                wanted * fit.factor(),
                                                smaller(wished)),
                                        left.leave(what))
                                .measuring(new Measure(off, "mm"))
                                .against(seen)
                                .on(wished.keys()));
            }
        }
        return found;
    }

    private String smaller(Wished wished) {
        if (wished.goods().sizing().fit() == Fit.SCANNED) {
            return "";
        }
        double honest = wished.fit().artWidthMm() * wished.fit().ppi(reads.ppi());
        return String.format(
                Locale.ROOT,
                ", or make it no wider than %.0f mm",
                honest / wished.goods().sizing().ppi());
    }
}
