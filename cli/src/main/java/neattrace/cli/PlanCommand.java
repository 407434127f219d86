package neattrace.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import neattrace.files.AtomicFile;
import neattrace.job.Day;
import neattrace.job.Job;
import neattrace.job.file.JobFile;
import neattrace.job.log.Estimate;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.Pipeline;
import neattrace.plan.Booking;
import neattrace.plan.JobTasks;
import neattrace.plan.PastWork;
import neattrace.plan.Plan;
import neattrace.plan.PlanCalendar;
import neattrace.plan.PlanJson;
import neattrace.plan.Planner;
import neattrace.plan.Task;
import neattrace.plan.TrackRecord;
import neattrace.plan.WorkCalendar;
import neattrace.trace.review.WidthTable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** When to do what, so that jobs are ready by their days. */
@Command(
        name = "plan",
        description = "Plans the work on jobs backwards from the days they are promised for.",
        sortOptions = false)
final class PlanCommand implements Callable<Integer> {

    private static final double USUAL_HOURS = 5;

    @Parameters(paramLabel = "IN" + JobFile.ENDING, arity = "1..*", description = "Jobs.")
    private List<Path> inputs;

    @Option(
            names = "--hours-a-day",
            paramLabel = "N",
            defaultValue = "" + USUAL_HOURS,
            description = "Hours of work on a working day (${DEFAULT-VALUE}).")
    private double hours;

    @Option(
            names = "--off",
            paramLabel = "DAY",
            description = "A day without work, such as saturday or 2027-03-12; several times.")
    private List<String> off = List.of();

    @Option(
            names = "--from",
            paramLabel = "DAY",
            description = "The first day of work; else today.")
    private String from;

    @Option(
            names = "--past",
            paramLabel = "PAST" + JobFile.ENDING,
            description = "A job whose log tells how long work takes; several times.")
    private List<Path> past = List.of();

    @Option(names = "--ics", paramLabel = "OUT.ics", description = "For calendars (iCalendar).")
    private Path ics;

    @Option(names = "--json", description = "Tell it as JSON.")
    private boolean json;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    PlanCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        Usage.checkNotInput(spec, inputs, ics);
        Usage.checkNotInput(spec, past, ics);
        Usage.checkEnding(spec, "--ics", ics, ".ics");
        WorkCalendar calendar = calendar();
        LocalDate today = from == null ? LocalDate.now() : day("--from", from);
        List<Job> known = new ArrayList<>();
        for (Path one : past) {
            known.add(JobFile.peek(one));
        }
        List<PastWork> work = known.stream().flatMap(job -> PastWork.of(job).stream()).toList();
        TrackRecord record = TrackRecord.of(known);
        List<Task> tasks = new ArrayList<>();
        for (Path input : inputs) {
            Task task = task(input, work);
            // Two jobs of one title and one scan are two works all the same.
            boolean twice = tasks.stream().anyMatch(one -> one.id().equals(task.id()));
            tasks.add(twice ? task.withId(input.toAbsolutePath().normalize().toString()) : task);
        }
        Plan plan = Planner.plan(tasks, calendar, today);
        if (ics != null) {
            // The same plan is the same file: it is as of the day it begins.
            Instant stamp = today.atTime(LocalTime.NOON).atZone(ZoneId.systemDefault()).toInstant();
            byte[] text = PlanCalendar.write(plan, stamp).getBytes(StandardCharsets.UTF_8);
            AtomicFile.write(ics, out -> out.write(text));
        }
        if (json) {
            reporter.say(PlanJson.write(plan, record));
        } else {
            plan.outcomes().forEach(outcome -> tell(outcome, plan));
            if (record.stages() > 0) {
                reporter.say(record.words());
            }
        }
        return ExitCode.DONE;
    }

    private WorkCalendar calendar() {
        Set<DayOfWeek> weekly = EnumSet.noneOf(DayOfWeek.class);
        Set<LocalDate> days = new HashSet<>();
        for (String one : off) {
            String name = one.strip().toUpperCase(Locale.ROOT);
            boolean week = false;
            for (DayOfWeek day : DayOfWeek.values()) {
                if (day.name().equals(name)) {
                    weekly.add(day);
                    week = true;
                }
            }
            if (!week) {
                days.add(day("--off", one));
            }
        }
        try {
            return new WorkCalendar(hours, weekly, days);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(
                    spec.commandLine(), "--hours-a-day: " + e.getMessage() + ".");
        }
    }

    private LocalDate day(String option, String text) {
        return Day.parse(text, LocalDate.now())
                .orElseThrow(
                        () ->
                                new ParameterException(
                                        spec.commandLine(),
                                        option + ": “" + text + "” is no day such as 2027-03-12."));
    }

    private Task task(Path input, List<PastWork> work) throws IOException {
        Job job = JobFile.open(input);
        LocalDate due =
                job.brief()
                        .due()
                        .orElseThrow(
                                () ->
                                        new ParameterException(
                                                spec.commandLine(),
                                                input
                                                        + " is promised for no day; say it at Brief."));
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, reporter.progress().part(0, 0.6));
        LineStudy study = pipeline.study(drawing.traced(), reporter.progress().part(0.6, 1));
        double lineMm = study.widths().map(WidthTable::lengthMm).orElse(0.0);
        return JobTasks.task(drawing, lineMm, due, job.brief().announceDays(), work)
                .withId(JobTasks.id(job));
    }

    private void tell(Plan.Outcome outcome, Plan plan) {
        Task task = outcome.task();
        reporter.say(
                String.format(
                        Locale.ROOT,
                        "%s, promised for %s: %s",
                        task.job(),
                        Day.words(task.due()),
                        outcome.begin().map(day -> "begin on " + Day.words(day)).orElse("done")));
        for (Estimate one : task.left()) {
            reporter.say(
                    String.format(
                            Locale.ROOT,
                            "  %-12s %4.1f hours (%.1f to %.1f)%s",
                            one.stage().label(),
                            one.likely(),
                            one.low(),
                            one.high(),
                            days(plan, task, one)));
        }
        if (!outcome.inTime()) {
            reporter.say(
                    String.format(
                            Locale.ROOT, "  late: %.1f hours find no room", outcome.hoursShort()));
            outcome.helps().forEach(help -> reporter.say("  what would help: " + help));
        } else if (outcome.hoursShortAtWorst() > 0) {
            reporter.say(
                    String.format(
                            Locale.ROOT,
                            "  if all takes long, %.1f hours find no room",
                            outcome.hoursShortAtWorst()));
        }
    }

    private static String days(Plan plan, Task task, Estimate one) {
        List<LocalDate> days =
                plan.bookings().stream()
                        .filter(booking -> booking.job().equals(task.job()))
                        .filter(booking -> booking.stage() == one.stage())
                        .map(Booking::day)
                        .toList();
        if (days.isEmpty()) {
            return "";
        }
        LocalDate first = days.get(0);
        LocalDate last = days.get(days.size() - 1);
        return first.equals(last) ? ", " + first : ", " + first + " to " + last;
    }
}
