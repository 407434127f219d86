package neattrace.job.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The work on a drawing.
 *
 * @param tools what it was made with
 * @param worked time at the stations, a day and station at a time
 * @param byHand hours of stages as the person says; they count instead of what was measured
 * @param drivers what drove the hours; empty as long as nobody measured it
 * @param estimates as they were first given
 */
public record WorkLog(
        Tools tools,
        List<WorkedTime> worked,
        Map<WorkStage, Double> byHand,
        Optional<Drivers> drivers,
        List<Estimate> estimates) {

    /** Nothing yet. */
    public static final WorkLog EMPTY =
            new WorkLog(Tools.UNKNOWN, List.of(), Map.of(), Optional.empty(), List.of());

    /** No stage takes longer, hours. */
    public static final double MOST_HOURS = 10_000;

    private static final double SECONDS_AN_HOUR = 3600;

    public WorkLog {
        worked = List.copyOf(worked);
        for (double hours : byHand.values()) {
            if (!(hours > 0 && hours <= MOST_HOURS)) {
                throw new IllegalArgumentException("a stage takes up to 10000 hours");
            }
        }
        byHand = byHand.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(byHand));
        estimates = List.copyOf(estimates);
    }

    /** The same with more time at a station. */
    public WorkLog with(String station, LocalDate day, int seconds) {
        List<WorkedTime> next = new ArrayList<>(worked);
        for (int i = 0; i < next.size(); i++) {
            if (next.get(i).station().equals(station) && next.get(i).day().equals(day)) {
                next.set(i, next.get(i).and(seconds));
                return withWorked(next);
            }
        }
        next.add(new WorkedTime(station, day, seconds));
        return withWorked(next);
    }

    /**
     * Hours that each stage took: what the person says, else what was measured at its stations.
     * Stages of which nothing is known are missing.
     */
    public Map<WorkStage, Double> hours() {
        Map<WorkStage, Double> hours = new EnumMap<>(WorkStage.class);
        for (WorkedTime one : worked) {
            WorkStage.at(one.station())
                    .ifPresent(
                            stage ->
                                    hours.merge(
                                            stage, one.seconds() / SECONDS_AN_HOUR, Double::sum));
        }
        hours.putAll(byHand);
        return hours;
    }

    /** Hours at a station. */
    public double hoursAt(String station) {
        return worked.stream()
                        .filter(one -> one.station().equals(station))
                        .mapToInt(WorkedTime::seconds)
                        .sum()
                / SECONDS_AN_HOUR;
    }

    /** The same with hours said for a stage; 0 takes back what was said. */
    public WorkLog withHours(WorkStage stage, double value) {
        Map<WorkStage, Double> next = new EnumMap<>(WorkStage.class);
        next.putAll(byHand);
        if (value == 0) {
            next.remove(stage);
        } else {
            next.put(stage, value);
        }
        return new WorkLog(tools, worked, next, drivers, estimates);
    }

    public WorkLog withByHand(Map<WorkStage, Double> value) {
        return new WorkLog(tools, worked, value, drivers, estimates);
    }

    /** The same with estimates for stages that had none: what counts is the first guess. */
    public WorkLog withEstimates(List<Estimate> given) {
        List<Estimate> next = new ArrayList<>(estimates);
        for (Estimate one : given) {
            if (next.stream().noneMatch(known -> known.stage() == one.stage())) {
                next.add(one);
            }
        }
        return next.size() == estimates.size()
                ? this
                : new WorkLog(tools, worked, byHand, drivers, next);
    }

    public WorkLog withTools(Tools value) {
        return new WorkLog(value, worked, byHand, drivers, estimates);
    }

    public WorkLog withWorked(List<WorkedTime> value) {
        return new WorkLog(tools, value, byHand, drivers, estimates);
    }

    public WorkLog withDrivers(Drivers value) {
        return new WorkLog(tools, worked, byHand, Optional.of(value), estimates);
    }
}
