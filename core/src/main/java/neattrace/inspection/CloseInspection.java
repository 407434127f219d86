package neattrace.inspection;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.tree.Knife;
import neattrace.stage.Same;

/** Where colour may run out. */
final class CloseInspection {

    static final String STATION = "close";

    static final Kind OPEN =
            kind("gap-open", Severity.LOOK, Cost.PLACE, "%d openings: slips, or meant?");
    static final Kind CLOSED = kind("gap-closed", Severity.INFO, Cost.PLACE, "%d gaps were closed");

    private static final Kind NO_AREAS =
            kind("no-areas", Severity.STOP, Cost.RUN, "%d sheets without areas");
    private static final Kind IDLE_CUT =
            kind("cut-parts-nothing", Severity.LOOK, Cost.PLACE, "%d cuts part nothing");

    static final Inspection<Reads> CLOSE =
            new Inspection<>(
                    STATION,
                    List.of(NO_AREAS, IDLE_CUT, OPEN, CLOSED),
                    Reads::of,
                    reads -> new CloseInspection(reads).groups());

    /**
     * What is read.
     *
     * @param blank whether there are no lines at all
     */
    record Reads(
            Same<InkMap> ink,
            Same<AreaMap> areas,
            CloseSettings close,
            double pxPerMm,
            boolean blank,
            Optional<Same<LineStudy>> study,
            List<Wished> wished) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(
                    Same.of(drawing.traced().ink()),
                    Same.of(drawing.areas()),
                    drawing.job().close(),
                    drawing.resolution().pxPerMm(),
                    drawing.lines().isEmpty(),
                    known.study().map(Same::of),
                    Wished.of(drawing));
        }

        double mmPerPx() {
            return 1 / pxPerMm;
        }
    }

    private final Reads reads;

    private CloseInspection(Reads reads) {
        this.reads = reads;
    }

    private static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private List<Group> groups() {
        if (reads.areas().value().areas().isEmpty()) {
            return reads.blank() ? List.of() : List.of(Group.of(noAreas()));
        }
        List<Group> groups = new ArrayList<>();
        Group.of(idleCuts(), "take-away", "Take all away").ifPresent(groups::add);
        groups.addAll(new GapFindings(reads).groups());
        return groups;
    }

    private static Finding noAreas() {
        return Finding.of(
                NO_AREAS,
                "No areas were made",
                String.format(
                        Locale.ROOT,
                        "Either the whole sheet is ink, or it has more than %,d stretches of paper:"
                                + " that is noise, not a drawing. Specks and the ink threshold are"
                                + " set at Sheet.",
                        Pipeline.MOST_AREAS),
                new Answer.Visit("sheet", "Look at Sheet", SheetInspection.STATION));
    }

    private List<Finding> idleCuts() {
        List<Finding> found = new ArrayList<>();
        Knife knife = new Knife(reads.ink().value(), reads.pxPerMm(), reads.close().frameMm());
        for (Join cut : reads.close().cuts()) {
            if (!knife.parts(cut, reads.areas().value())) {
                found.add(idle(cut));
            }
        }
        return found;
    }

    private static Finding idle(Join cut) {
        return Finding.of(
                        IDLE_CUT,
                        "A cut parts nothing",
                        "Both its sides are one area: it leads round an end, or the lines it ran"
                                + " between have changed.",
                        new Answer.Change(
                                "take-away",
                                "Take it away",
                                "Take a cut away",
                                (job, drawing) -> job.withClose(without(job.close(), cut))),
                        new Answer.ByHand("again", "Cut again", "knife"))
                .at(new Place.Line(cut.middle(), cut.line(), 5));
    }

    private static CloseSettings without(CloseSettings close, Join cut) {
        List<Join> rest = new ArrayList<>(close.cuts());
        rest.remove(cut);
        return close.withCuts(rest);
    }
}
