package neattrace.inspection;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.flat.review.FlatFinding;
import neattrace.flat.review.FlatReview;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.job.change.Colouring;
import neattrace.region.Area;

/** What a review says about flats. */
final class FlatFindings {

    private static final int MOST_SINGLY = 400;

    /** On these colours are spread over a sheet; a single motif has them where they belong. */
    private static final Set<GoodsKind> SHEETS =
            Set.of(GoodsKind.PRINT, GoodsKind.MUG, GoodsKind.STICKER_SHEET);

    private final FlatInspection.Reads reads;
    private final List<FlatFinding> doubtful;
    private final Leaving left;
    private final double mmPerPx;

    FlatFindings(FlatInspection.Reads reads, List<FlatFinding> doubtful) {
        this.reads = reads;
        this.doubtful = doubtful;
        this.left =
                new Leaving(
                        FlatInspection.STATION,
                        reads.reading().value(),
                        reads.pxPerMm(),
                        reads.log());
        this.mmPerPx = reads.mmPerPx();
    }

    List<Group> groups() {
        Map<Kind, List<Finding>> byKind = new LinkedHashMap<>();
        for (FlatFinding one : doubtful) {
            finding(one)
                    .ifPresent(
                            found ->
                                    byKind.computeIfAbsent(found.kind(), k -> new ArrayList<>())
                                            .add(found));
        }
        List<Group> groups = new ArrayList<>();
        byKind.values()
                .forEach(
                        all ->
                                Group.of(all, MOST_SINGLY, FlatFindings::leaveAll)
                                        .ifPresent(groups::add));
        return groups;
    }

    private static List<Answer> leaveAll(List<Finding> all) {
        boolean canBeLeft =
                all.get(0).answers().stream()
                        .anyMatch(answer -> answer.key().equals(Leaving.LEAVE));
        return canBeLeft
                ? List.of(Group.each(all, Leaving.LEAVE, "Leave all as they are"))
                : List.of();
    }

    private Optional<Finding> finding(FlatFinding finding) {
        if (finding instanceof FlatFinding.Alike alike) {
            return alike(alike);
        }
        if (finding instanceof FlatFinding.SameAcrossCut same) {
            return acrossCut(same);
        }
        if (finding instanceof FlatFinding.WideLeak leak) {
            return leak(leak);
        }
        if (finding instanceof FlatFinding.Crowded crowded) {
            return crowded(crowded);
        }
        return usedOnce((FlatFinding.UsedOnce) finding);
    }

    private Optional<Finding> acrossCut(FlatFinding.SameAcrossCut same) {
        Point at = same.cut().middle();
        Optional<Area> side = reads.areas().value().at(same.at());
        if (side.isEmpty() || left.isLeft("cut", at)) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(
                                FlatInspection.ACROSS_CUT,
                                same.swatch().name() + " lies on both sides of a cut",
                                "A cut parts what should differ: one side is still to be coloured,"
                                        + " or the colour is on the wrong side.",
                                new Answer.Colour("colour", "Colour one side", List.of(side.get())),
                                left.leave("cut", at))
                        .at(new Place.Line(at, same.cut().line(), 6)));
    }

    private Optional<Finding> alike(FlatFinding.Alike alike) {
        int into = alike.kept().id();
        int from = alike.other().id();
        String key = "alike " + Math.min(into, from) + " " + Math.max(into, from);
        if (left.isLeft(key)) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(
                                FlatInspection.ALIKE,
                                String.format(
                                        Locale.ROOT,
                                        "%s and %s are all but one colour",
                                        alike.kept().name(),
                                        alike.other().name()),
                                String.format(
                                        Locale.ROOT,
                                        "They differ by %.1f (CIEDE2000); under %.0f hardly anybody"
                                                + " sees it, and each costs an ink.",
                                        alike.difference(),
                                        FlatReview.ALIKE),
                                new Answer.Change(
                                        "merge",
                                        "Make them " + alike.kept().name(),
                                        "Merge swatches",
                                        (job, drawing) -> Colouring.merged(job, from, into)),
                                left.leave(key))
                        .measuring(new Measure(alike.difference(), "ΔE00"))
                        .against(FlatReview.ALIKE));
    }

    private Optional<Finding> leak(FlatFinding.WideLeak leak) {
        Point at = leak.gap().place().times(mmPerPx);
        if (leak.gap().decided() || left.isLeft("leak", at)) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(
                                FlatInspection.LEAK,
                                String.format(
                                        Locale.ROOT,
                                        "Two colours meet in a gap of %.2f mm",
                                        leak.widthMm()),
                                "Only an unseen line keeps them apart; the gap is wide enough to be"
                                        + " seen.",
                                left.leave("leak", at))
                        .at(
                                new Place.Stretch(
                                        at,
                                        leak.gap().from().times(mmPerPx),
                                        leak.gap().to().times(mmPerPx),
                                        true,
                                        List.of(),
                                        Math.max(4, 3 * leak.widthMm())))
                        .measuring(Measure.mm(leak.widthMm())));
    }

    private Optional<Finding> crowded(FlatFinding.Crowded crowded) {
        String key = "crowded " + crowded.swatch().id();
        if (left.isLeft(key) || !isForAny(SHEETS)) {
            return Optional.empty();
        }
        return Optional.of(
                Finding.of(
                        FlatInspection.CROWDED,
                        crowded.swatch().name() + " is all " + crowded.where(),
                        String.format(
                                Locale.ROOT,
                                "All %d areas of it lie there. A colour that comes back elsewhere"
                                        + " holds a sheet together.",
                                crowded.areas().size()),
                        left.leave(key)));
    }

    /** Whether it may be for some kinds of goods: as long as nobody has said, it may. */
    private boolean isForAny(Set<GoodsKind> kinds) {
        return reads.wished().stream()
                .anyMatch(one -> !one.isDecided() || kinds.contains(one.goods().kind()));
    }

    /** Whether every colour is an ink that costs. */
    private boolean countsInks() {
        return reads.wished().stream()
                .anyMatch(one -> !one.isDecided() || one.goods().printing().mostInks() > 0);
    }

    private Optional<Finding> usedOnce(FlatFinding.UsedOnce once) {
        String key = "once " + once.swatch().id();
        if (left.isLeft(key) || !countsInks()) {
            return Optional.empty();
        }
        Point at = once.area().anchor().times(mmPerPx);
        return Optional.of(
                Finding.of(
                                FlatInspection.ONCE,
                                once.swatch().name() + " is used once",
                                "One area only: meant, or a slip? In print it is an ink of its own.",
                                left.leave(key))
                        .at(
                                new Place.Spot(
                                        at, Math.max(4, 2.5 * once.area().radiusPx() * mmPerPx))));
    }
}
