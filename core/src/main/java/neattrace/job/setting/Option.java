package neattrace.job.setting;

import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import neattrace.job.Job;

/**
 * One of a few choices that can be set in a job.
 *
 * @param choices in the order in which they are offered
 * @param words how a choice reads in a sentence
 * @param get reads it off a job
 * @param set puts it into a job
 */
public record Option<T>(
        String key,
        String name,
        List<T> choices,
        Function<T, String> words,
        Function<Job, T> get,
        BiFunction<Job, T, Job> set)
        implements Setting {

    public Option {
        choices = List.copyOf(choices);
    }

    /** The choice as the job has it. */
    public T of(Job job) {
        return get.apply(job);
    }

    /** The job with another choice. */
    public Job with(Job job, T choice) {
        return set.apply(job, choice);
    }

    @Override
    public String text(Job job) {
        return text(of(job));
    }

    /** As it is written: a name in small letters with hyphens. */
    private String text(T choice) {
        String name = choice instanceof Enum<?> one ? one.name() : String.valueOf(choice);
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String range() {
        return String.join(", ", choices.stream().map(this::text).toList());
    }

    @Override
    public Job parsed(Job job, String text) {
        for (T choice : choices) {
            if (text(choice).equals(text.strip().toLowerCase(Locale.ROOT))) {
                return with(job, choice);
            }
        }
        throw new IllegalArgumentException(name + " is one of " + range());
    }
}
