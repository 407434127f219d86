package neattrace.plan;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import neattrace.goods.Needs.Coloured;
import neattrace.job.Job;
import neattrace.job.change.Owed;
import neattrace.job.log.Drivers;
import neattrace.job.log.WorkStage;
import neattrace.job.pipeline.Drawing;

/** What is still to be done on a job, told by the job itself. */
public final class JobTasks {

    private JobTasks() {}

    /** What drives a drawing's hours. */
    public static Drivers drivers(Drawing drawing, double lineMm) {
        Job job = drawing.job();
        int coloured =
                (int)
                        job.goods().wanted().stream()
                                .filter(one -> one.goods().needs().coloured() != Coloured.NO)
                                .count();
        boolean screens =
                job.goods().wanted().stream()
                        .anyMatch(one -> one.goods().printing().mostInks() > 1);
        return new Drivers(
                lineMm,
                drawing.areas().enclosed().size(),
                coloured,
                Math.max(1, job.goods().wanted().size()),
                screens ? drawing.layers().size() + 1 : 0);
    }

    /**
     * Stages that are still to be done: what is scanned is drawn; what has lines set or mended is
     * traced; what has no bare area is coloured; what is owed no more is made.
     */
    public static Set<WorkStage> left(Drawing drawing) {
        Set<WorkStage> left =
                EnumSet.of(WorkStage.LINES, WorkStage.COLOUR, WorkStage.PROOF, WorkStage.MAKE);
        if (!drawing.job().line().edits().isEmpty()) {
            left.remove(WorkStage.LINES);
        }
        if (!drawing.attachment().swatchOf().isEmpty() && drawing.emptyAreas().isEmpty()) {
            left.remove(WorkStage.COLOUR);
        }
        List<Owed> owed = Owed.of(drawing.job());
        if (!owed.isEmpty() && owed.stream().allMatch(Owed::current)) {
            left.clear();
        }
        return left;
    }

    /** The job as a task for the planner. */
    public static Task task(
            Drawing drawing, double lineMm, LocalDate due, int announceDays, List<PastWork> past) {
        Set<WorkStage> left = left(drawing);
        return new Task(
                drawing.job().title(),
                due,
                announceDays,
                Estimator.estimate(drivers(drawing, lineMm), past).stream()
                        .filter(one -> left.contains(one.stage()) && one.likely() > 0)
                        .toList());
    }
}
