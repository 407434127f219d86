package neattrace.app.work;

import java.util.List;
import java.util.Optional;
import neattrace.job.Job;
import neattrace.job.log.Drivers;
import neattrace.job.log.Estimate;
import neattrace.job.log.WorkLog;
import neattrace.job.log.WorkedTime;
import neattrace.job.pipeline.LineStudy;
import neattrace.plan.JobTasks;
import neattrace.plan.PastWork;
import neattrace.trace.review.WidthTable;

/** The log that writes itself: time worked, what drives it, and estimates as they are given. */
final class WorkNotes {

    private final Workspace workspace;
    private final WorkClock clock;

    WorkNotes(Workspace workspace, WorkClock clock) {
        this.workspace = workspace;
        this.clock = clock;
    }

    /** Notes what there is to note. */
    void note() {
        Job job = workspace.job();
        if (job == null) {
            clock.forget();
            return;
        }
        List<WorkedTime> worked = clock.take();
        Optional<Drivers> drivers = drivers();
        List<Estimate> given = drivers.map(on -> estimates(job, on)).orElse(List.of());
        WorkLog next = after(job.log().work(), worked, drivers, given);
        if (!next.equals(job.log().work())) {
            workspace.noteQuietly(
                    now ->
                            now.withLog(
                                    now.log()
                                            .withWork(
                                                    work -> after(work, worked, drivers, given))));
        }
    }

    private static WorkLog after(
            WorkLog work,
            List<WorkedTime> worked,
            Optional<Drivers> drivers,
            List<Estimate> given) {
        WorkLog next = drivers.map(work::withDrivers).orElse(work).withEstimates(given);
        for (WorkedTime one : worked) {
            next = next.with(one.station(), one.day(), one.seconds());
        }
        return next;
    }

    private Optional<Drivers> drivers() {
        Shown shown = workspace.shownProperty().get();
        LineStudy study = workspace.insights().studyProperty().get();
        if (shown == null || study == null || !study.fits(shown.drawing().traced())) {
            return Optional.empty();
        }
        return study.widths()
                .map(WidthTable::lengthMm)
                .map(lineMm -> JobTasks.drivers(shown.drawing(), lineMm));
    }

    /** An estimate is given as soon as a day is promised. */
    private List<Estimate> estimates(Job job, Drivers drivers) {
        if (job.brief().due().isEmpty()) {
            return List.of();
        }
        List<PastWork> past =
                workspace.past().jobsProperty().get().stream()
                        .flatMap(one -> PastWork.of(one).stream())
                        .toList();
        return JobTasks.first(job, drivers, past);
    }
}
