package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.flat.AreaGroup;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.Swatch;
import neattrace.flat.layer.Attachment;
import neattrace.flat.review.FlatFinding;
import neattrace.flat.review.FlatReview;
import neattrace.geom.Point;
import neattrace.job.Lettering;
import neattrace.job.LogSection;
import neattrace.job.PressSection;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.press.PressProfile;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.tree.Knife;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Same;
import neattrace.trace.review.WidthTable;

/** What is doubtful about flats. */
final class FlatInspection {

    static final String STATION = "flats";

    static final Kind TOO_MANY_INKS =
            kind("too-many-inks", Severity.STOP, Cost.RUN, "%d palettes of too many inks");
    static final Kind ACROSS_CUT =
            kind(
                    "same-across-cut",
                    Severity.LOOK,
                    Cost.PLACE,
                    "%d cuts have one colour both sides");
    static final Kind BARE = kind("area-bare", Severity.LOOK, Cost.PLACE, "%d areas are bare");
    static final Kind TOO_SMALL =
            kind("area-too-small", Severity.LOOK, Cost.PLACE, "%d areas too small to get into");
    static final Kind LEAK =
            kind("colours-meet-in-gap", Severity.LOOK, Cost.PLACE, "%d gaps hold colours apart");
    static final Kind ALIKE =
            kind("colours-alike", Severity.LOOK, Cost.WORK, "%d pairs of colours all but one");
    static final Kind UNCOLOURED =
            kind("not-coloured", Severity.INFO, Cost.WORK, "%d areas to colour");
    static final Kind ONCE =
            kind("colour-used-once", Severity.INFO, Cost.WORK, "%d colours are used once");
    static final Kind CROWDED =
            kind("colour-crowded", Severity.INFO, Cost.LITTLE, "%d colours keep to one part");

    private static final Kind LOST =
            kind("colour-lost", Severity.LOOK, Cost.PLACE, "%d colours lost their areas");
    private static final Kind SCATTERED =
            kind("group-scattered", Severity.LOOK, Cost.WORK, "%d groups lost areas");
    private static final Kind LOST_FORM =
            kind("form-lost", Severity.LOOK, Cost.PLACE, "%d forms have nothing to lie on");

    static final Inspection<Reads> FLATS =
            new Inspection<>(
                    STATION,
                    List.of(
                            TOO_MANY_INKS,
                            LOST,
                            LOST_FORM,
                            ACROSS_CUT,
                            BARE,
                            TOO_SMALL,
                            LEAK,
                            ALIKE,
                            SCATTERED,
                            UNCOLOURED,
                            ONCE,
                            CROWDED),
                    Reads::of,
                    reads -> new FlatInspection(reads).groups());

