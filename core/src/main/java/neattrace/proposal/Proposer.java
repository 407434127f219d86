package neattrace.proposal;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import neattrace.finding.Answer;
import neattrace.finding.Finding;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.finding.Place;
import neattrace.flat.rough.RoughFitting;
import neattrace.geom.Point;
import neattrace.inspection.Inspection;
import neattrace.inspection.Inspector;
import neattrace.inspection.Known;
import neattrace.job.Job;
import neattrace.job.Reframing;
import neattrace.job.change.Closing;
import neattrace.job.change.RoughFlats;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.raster.Picture;
import neattrace.region.Gap;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Progress;

/** Takes jobs as far as they go. */
public final class Proposer {

    /** Two ends of lines that point at each other are surely a slip, one probably, none hardly. */
    private static final double[] DOUBT_BY_ENDS = {0.6, 0.45, 0.25};

    private static final double DOUBT_CLOSED = 0.3;

    /** Colours that a rough shows clearly, and less clearly. */
    private static final double DOUBT_ROUGH = 0.3;

    private static final double DOUBT_BAD_ROUGH = 0.9;

    private final Pipeline pipeline;
    private final Set<String> without;
    private final List<Decision> decisions = new ArrayList<>();
    private Job job;

    private Proposer(Pipeline pipeline, Job job, Set<String> without) {
        this.pipeline = pipeline;
        this.without = without;
        this.job = job;
    }

    /**
     * A proposal for a job. What a person decided stays; what cannot be decided without one is
     * told.
     *
     * @param rough colours dabbed in, of the drawing's proportion; empty for none
     * @param without ids of decisions that are not to be taken
     * @throws IOException if the source or the rough cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Proposal propose(
            Pipeline pipeline,
            Job job,
            Optional<Picture> rough,
            Set<String> without,
            Progress progress)
            throws IOException {
        return new Proposer(pipeline, job, without).propose(rough, progress);
    }

    private Proposal propose(Optional<Picture> rough, Progress progress) throws IOException {
        sheet(progress.part(0, 0.35));
        lines(progress.part(0.35, 0.6));
        gaps(pipeline.run(job, progress.part(0.6, 0.7)));
        if (rough.isPresent()) {
            colour(rough.get(), progress.part(0.7, 0.9));
        }
        Drawing coloured = pipeline.run(job, progress.part(0.9, 0.93));
        take(coloured, known(coloured), Set.of("flats", "press", "brief"));
        return new Proposal(pipeline.run(job, progress.part(0.93, 1)), decisions);
    }

    private static Known known(Drawing drawing) {
        return new Known(drawing, Optional.empty(), Optional.empty());
    }

    private void sheet(Progress progress) throws IOException {
        Drawing drawing = pipeline.sheet(job, progress.part(0, 0.6));
        SheetReview review = pipeline.review(drawing.reading(), progress.part(0.6, 1));
        Job before = job;
        take(drawing, new Known(drawing, Optional.of(review), Optional.empty()), Set.of("sheet"));
        // What was decided in other places goes along with the drawing.
        job = Reframing.carry(before, job, drawing.picture());
    }

    private void lines(Progress progress) throws IOException {
        Drawing drawing = pipeline.lines(job, progress.part(0, 0.5));
        LineStudy study = pipeline.study(drawing.traced(), progress.part(0.5, 1));
        take(drawing, new Known(drawing, Optional.empty(), Optional.of(study)), Set.of("line"));
    }

    /** Decides what is found at some stations, as the rules say. */
    private void take(Drawing drawing, Known known, Set<String> stations) {
        Findings findings = look(known, stations);
        for (Group group : findings.groups()) {
            if (group.more() > 0) {
                takeAll(group, drawing);
            } else {
                group.findings().forEach(finding -> take(finding, drawing));
            }
        }
    }

    private Findings look(Known known, Set<String> stations) {
        List<Inspection<?>> some =
                Inspector.ALL.stream().filter(one -> stations.contains(one.station())).toList();
        return new Inspector(pipeline, some).look(known, Progress.SILENT);
    }

    /** More than anybody looks at one by one are decided at once. */
    private void takeAll(Group group, Drawing drawing) {
        Finding first = group.findings().get(0);
        Finding all =
                new Finding(
                        group.kind(),
                        Optional.empty(),
                        Optional.empty(),
                        first.limit(),
                        first.goods(),
                        group.title(),
                        first.reason(),
                        group.answers());
        take(all, drawing);
    }

