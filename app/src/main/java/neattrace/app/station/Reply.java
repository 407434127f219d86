package neattrace.app.station;

import java.util.List;
import neattrace.app.docket.Choice;
import neattrace.app.table.Mark;

/**
 * What a station says to something that was asked or tried on the table.
 *
 * @param title what it came to
 * @param reason why
 * @param mark how it is pointed out
 * @param choices what can be done; the first is the usual one
 */
public record Reply(String title, String reason, Mark mark, List<Choice> choices) {

    public Reply {
        choices = List.copyOf(choices);
    }
}
