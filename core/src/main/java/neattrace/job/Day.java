package neattrace.job;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Days as people write and read them. */
public final class Day {

    private static final DateTimeFormatter SHOWN =
            DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private static final DateTimeFormatter SHORT =
            DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private static final List<DateTimeFormatter> WITH_YEAR =
            List.of(
                    DateTimeFormatter.ISO_LOCAL_DATE,
                    strict("d MMMM uuuu"),
                    strict("d MMM uuuu"),
                    strict("d.M.uuuu"));

    private static final List<DateTimeFormatter> WITHOUT_YEAR =
            List.of(strict("d MMMM"), strict("d MMM"), strict("d.M."));

    /** Nobody plans work beyond these. */
    private static final int FIRST_YEAR = 1900;

    private static final int LAST_YEAR = 9999;

    private Day() {}

    private static DateTimeFormatter strict(String pattern) {
        return new DateTimeFormatterBuilder()
                .parseCaseInsensitive()
                .appendPattern(pattern)
                .toFormatter(Locale.ENGLISH)
                .withResolverStyle(ResolverStyle.STRICT);
    }

    /** Such as "12 March 2027". */
    public static String words(LocalDate day) {
        return SHOWN.format(day);
    }

    /** Such as "12 Mar". */
    public static String shortly(LocalDate day) {
        return SHORT.format(day);
    }

    /**
     * Reads a day such as {@code 2027-03-12}, {@code 12 March 2027}, {@code 12.3.2027} or {@code 12
     * March}, which is the next such day from {@code today} on.
     *
     * @return empty if it is no day
     */
    public static Optional<LocalDate> parse(String text, LocalDate today) {
        String words = text.strip().replaceAll("\\s+", " ");
        for (DateTimeFormatter format : WITH_YEAR) {
            try {
                LocalDate day = LocalDate.parse(words, format);
                return Optional.of(day)
                        .filter(one -> one.getYear() >= FIRST_YEAR && one.getYear() <= LAST_YEAR);
            } catch (DateTimeException e) {
                // Perhaps it is written in another way.
            }
        }
        for (DateTimeFormatter format : WITHOUT_YEAR) {
            try {
                return Optional.of(next(MonthDay.parse(words, format), today));
            } catch (DateTimeException e) {
                // The same.
            }
        }
        return Optional.empty();
    }

    /** The 29th of February is not every year. */
    private static LocalDate next(MonthDay day, LocalDate today) {
        int year = today.getYear();
        while (!day.isValidYear(year) || day.atYear(year).isBefore(today)) {
            year++;
        }
        return day.atYear(year);
    }
}