    private void take(Finding finding, Drawing drawing) {
        Rule rule = Rule.of(finding.kind().key());
        String id = id(finding.kind().key(), finding.place().map(Place::at), finding.goods());
        Optional<Answer.Change> change =
                rule.answer()
                        .filter(key -> !without.contains(id))
                        .flatMap(key -> answer(finding, key));
        change.ifPresent(one -> job = one.apply(job, drawing));
        decisions.add(
                new Decision(
                        id,
                        finding.kind().station(),
                        finding.kind().key(),
                        finding.title(),
                        change.map(Answer.Change::label).map(Proposer::small),
                        finding.reason(),
                        rule.doubt(),
                        finding.place(),
                        finding.goods()));
    }

    private static Optional<Answer.Change> answer(Finding finding, String key) {
        return finding.answers().stream()
                .filter(answer -> answer.key().equals(key))
                .filter(Answer.Change.class::isInstance)
                .map(Answer.Change.class::cast)
                .findFirst();
    }

    private static String small(String label) {
        return label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }

    private static String id(String kind, Optional<Point> at, List<String> goods) {
        String where =
                at.map(one -> String.format(Locale.ROOT, "@%.1f,%.1f", one.x(), one.y()))
                        .orElse("");
        return kind + where + (goods.isEmpty() ? "" : "#" + String.join("+", goods));
    }

    /** Openings are closed that look like slips; what the program closed by itself is told. */
    private void gaps(Drawing drawing) {
        double mmPerPx = drawing.resolution().mmPerPx();
        Findings findings = look(known(drawing), Set.of("close"));
        boolean matters =
                findings.at("close").stream()
                        .anyMatch(group -> group.kind().key().startsWith("gap-"));
        if (!matters) {
            return;
        }
        for (Gap gap : drawing.areas().gaps()) {
            if (!gap.decided()) {
                gap(gap, gap.place().times(mmPerPx), gap.widthPx() * mmPerPx);
            }
        }
    }

    private void gap(Gap gap, Point at, double mm) {
        String kind = gap.closed() ? "gap-closed" : "gap-open";
        String id = id(kind, Optional.of(at), List.of());
        boolean close = gap.ends() > 0 != gap.closed() && !without.contains(id);
        boolean open = gap.closed() && without.contains(id);
        if (close || open) {
            job = Closing.decide(job, at, close);
        }
        boolean closed = close || gap.closed() && !open;
        double doubt =
                gap.closed() ? DOUBT_CLOSED : DOUBT_BY_ENDS[Math.min(2, Math.max(0, gap.ends()))];
        decisions.add(
                new Decision(
                        id,
                        "close",
                        kind,
                        String.format(Locale.ROOT, "An opening of %.2f mm", mm),
                        closed ? Optional.of("close it") : Optional.empty(),
                        switch (gap.ends()) {
                            case 2 -> "Two ends of lines point at each other.";
                            case 1 -> "A line stops short of another.";
                            default -> "No line ends there; it may well be meant.";
                        },
                        doubt,
                        Optional.of(new Place.Spot(at, Math.max(3, 3 * mm))),
                        List.of()));
    }

    private void colour(Picture rough, Progress progress) throws IOException {
        String id = id("colours-from-rough", Optional.empty(), List.of());
        if (without.contains(id)) {
            return;
        }
        var lines = pipeline.trace(job, progress.part(0, 0.1));
        RoughFlats.Coloured coloured =
                RoughFlats.of(
                        pipeline,
                        lines,
                        RoughFitting.fit(rough, lines.ink()).picture(),
                        !job.swatches().isEmpty(),
                        PressProfile.bundled(),
                        progress.part(0.1, 1));
        job = coloured.drawing().job();
        decisions.add(
                new Decision(
                        id,
                        "flats",
                        "colours-from-rough",
                        "Colours as the rough shows",
                        Optional.of("lay them"),
                        String.format(
                                Locale.ROOT,
                                "%.0f %% of the areas lies under one clear colour.",
                                100 * coloured.clearShare()),
                        coloured.fitsBadly() ? DOUBT_BAD_ROUGH : DOUBT_ROUGH,
                        Optional.empty(),
                        List.of()));
    }
}
