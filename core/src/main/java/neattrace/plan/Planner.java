package neattrace.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import neattrace.job.log.Estimate;

/** Plans backwards, as late as may be. Time grows with the days and the stages. */
public final class Planner {

    private static final double NOTHING = 1e-9;

    private final WorkCalendar calendar;
    private final LocalDate today;
    private final Map<LocalDate, Double> taken = new HashMap<>();
    private final List<Booking> bookings = new ArrayList<>();

    private Planner(WorkCalendar calendar, LocalDate today) {
        this.calendar = calendar;
        this.today = today;
    }

    /**
     * A plan for jobs that share one person's hours.
     *
     * @param today the first day on which there can be work
     */
    public static Plan plan(List<Task> tasks, WorkCalendar calendar, LocalDate today) {
        Planner planner = new Planner(calendar, today);
        List<Task> latestFirst =
                tasks.stream().sorted(Comparator.comparing(Task::lastDay).reversed()).toList();
        List<Plan.Outcome> outcomes = new ArrayList<>();
        for (Task task : latestFirst) {
            double worst =
                    new Planner(calendar, today, planner.taken).lay(task, Estimate::high, false);
            double missing = planner.lay(task, Estimate::likely, true);
            outcomes.add(0, planner.outcome(task, missing, worst));
        }
        planner.bookings.sort(
                Comparator.comparing(Booking::day)
                        .thenComparing(Booking::job)
                        .thenComparing(Booking::stage));
        return new Plan(planner.bookings, outcomes);
    }

    private Planner(WorkCalendar calendar, LocalDate today, Map<LocalDate, Double> taken) {
        this(calendar, today);
        this.taken.putAll(taken);
    }

    /** Books a task's hours from its last day backwards; hours that found no room. */
    private double lay(Task task, ToDoubleFunction<Estimate> hours, boolean book) {
        LocalDate day = task.lastDay();
        double missing = 0;
        for (int i = task.left().size() - 1; i >= 0; i--) {
            Estimate estimate = task.left().get(i);
            double open = hours.applyAsDouble(estimate);
            while (open > NOTHING && !day.isBefore(today)) {
                double free = calendar.hours(day) - taken.getOrDefault(day, 0.0);
                double now = Math.min(open, Math.max(0, free));
                if (now > NOTHING) {
                    taken.merge(day, now, Double::sum);
                    if (book) {
                        bookings.add(
                                new Booking(task.id(), task.job(), estimate.stage(), day, now));
                    }
                    open -= now;
                }
                if (open > NOTHING) {
                    day = day.minusDays(1);
                }
            }
            missing += Math.max(0, open);
        }
        return missing <= NOTHING ? 0 : missing;
    }

    private Plan.Outcome outcome(Task task, double missing, double worst) {
        Optional<LocalDate> begin =
                bookings.stream()
                        .filter(one -> one.task().equals(task.id()))
                        .map(Booking::day)
                        .min(Comparator.naturalOrder());
        return new Plan.Outcome(
                task, begin, missing, worst, missing > 0 ? helps(task, missing) : List.of());
    }

    private List<String> helps(Task task, double missing) {
        List<String> helps = new ArrayList<>();
        long days = 0;
        for (LocalDate day = today; !day.isAfter(task.lastDay()); day = day.plusDays(1)) {
            days += calendar.hours(day) > 0 ? 1 : 0;
        }
        if (days > 0) {
            helps.add(
                    String.format(
                            Locale.ROOT,
                            "%.1f hours more on each of the %d days",
                            missing / days,
                            days));
        }
        later(missing, task).ifPresent(day -> helps.add("a day promised from " + day + " on"));
        if (task.announceDays() > 0) {
            helps.add("announcing it later");
        }
        return helps;
    }

    /** The first day that would do, if there is work to be had at all. */
    private Optional<LocalDate> later(double missing, Task task) {
        double open = missing;
        LocalDate day = task.lastDay().isBefore(today) ? today : task.lastDay().plusDays(1);
        for (int k = 0; k < 3660; k++) {
            open -= Math.max(0, calendar.hours(day) - taken.getOrDefault(day, 0.0));
            if (open <= NOTHING) {
                return Optional.of(day.plusDays(task.announceDays() + 1L));
            }
            day = day.plusDays(1);
        }
        return Optional.empty();
    }
}
