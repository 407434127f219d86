package neattrace.plan;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.CRC32;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Needs.Coloured;
import neattrace.job.Job;
import neattrace.job.change.Owed;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.Proof;
import neattrace.job.log.WorkStage;
import neattrace.job.pipeline.Drawing;

/** What is still to be done on a job, told by the job itself. */
public final class JobTasks {

    /**
     * So little of a stage is hardly begun; so much is left of one that took longer than thought.
     */
    private static final double STILL = 0.1;

    private JobTasks() {}

    /**
     * What tells a work from others in calendars, see {@link Task#withId}: its title and its scan.
     * As long as it takes to read the scan's bytes once.
     */
    public static String id(Job job) {
        CRC32 scan = new CRC32();
        scan.update(job.source().bytes());
        return job.title() + "|" + Long.toHexString(scan.getValue());
    }

    /** What drives a drawing's hours. */
    public static Drivers drivers(Drawing drawing, double lineMm) {
        Job job = drawing.job();
        int coloured =
                (int)
                        job.goods().wanted().stream()
                                .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                                .count();
        return new Drivers(
                lineMm,
                drawing.areas().enclosed().size(),
                coloured,
                Math.max(1, job.goods().wanted().size()),
                job.goods().wanted().stream()
                        .mapToInt(one -> screens(drawing, one.goods()))
                        .max()
                        .orElse(0));
    }

    /** Inks that are a screen each, at most as many as the goods take; 0 where colours are free. */
    public static int screens(Drawing drawing, Goods goods) {
        int most = goods.printing().mostInks();
        boolean screens = most > 1 || most == 1 && goods.kind() == GoodsKind.SHIRT;
        return screens ? Math.min(most, drawing.layers().size() + 1) : 0;
    }

    /**
     * Stages that are still to be done: what is scanned is drawn; what has lines set or mended is
     * traced; what has no bare area is coloured; what came back without a fault is proofed; what is
     * owed no more is made.
     */
    public static Set<WorkStage> left(Drawing drawing) {
        return left(drawing, Owed.of(drawing.job()));
    }

    private static Set<WorkStage> left(Drawing drawing, List<Owed> owed) {
        Set<WorkStage> left =
                EnumSet.of(WorkStage.LINES, WorkStage.COLOUR, WorkStage.PROOF, WorkStage.MAKE);
        if (!drawing.job().line().edits().isEmpty()) {
            left.remove(WorkStage.LINES);
        }
        if (!drawing.attachment().swatchOf().isEmpty() && drawing.emptyAreas().isEmpty()) {
            left.remove(WorkStage.COLOUR);
        }
        List<Proof> proofs = drawing.job().log().proofs();
        if (!proofs.isEmpty() && proofs.get(proofs.size() - 1).faults().isEmpty()) {
            left.remove(WorkStage.PROOF);
        }
        if (!owed.isEmpty() && owed.stream().allMatch(Owed::current)) {
            left.clear();
        }
        return left;
    }

    /**
     * Estimates of stages that were hardly begun: an estimate of what is half done tells nothing.
     */
    public static List<Estimate> first(Job job, Drivers drivers, List<PastWork> past) {
        Map<WorkStage, Double> taken = job.log().work().hours();
        return Estimator.estimate(drivers, past).stream()
                .filter(one -> one.likely() > 0)
                .filter(one -> taken.getOrDefault(one.stage(), 0.0) <= STILL * one.likely())
                .toList();
    }

    /** The job as a task for the planner. */
    public static Task task(
            Drawing drawing, double lineMm, LocalDate due, int announceDays, List<PastWork> past) {
        return task(drawing, Owed.of(drawing.job()), lineMm, due, announceDays, past);
    }

    /**
     * The same where it is known already what is owed.
     *
     * @param owed of the drawing's job
     */
    public static Task task(
            Drawing drawing,
            List<Owed> owed,
            double lineMm,
            LocalDate due,
            int announceDays,
            List<PastWork> past) {
        Set<WorkStage> left = left(drawing, owed);
        Map<WorkStage, Double> taken = drawing.job().log().work().hours();
        return new Task(
                drawing.job().title(),
                due,
                announceDays,
                Estimator.estimate(drivers(drawing, lineMm), past).stream()
                        .filter(one -> left.contains(one.stage()) && one.likely() > 0)
                        .map(one -> rest(one, taken.getOrDefault(one.stage(), 0.0)))
                        .toList());
    }

    /** What is left of a stage on which some hours were spent; while it is left, something is. */
    private static Estimate rest(Estimate whole, double taken) {
        double likely = Math.max(STILL * whole.likely(), whole.likely() - taken);
        return new Estimate(
                whole.stage(),
                Math.min(likely, Math.max(0, whole.low() - taken)),
                likely,
                Math.max(likely, whole.high() - taken));
    }
}
