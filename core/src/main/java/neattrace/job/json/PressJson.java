package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.need;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.job.PressSection;
import neattrace.json.DamagedException;
import neattrace.press.BlackRule;

/** The section of the press. */
public final class PressJson {

    private PressJson() {}

    /** Fills an object. */
    public static void write(PressSection press, ObjectNode node) {
        node.put("black", press.black().name());
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     */
    public static PressSection read(JsonNode node) throws DamagedException {
        return new PressSection(choice(need(node, "black"), BlackRule.class));
    }
}
