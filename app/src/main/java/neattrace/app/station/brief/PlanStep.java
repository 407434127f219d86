package neattrace.app.station.brief;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import neattrace.app.docket.Buttons;
import neattrace.app.docket.ChoiceField;
import neattrace.app.docket.Hint;
import neattrace.app.docket.NumberField;
import neattrace.app.docket.Sentence;
import neattrace.app.docket.Step;
import neattrace.app.docket.TextValue;
import neattrace.app.work.Shown;
import neattrace.files.AtomicFile;
import neattrace.files.FileNames;
import neattrace.job.BriefSection;
import neattrace.job.Day;
import neattrace.job.pipeline.LineStudy;
import neattrace.plan.DaysOff;
import neattrace.plan.JobTasks;
import neattrace.plan.PastWork;
import neattrace.plan.Plan;
import neattrace.plan.PlanCalendar;
import neattrace.plan.Planner;
import neattrace.plan.Task;
import neattrace.plan.TrackRecord;
import neattrace.plan.WorkHabits;
import neattrace.trace.review.WidthTable;

/** When to do what is left, so that it is ready by its day. */
final class PlanStep implements Step {

    private static final Set<DayOfWeek> NEVER = Set.of();
    private static final Set<DayOfWeek> SUNDAY = EnumSet.of(DayOfWeek.SUNDAY);
    private static final Set<DayOfWeek> WEEKEND = EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);

    private final BriefDesk desk;
    private final NumberField hours;
    private final ChoiceField<Set<DayOfWeek>> days;
    private final NumberField announce;
    private final PlanStrip strip = new PlanStrip();
    private final Label summary = new Hint("");
    private final TextValue off;
    private final StageTable stages;
    private final Label record = new Hint("");
    private final VBox content;
    private WorkHabits habits;

    PlanStep(BriefDesk desk) {
        this.desk = desk;
        habits = WorkHabits.read(desk.workspace().folders().workHabits());
        hours =
                new NumberField(
                        "Hours of work a day",
                        "hours",
                        0,
                        24,
                        0.5,
                        v -> keep(habits.withHoursADay(v)));
        hours.setId("hours-a-day");
        days =
                new ChoiceField<>(
                        "Days of work",
                        List.of(WEEKEND, SUNDAY, NEVER),
                        PlanStep::words,
                        off -> keep(habits.withWeeklyOff(off)));
        days.setId("days-of-work");
        off = new TextValue("Days off besides", "no other day", this::setOff);
        off.setId("days-off");
        stages = new StageTable(desk);
        announce =
                new NumberField(
                        "Days it is announced before",
                        "days",
                        0,
                        BriefSection.MOST_ANNOUNCE_DAYS,
                        1,
                        v ->
                                desk.bench()
                                        .change(
                                                "Announced",
                                                job ->
                                                        job.withBrief(
                                                                job.brief()
                                                                        .withAnnounceDays(
                                                                                (int)
                                                                                        Math.rint(
                                                                                                v)))));
        announce.setId("announce-days");
        summary.setMinHeight(Region.USE_PREF_SIZE);
        content =
                new VBox(
                        8,
                        new Sentence("I work", hours, "a day,", days, "; off besides:", off, "."),
                        new Sentence("It is announced", announce, "before."),
                        summary,
                        strip,
                        stages,
                        record,
                        Buttons.small("For calendars …", "plan-ics", this::write));
    }

    private static String words(Set<DayOfWeek> off) {
        return off.isEmpty()
                ? "every day"
                : off.size() == 1 ? "but on Sundays" : "Monday to Friday";
    }

    private void setOff(String words) {
        Optional<SortedSet<LocalDate>> read = DaysOff.parse(words, LocalDate.now());
        if (read.isEmpty()) {
            desk.bench()
                    .say("“" + words + "” are no days such as 12 March, 24 December to 2 January.");
            showOff();
            return;
        }
        keep(habits.withDaysOff(read.get()));
        showOff();
    }

    /** Days that have passed are of no matter any more. */
    private void showOff() {
        off.show(DaysOff.words(habits.daysOff().tailSet(LocalDate.now())));
    }

    private void keep(WorkHabits next) {
        habits = next;
        desk.workspace()
                .keep(
                        "Noted.",
                        "when you work",
                        progress -> next.write(desk.workspace().folders().workHabits()),
                        this::showPlan);
    }

    private Task task(LocalDate due) {
        LineStudy study = desk.workspace().insights().studyProperty().get();
        double lineMm = study == null ? 0 : study.widths().map(WidthTable::lengthMm).orElse(0.0);
        List<PastWork> past =
                desk.workspace().past().jobsProperty().get().stream()
                        .flatMap(job -> PastWork.of(job).stream())
                        .toList();
        return JobTasks.task(
                desk.shown().drawing(),
                desk.shown().owed(),
                lineMm,
                due,
                desk.job().brief().announceDays(),
                past);
    }

    private Plan plan(Task task) {
        return Planner.plan(List.of(task), habits.calendar(), LocalDate.now());
    }

    private void write() {
        LocalDate due = desk.job().brief().due().orElse(null);
        if (due == null) {
            desk.bench().say("Say at Order by when it is due first.");
            return;
        }
        byte[] text =
                PlanCalendar.write(plan(task(due).withId(JobTasks.id(desk.job()))), Instant.now())
                        .getBytes(StandardCharsets.UTF_8);
        desk.bench()
                .chooseTarget(
                        "A plan for calendars",
                        FileNames.proposed(desk.job().title() + " plan"),
                        "iCalendar",
                        ".ics",
                        file ->
                                desk.workspace()
                                        .write(
                                                "Wrote " + file.getFileName() + ".",
                                                file,
                                                progress ->
                                                        AtomicFile.write(
                                                                file, out -> out.write(text)),
                                                () -> {}));
    }

    @Override
    public String title() {
        return "Plan";
    }

    @Override
    public String state(Shown shown) {
        return shown.drawing().job().brief().due().map(Day::shortly).orElse("no day");
    }

    @Override
    public Node content() {
        return content;
    }

    @Override
    public void show(Shown shown) {
        hours.show(habits.hoursADay());
        days.show(
                habits.weeklyOff().isEmpty()
                        ? NEVER
                        : habits.weeklyOff().size() == 1 ? SUNDAY : WEEKEND);
        announce.show(desk.job().brief().announceDays());
        showOff();
        showPlan();
    }

    private void showPlan() {
        if (desk.shown() == null) {
            return;
        }
        LocalDate due = desk.job().brief().due().orElse(null);
        strip.setVisible(due != null);
        strip.setManaged(due != null);
        record.setText(TrackRecord.of(desk.workspace().past().jobsProperty().get()).words());
        record.setVisible(!record.getText().isEmpty());
        record.setManaged(record.isVisible());
        if (due == null) {
            summary.setText("No day is promised yet; say it at Order.");
            stages.show(desk.job().log().work(), task(LocalDate.now()).left());
            return;
        }
        Plan plan = plan(task(due));
        Plan.Outcome outcome = plan.outcomes().get(0);
        summary.setText(words(outcome));
        stages.show(desk.job().log().work(), outcome.task().left());
        Color ink = summary.getTextFill() instanceof Color color ? color : Color.GRAY;
        strip.show(plan, habits.calendar(), LocalDate.now(), ink);
    }

    private static String words(Plan.Outcome outcome) {
        String due = Day.words(outcome.task().due());
        if (!outcome.inTime()) {
            return String.format(
                            Locale.ROOT,
                            "For %s %.1f hours find no room.",
                            due,
                            outcome.hoursShort())
                    + outcome.helps().stream()
                            .map(help -> " It would help: " + help + ".")
                            .collect(Collectors.joining());
        }
        String begin =
                outcome.begin()
                        .map(day -> "Begin on " + Day.words(day) + " at the latest; ")
                        .orElse("Nothing is left to do; ");
        return begin
                + "promised for "
                + due
                + "."
                + (outcome.hoursShortAtWorst() > 0
                        ? String.format(
                                Locale.ROOT,
                                " If all takes long, %.1f hours find no room.",
                                outcome.hoursShortAtWorst())
                        : "");
    }
}
