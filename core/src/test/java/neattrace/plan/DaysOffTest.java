package neattrace.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.SortedSet;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DaysOffTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 11, 5);

    @TempDir private Path folder;

    private static SortedSet<LocalDate> days(String words) {
        return DaysOff.parse(words, TODAY).orElseThrow();
    }

    @Test
    void daysAndStretchesAreReadAcrossTheYearAndLeapDays() {
        assertThat(days("12 March; 30 December to 2 January"))
                .containsExactly(
                        LocalDate.of(2027, 12, 30),
                        LocalDate.of(2027, 12, 31),
                        LocalDate.of(2028, 1, 1),
                        LocalDate.of(2028, 1, 2),
                        LocalDate.of(2028, 3, 12));
        assertThat(days("2028-02-28 – 2028-03-01")).hasSize(3);
        assertThat(days("  ")).isEmpty();
    }

    @Test
    void whatIsShownIsReadAgain() {
        SortedSet<LocalDate> days = days("4 December, 7 December to 9 December");
        assertThat(DaysOff.words(days)).isEqualTo("2027-12-04, 2027-12-07 to 2027-12-09");
        assertThat(days(DaysOff.words(days))).isEqualTo(days);
        assertThat(DaysOff.words(new TreeSet<>())).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "soon",
                "30 February",
                "12 March to",
                "1 May to 2 May to 3 May",
                "2028-03-02 to 2028-03-01",
                "2028-01-01 to 2031-01-01"
            })
    void whatIsNoDayIsNotUnderstood(String words) {
        assertThat(DaysOff.parse(words, TODAY)).isEmpty();
    }

    @Test
    void daysOffAreKeptAndFreeOfWork() throws IOException {
        Path file = folder.resolve("work.json");
        WorkHabits habits = WorkHabits.USUAL.withDaysOff(days("2027-12-06"));
        habits.write(file);
        WorkHabits read = WorkHabits.read(file);
        assertThat(read).isEqualTo(habits);
        assertThat(read.calendar().hours(LocalDate.of(2027, 12, 6))).isZero();
        assertThat(read.calendar().hours(LocalDate.of(2027, 12, 7))).isEqualTo(5);
    }

    /** As the program wrote them before it knew of single days. */
    @Test
    void earlierFilesHaveNoDaysOffAndDamagedOnesAreAsUsual() throws IOException {
        Path file = folder.resolve("work.json");
        Files.writeString(file, "{\"hoursADay\": 3, \"weeklyOff\": [\"SUNDAY\"]}");
        assertThat(WorkHabits.read(file))
                .isEqualTo(new WorkHabits(3, EnumSet.of(DayOfWeek.SUNDAY), new TreeSet<>()));
        Files.writeString(
                file, "{\"hoursADay\": 3, \"weeklyOff\": [], \"daysOff\": [\"yesterday\"]}");
        assertThat(WorkHabits.read(file)).isEqualTo(WorkHabits.USUAL);
    }
}
