package neattrace.job.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.job.Job;

/** All that can be set in a job by a number or a choice, station by station. */
public final class Settings {

    /** All of them, in the order of the stations. */
    public static final List<Setting> ALL =
            Stream.of(
                            SheetSettings.ALL,
                            LineSettings.ALL,
                            GapSettings.ALL,
                            FlatSettings.ALL,
                            PressSettings.ALL)
                    .flatMap(List::stream)
                    .toList();

    private Settings() {}

    /** The setting of a key. */
    public static Optional<Setting> of(String key) {
        return ALL.stream().filter(one -> one.key().equals(key)).findFirst();
    }

    /**
     * A job with settings given as {@code key=value}.
     *
     * @throws IllegalArgumentException if one is not known or out of its range; says what is
     */
    public static Job with(Job job, List<String> given) {
        Job next = job;
        for (String one : given) {
            int equal = one.indexOf('=');
            String key = equal < 0 ? one : one.substring(0, equal);
            Setting setting =
                    of(key.strip())
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    "There is no setting “" + key + "”"));
            if (equal < 0) {
                throw new IllegalArgumentException(
                        "“" + key + "” needs a value: " + setting.range());
            }
            next = setting.parsed(next, one.substring(equal + 1));
        }
        return next;
    }

    /** A line for each: key, range, what it is. */
    public static List<String> lines() {
        List<String> lines = new ArrayList<>();
        for (Setting setting : ALL) {
            lines.add(
                    String.format(
                            Locale.ROOT,
                            "%-17s %s: %s",
                            setting.key(),
                            setting.name(),
                            setting.range()));
        }
        return lines;
    }
}
