package neattrace.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DayTest {

    /** 2028 and 2000 are leap years, 2100 is none (ISO 8601-1:2019, 3.1.1.22, note 2). */
    @ParameterizedTest
    @CsvSource({
        "2027-03-12, 2027-03-12",
        "12 March 2027, 2027-03-12",
        "12 march  2027, 2027-03-12",
        "1 Dec 2027, 2027-12-01",
        "12.3.2027, 2027-03-12",
        "12 March, 2027-03-12",
        "28 November, 2026-11-28",
        "27 November, 2027-11-27",
        "29 February, 2028-02-29",
        "29 February 2000, 2000-02-29"
    })
    void daysAreReadAsPeopleWriteThem(String text, LocalDate day) {
        assertThat(Day.parse(text, LocalDate.of(2026, 11, 28))).contains(day);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "soon",
                "31 April 2027",
                "29 February 2027",
                "29 February 2100",
                "2027-13-01",
                "12"
            })
    void whatIsNoDayIsNone(String text) {
        assertThat(Day.parse(text, LocalDate.of(2026, 11, 28))).isEmpty();
    }

    @Test
    void daysAreShownInWords() {
        assertThat(Day.words(LocalDate.of(2028, 2, 29))).isEqualTo("29 February 2028");
    }
}