    /** What is read. */
    record Reads(
            Same<InkReading> reading,
            Same<InkMap> ink,
            Same<AreaMap> areas,
            Same<Attachment> attachment,
            List<Swatch> swatches,
            List<AreaGroup> named,
            List<Form> lostForms,
            List<Wished> wished,
            double usualLineMm,
            boolean blackLines,
            List<Integer> lineSwatches,
            List<Lettering> lettering,
            CloseSettings close,
            double pxPerMm,
            PressSection press,
            LogSection log) {

        /** Half of the length of lines is thinner, mm on the page; 0 as long as nobody knows. */
        private static double usualLineMm(Known known) {
            return known.study().flatMap(LineStudy::widths).map(WidthTable::usualMm).orElse(0.0);
        }

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    Same.of(drawing.reading()),
                    Same.of(drawing.traced().ink()),
                    Same.of(drawing.areas()),
                    Same.of(drawing.attachment()),
                    drawing.job().swatches(),
                    drawing.job().groups(),
                    drawing.lostForms(),
                    Wished.of(drawing),
                    usualLineMm(known),
                    !drawing.traced().blackLines().isEmpty(),
                    drawing.traced().colouredLines().stream()
                            .map(line -> line.swatch().id())
                            .toList(),
                    drawing.job().brief().lettering(),
                    drawing.job().close(),
                    drawing.resolution().pxPerMm(),
                    drawing.job().press(),
                    drawing.job().log().settledAlone());
        }

        double mmPerPx() {
            return 1 / pxPerMm;
        }

        Map<Integer, Integer> swatchOf() {
            return attachment.value().swatchOf();
        }
    }

    private final Reads reads;
    private final List<Group> groups = new ArrayList<>();

    private FlatInspection(Reads reads) {
        this.reads = reads;
    }

    private static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private List<Group> groups() {
        lost(reads.attachment().value().lost().stream().map(FlatInspection::lost).toList());
        lost(reads.lostForms().stream().map(FlatInspection::lost).toList());
        lost(scattered());
        groups.addAll(new BareAreas(reads).groups());
        groups.addAll(new GoodsFlats(reads).groups());
        groups.addAll(new FlatFindings(reads, doubtful()).groups());
        return groups;
    }

    private List<FlatFinding> doubtful() {
        AreaMap areas = reads.areas().value();
        Knife knife = new Knife(reads.ink().value(), reads.pxPerMm(), reads.close().frameMm());
        List<FlatFinding> doubtful =
                new ArrayList<>(
                        FlatReview.of(
                                areas,
                                reads.swatchOf(),
                                reads.swatches(),
                                reads.mmPerPx(),
                                PressProfile.bundled()));
        doubtful.addAll(
                FlatReview.acrossCuts(
                        areas,
                        reads.swatchOf(),
                        reads.swatches(),
                        reads.mmPerPx(),
                        reads.close().cuts(),
                        knife));
        return doubtful;
    }

    private void lost(List<Finding> found) {
        Group.of(found, "forget", "Forget them all").ifPresent(groups::add);
    }

    private static Finding lost(Fill lost) {
        return Finding.of(
                        LOST,
                        "A colour lost its area",
                        "The area it was laid in is gone or has been joined to another.",
                        new Answer.Change(
                                "forget",
                                "Forget it",
                                "Forget a lost colour",
                                (job, drawing) ->
                                        job.withFills(
                                                job.fills().stream()
                                                        .filter(fill -> !fill.equals(lost))
                                                        .toList())))
                .at(new Place.Spot(lost.anchor(), 4));
    }

    private static Finding lost(Form form) {
        return Finding.of(
                LOST_FORM,
                form.words() + ": nothing to lie on",
                "The area is gone or too small for it. It is kept, in case the area comes back.",
                new Answer.Change(
                        "forget",
                        "Forget it",
                        "Forget a form",
                        (job, drawing) ->
                                job.withFlat(
                                        job.flat()
                                                .withForms(
                                                        job.flat().forms().stream()
                                                                .filter(one -> !one.equals(form))
                                                                .toList()))));
    }

    /** Groups some of whose areas are gone. */
    private List<Finding> scattered() {
        List<Finding> found = new ArrayList<>();
        for (AreaGroup group : reads.named()) {
            long gone = group.anchors().stream().filter(anchor -> !isInArea(anchor)).count();
            if (gone > 0) {
                found.add(scattered(group, gone));
            }
        }
        return found;
    }

    private boolean isInArea(Point anchor) {
        return reads.areas()
                .value()
                .at(anchor.times(reads.pxPerMm()))
                .filter(area -> !area.outside())
                .isPresent();
    }

    private static Finding scattered(AreaGroup group, long gone) {
        return Finding.of(
                SCATTERED,
                String.format(Locale.ROOT, "“%s” lost %d of its areas", group.name(), gone),
                "They are gone or open to the page. They are kept in mind, in case they come back.",
                new Answer.Change(
                        "forget",
                        "Forget them",
                        "Forget areas of a group",
                        (job, drawing) ->
                                Colouring.without(
                                        job, group, Colouring.stillThere(drawing, group))));
    }
}
