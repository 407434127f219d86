package neattrace.inspection;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import neattrace.finding.Answer;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.finding.Severity;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;

/** What others would ask about files. */
final class HandOverInspection {

    static final String STATION = "hand-over";

    private static final Kind UNUSED =
            kind("swatch-unused", Severity.INFO, Cost.LITTLE, "%d swatches are used nowhere");

    static final Inspection<Reads> HAND_OVER =
            new Inspection<>(
                    STATION,
                    List.of(UNUSED),
                    Reads::of,
                    reads -> new HandOverInspection(reads).groups());

    /**
     * What is read.
     *
     * @param used ids of the swatches that flats and lines are made of
     */
    record Reads(List<Swatch> swatches, Set<Integer> used) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            return new Reads(drawing.job().swatches(), usedIn(drawing));
        }
    }

    private final Reads reads;

    private HandOverInspection(Reads reads) {
        this.reads = reads;
    }

    private static Kind kind(String key, Severity severity, Cost cost, String many) {
        return new Kind(STATION, key, severity, cost, many);
    }

    private static Set<Integer> usedIn(Drawing drawing) {
        Set<Integer> used = new HashSet<>();
        drawing.layers().forEach(layer -> used.add(layer.swatch().id()));
        // What forms cover altogether is used all the same.
        used.addAll(drawing.attachment().swatchOf().values());
        drawing.traced().colouredLines().forEach(layer -> used.add(layer.swatch().id()));
        return used;
    }

    private List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        List<Swatch> unused =
                reads.swatches().stream()
                        .filter(swatch -> !reads.used().contains(swatch.id()))
                        .toList();
        // Swatches wait for their areas as long as nothing has a colour.
        if (!unused.isEmpty() && !reads.used().isEmpty()) {
            List<Finding> found = unused.stream().map(HandOverInspection::unused).toList();
            Group.of(found, "remove", "Remove all " + found.size()).ifPresent(groups::add);
        }
        return groups;
    }

    private static Finding unused(Swatch swatch) {
        return Finding.of(
                UNUSED,
                swatch.name() + " is used nowhere",
                "It is not written; a printer would ask about it.",
                new Answer.Change(
                        "remove",
                        "Remove it",
                        "Remove an unused swatch",
                        (job, drawing) -> without(job, drawing, swatch.id())));
    }

    private static Job without(Job job, Drawing drawing, int id) {
        return usedIn(drawing).contains(id) ? job : job.withoutSwatch(id);
    }
}
