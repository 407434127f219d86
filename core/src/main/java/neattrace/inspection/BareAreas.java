package neattrace.inspection;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.goods.Needs.Coloured;
import neattrace.job.change.Colouring;
import neattrace.region.Area;

/** Enclosed areas that have no colour. */
final class BareAreas {

    /** No more are told of singly; all are answered together. */
    private static final int MOST_SINGLY = 400;

    /** An area up to this size is a speck, mm2. */
    private static final double SPECK = 2;

    private final FlatInspection.Reads reads;

    BareAreas(FlatInspection.Reads reads) {
        this.reads = reads;
    }

    List<Group> groups() {
        List<Area> bare =
                reads.areas().value().enclosed().stream()
                        .filter(area -> !reads.swatchOf().containsKey(area.label()))
                        .sorted(Comparator.comparingLong(Area::pixels))
                        .toList();
        if (wanting().isEmpty()) {
            return List.of();
        }
        return group(kind(), bare).stream().toList();
    }

    /** Goods on which a bare area may be a mistake. */
    private List<Wished> wanting() {
        return reads.wished().stream()
                .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                .toList();
    }

    private Kind kind() {
        boolean stops =
                wanting().stream().anyMatch(one -> one.goods().needs().coloured() == Coloured.YES);
        // A page that nobody has begun to colour has no areas that were missed.
        Kind kind = reads.swatchOf().isEmpty() ? FlatInspection.UNCOLOURED : FlatInspection.BARE;
        return stops ? kind.withSeverity(Severity.STOP) : kind;
    }

    private Optional<Group> group(Kind kind, List<Area> bare) {
        List<Finding> singly =
                bare.stream().limit(MOST_SINGLY).map(area -> finding(kind, area)).toList();
        return Group.of(
                        singly,
                        MOST_SINGLY,
                        all ->
                                List.of(
                                        bareAll("Leave all " + bare.size() + " bare", bare),
                                        new Answer.Colour(
                                                "colour", "Colour all " + bare.size(), bare)))
                .map(group -> group.and(bare.size() - singly.size()));
    }

    private static Answer.Change bareAll(String label, List<Area> areas) {
        return new Answer.Change(
                "leave-bare",
                label,
                areas.size() == 1 ? "Leave an area bare" : "Leave areas bare",
                (job, drawing) -> Colouring.fill(job, drawing, areas, Fill.PAPER));
    }

    private Finding finding(Kind kind, Area area) {
        double squareMm = area.pixels() * reads.mmPerPx() * reads.mmPerPx();
        Point at = area.anchor().times(reads.mmPerPx());
        return Finding.of(
                        kind,
                        String.format(
                                Locale.ROOT,
                                squareMm < 1
                                        ? "%.2f mm² without colour"
                                        : "%.0f mm² without colour",
                                squareMm),
                        squareMm < SPECK
                                ? "A speck this small is easily missed and prints white."
                                : reason(),
                        new Answer.Colour("colour", "Colour it", List.of(area)),
                        bareAll("Leave it bare", List.of(area)))
                .at(new Place.Spot(at, Math.max(3, 2.5 * area.radiusPx() * reads.mmPerPx())))
                .measuring(new Measure(squareMm, "mm²"))
                .on(Wished.keys(wanting()));
    }

    private String reason() {
        return wanting().stream()
                .filter(Wished::isDecided)
                .findFirst()
                .map(
                        one ->
                                one.goods().needs().coloured() == Coloured.YES
                                        ? one.subject() + " wants a colour in every area."
                                        : one.subject() + " shows its cloth or paper there: meant?")
                .orElse("An enclosed area that is still bare.");
    }
}
