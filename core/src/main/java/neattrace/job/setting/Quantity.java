package neattrace.job.setting;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import neattrace.job.Job;

/**
 * A number that can be set in a job.
 *
 * @param unit of the number; may be empty
 * @param least the smallest that is taken
 * @param most the largest that is taken
 * @param step a usual step
 * @param automatic the value that leaves it to the scan or the drawing, if there is one
 * @param get reads it off a job
 * @param set puts it into a job
 */
public record Quantity(
        String key,
        String name,
        String unit,
        double least,
        double most,
        double step,
        OptionalDouble automatic,
        ToDoubleFunction<Job> get,
        BiFunction<Job, Double, Job> set)
        implements Setting {

    private static final String AUTO = "auto";

    /** One that is never left to the scan or the drawing. */
    static Quantity of(
            String key,
            String name,
            String unit,
            double least,
            double most,
            double step,
            ToDoubleFunction<Job> get,
            BiFunction<Job, Double, Job> set) {
        return new Quantity(key, name, unit, least, most, step, OptionalDouble.empty(), get, set);
    }

    /** The nearest whole number. */
    static int whole(double value) {
        return (int) Math.rint(value);
    }

    /** The same with a value that leaves it to the scan or the drawing. */
    Quantity orAuto(double value) {
        return new Quantity(key, name, unit, least, most, step, OptionalDouble.of(value), get, set);
    }

    /** The value as the job has it. */
    public double of(Job job) {
        return get.applyAsDouble(job);
    }

    /**
     * The job with another value.
     *
     * @throws IllegalArgumentException if it is out of range; says the range
     */
    public Job with(Job job, double value) {
        boolean auto = automatic.isPresent() && automatic.getAsDouble() == value;
        if (!auto && !(value >= least && value <= most)) {
            throw new IllegalArgumentException(name + " must be " + range());
        }
        return set.apply(job, value);
    }

    @Override
    public String text(Job job) {
        double value = of(job);
        return automatic.isPresent() && automatic.getAsDouble() == value ? AUTO : number(value);
    }

    @Override
    public String range() {
        return (number(least) + " to " + number(most) + " " + unit).strip()
                + (automatic.isPresent() ? ", or auto" : "");
    }

    @Override
    public Job parsed(Job job, String text) {
        if (automatic.isPresent() && text.strip().equals(AUTO)) {
            return with(job, automatic.getAsDouble());
        }
        try {
            return with(job, Double.parseDouble(text.replace(unit, "").strip()));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(name + " must be " + range(), e);
        }
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.valueOf((long) value)
                : String.format(Locale.ROOT, "%.4f", value).replaceAll("0+$", "");
    }
}
