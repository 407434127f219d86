package neattrace.proposal;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
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
import neattrace.job.pipeline.Traced;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.region.Gap;
import neattrace.region.Mend;
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

    /** What was taken back is the same again within this distance, mm. */
    private static final double SAME_PLACE_MM = 0.25;

    /** Joined ends make a line that may want to be thickened; that seldom makes another. */
    private static final int LINE_ROUNDS = 3;

    /** The kind of finding whose mending joins ends. */
    private static final String JOINED = "line-breaks";

    /** So far round what was mended new findings may be its doing, mm. */
    private static final double NEAR_MM = 2;

    /**
     * So far round it lines are looked at to tell, mm: those beyond end at the rim of what is seen.
     */
    private static final double SEEN_MM = 6;

    private final Pipeline pipeline;
    private final List<DecisionId> without;

    /** Those among them that were up for decision. */
    private final Set<DecisionId> asked = new HashSet<>();

    private final List<DecisionId> taken = new ArrayList<>();
    private final List<Decision> decisions = new ArrayList<>();
    private Job job;

    /** Where ends were joined that nobody has looked at since, mm. */
    private final List<Point> joined = new ArrayList<>();

    private Proposer(Pipeline pipeline, Job job, Set<String> without) {
        this.pipeline = pipeline;
        this.without = without.stream().map(DecisionId::parse).toList();
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
        gaps(progress.part(0.6, 0.7));
        if (rough.isPresent()) {
            colour(rough.get(), progress.part(0.7, 0.9));
        }
        Drawing coloured = pipeline.run(job, progress.part(0.9, 0.93));
        take(coloured, known(coloured), Set.of("flats", "press", "brief"));
        List<String> idle =
                without.stream().filter(id -> !asked.contains(id)).map(DecisionId::words).toList();
        return new Proposal(pipeline.run(job, progress.part(0.93, 1)), decisions, idle);
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

    /** Joined ends make new lines; what is near them is looked through as well. */
    private void lines(Progress progress) throws IOException {
        for (int round = 0; round < LINE_ROUNDS; round++) {
            Job before = job;
            Progress part =
                    progress.part((double) round / LINE_ROUNDS, (round + 1.0) / LINE_ROUNDS);
            Drawing drawing = pipeline.lines(job, part.part(0, 0.5));
            if (round == 0) {
                LineStudy study = pipeline.study(drawing.traced(), part.part(0.5, 1));
                take(drawing, of(drawing, study), Set.of("line"), finding -> true);
            } else {
                List<Point> ends = List.copyOf(joined);
                joined.clear();
                Traced near = drawing.traced().near(round(ends, SEEN_MM));
                LineStudy study = pipeline.apart().study(near, part.part(0.5, 1));
                take(drawing, of(drawing, study), Set.of("line"), one -> isNear(one, ends));
            }
            if (joined.isEmpty() || job.equals(before)) {
                return;
            }
        }
    }

    private static Known of(Drawing drawing, LineStudy study) {
        return new Known(drawing, Optional.empty(), Optional.of(study));
    }

    private static List<Rectangle2D> round(List<Point> places, double mm) {
        return places.stream()
                .<Rectangle2D>map(
                        at -> new Rectangle2D.Double(at.x() - mm, at.y() - mm, 2 * mm, 2 * mm))
                .toList();
    }

    private static boolean isNear(Finding finding, List<Point> places) {
        return finding.place()
                .map(Place::at)
                .filter(at -> places.stream().anyMatch(one -> one.distance(at) < NEAR_MM))
                .isPresent();
    }

    /** Decides what is found at some stations, as the rules say. */
    private void take(Drawing drawing, Known known, Set<String> stations) {
        take(drawing, known, stations, finding -> true);
    }

    /** The same for some findings alone. */
    private void take(
            Drawing drawing, Known known, Set<String> stations, Predicate<Finding> which) {
        List<DecisionId> before = List.copyOf(taken);
        Findings findings = look(known, stations);
        for (Group group : findings.groups()) {
            if (group.more() > 0) {
                takeAll(group, drawing, before);
            } else {
                group.findings().stream()
                        .filter(which)
                        .forEach(finding -> take(finding, drawing, before));
            }
        }
    }

    private Findings look(Known known, Set<String> stations) {
        List<Inspection<?>> some =
                Inspector.ALL.stream().filter(one -> stations.contains(one.station())).toList();
        return new Inspector(pipeline, some).look(known, Progress.SILENT);
    }

    /** More than anybody looks at one by one are decided at once. */
    private void takeAll(Group group, Drawing drawing, List<DecisionId> before) {
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
        take(all, drawing, before);
    }

    /** Takes a decision, unless it was taken before: in an earlier round. */
    private void take(Finding finding, Drawing drawing, List<DecisionId> before) {
        Rule rule = Rule.of(finding.kind().key());
        DecisionId id =
                id(finding.kind().key(), finding.place().map(Place::at), finding.goods(), drawing);
        if (isAmong(before, id, drawing)) {
            return;
        }
        taken.add(id);
        Optional<Answer.Change> change =
                rule.answer()
                        .filter(key -> !isTakenBack(id, drawing))
                        .flatMap(key -> answer(finding, key));
        change.ifPresent(one -> job = one.apply(job, drawing));
        if (change.isPresent() && finding.kind().key().equals(JOINED)) {
            finding.place().map(Place::at).ifPresent(joined::add);
        }
        decisions.add(
                new Decision(
                        id.words(),
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

    private static DecisionId id(
            String kind, Optional<Point> mm, List<String> goods, Drawing drawing) {
        double pxPerMm = drawing.resolution().pxPerMm();
        return new DecisionId(
                kind,
                mm.map(at -> drawing.reading().frame().toSource().apply(at.times(pxPerMm))),
                goods);
    }

    private boolean isTakenBack(DecisionId id, Drawing drawing) {
        without.stream().filter(one -> isAmong(List.of(one), id, drawing)).forEach(asked::add);
        return isAmong(without, id, drawing);
    }

    private static boolean isAmong(List<DecisionId> ids, DecisionId id, Drawing drawing) {
        double samePx = SAME_PLACE_MM * drawing.reading().scanPxPerMm();
        return ids.stream().anyMatch(one -> one.isSame(id, samePx));
    }

    /** Openings are closed that look like slips; what the program closed by itself is told. */
    private void gaps(Progress progress) throws IOException {
        Drawing drawing = pipeline.run(job, progress.part(0, 0.8));
        Findings findings = look(known(drawing), Set.of("close"));
        boolean matters =
                findings.at("close").stream()
                        .anyMatch(group -> group.kind().key().startsWith("gap-"));
        if (!matters) {
            return;
        }
        // Only what is closed in ink has to know the lines.
        Optional<LineStudy> study =
                job.close().mend() == Mend.UNSEEN
                        ? Optional.empty()
                        : Optional.of(pipeline.study(drawing.traced(), progress.part(0.8, 1)));
        for (Gap gap : drawing.areas().gaps()) {
            if (!gap.decided()) {
                gap(gap, drawing, study);
            }
        }
    }

    private void gap(Gap gap, Drawing drawing, Optional<LineStudy> study) {
        double mmPerPx = drawing.resolution().mmPerPx();
        Point at = gap.place().times(mmPerPx);
        double mm = gap.widthPx() * mmPerPx;
        String kind = gap.closed() ? "gap-closed" : "gap-open";
        DecisionId id = id(kind, Optional.of(at), List.of(), drawing);
        boolean back = isTakenBack(id, drawing);
        boolean closed = (gap.closed() || gap.ends() > 0) && !back;
        if (closed && !gap.closed()) {
            job = Closing.close(job, gap, study, mmPerPx).orElseThrow();
        }
        if (gap.closed() && back) {
            job = Closing.decide(job, at, false);
        }
        double doubt =
                gap.closed() ? DOUBT_CLOSED : DOUBT_BY_ENDS[Math.min(2, Math.max(0, gap.ends()))];
        decisions.add(
                new Decision(
                        id.words(),
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
        DecisionId id = new DecisionId("colours-from-rough", Optional.empty(), List.of());
        if (without.contains(id)) {
            asked.add(id);
            return;
        }
        Traced lines = pipeline.trace(job, progress.part(0, 0.1));
        RoughFlats.Coloured coloured =
                RoughFlats.of(
                        pipeline,
                        lines,
                        laid(rough, lines),
                        !job.swatches().isEmpty(),
                        job.press().profile(),
                        progress.part(0.1, 1));
        job = coloured.drawing().job();
        decisions.add(
                new Decision(
                        id.words(),
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

    private static Picture laid(Picture rough, Traced lines) throws PictureException {
        try {
            return RoughFitting.fit(rough, lines.ink()).picture();
        } catch (IllegalArgumentException e) {
            throw new PictureException(e.getMessage());
        }
    }
}
