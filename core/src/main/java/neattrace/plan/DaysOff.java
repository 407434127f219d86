package neattrace.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.regex.Pattern;
import neattrace.job.Day;

/** Single days without work, as a person writes them: "12 March, 24 December to 2 January". */
public final class DaysOff {

    /** More days off are a mistake in writing. */
    private static final int MOST_DAYS = 400;

    private static final Pattern COMMA = Pattern.compile("\\s*[,;]\\s*");
    private static final Pattern TO = Pattern.compile("\\s+(?:to|till|until|-)\\s+|\\s*–\\s*");

    private DaysOff() {}

    /**
     * The days of a list of days and stretches; none of no words.
     *
     * @param today days without a year are the next ones from here
     * @return empty if it cannot be understood, or if a stretch is longer than 400 days
     */
    public static Optional<SortedSet<LocalDate>> parse(String words, LocalDate today) {
        SortedSet<LocalDate> days = new TreeSet<>();
        if (words.isBlank()) {
            return Optional.of(days);
        }
        for (String part : COMMA.split(words.strip())) {
            String[] ends = TO.split(part);
            Optional<LocalDate> from = Day.parse(ends[0], today);
            if (from.isEmpty() || ends.length > 2) {
                return Optional.empty();
            }
            Optional<LocalDate> to = ends.length == 1 ? from : Day.parse(ends[1], from.get());
            if (to.isEmpty()
                    || to.get().isBefore(from.get())
                    || to.get().isAfter(from.get().plusDays(MOST_DAYS))) {
                return Optional.empty();
            }
            from.get().datesUntil(to.get().plusDays(1)).forEach(days::add);
        }
        return days.size() > MOST_DAYS ? Optional.empty() : Optional.of(days);
    }

    /** The same in words, days in a row as stretches. */
    public static String words(Collection<LocalDate> days) {
        List<String> parts = new ArrayList<>();
        LocalDate from = null;
        LocalDate to = null;
        for (LocalDate day : new TreeSet<>(days)) {
            if (to != null && day.equals(to.plusDays(1))) {
                to = day;
                continue;
            }
            if (from != null) {
                parts.add(words(from, to));
            }
            from = day;
            to = day;
        }
        if (from != null) {
            parts.add(words(from, to));
        }
        return String.join(", ", parts);
    }

    private static String words(LocalDate from, LocalDate to) {
        return from.equals(to) ? from.toString() : from + " to " + to;
    }
}
