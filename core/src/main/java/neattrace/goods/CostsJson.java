package neattrace.goods;

import static neattrace.json.JsonFields.number;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;

/** What goods cost, as fields of JSON. */
public final class CostsJson {

    private CostsJson() {}

    /** Fills an object. */
    public static void write(Costs costs, ObjectNode node) {
        node.put("setUp", costs.setUp())
                .put("perInk", costs.perInk())
                .put("sheetWidthMm", costs.sheetWidthMm())
                .put("sheetHeightMm", costs.sheetHeightMm())
                .put("spacingMm", costs.spacingMm())
                .put("material", costs.material())
                .put("hours", costs.hours())
                .put("minutes", costs.minutes())
                .put("hourly", costs.hourly())
                .put("post", costs.post())
                .put("markup", costs.markup());
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no number
     * @throws IllegalArgumentException if a figure is out of its range
     */
    public static Costs read(JsonNode node) throws DamagedException {
        return new Costs(
                number(node, "setUp"),
                number(node, "perInk"),
                number(node, "sheetWidthMm"),
                number(node, "sheetHeightMm"),
                number(node, "spacingMm"),
                number(node, "material"),
                number(node, "hours"),
                number(node, "minutes"),
                number(node, "hourly"),
                number(node, "post"),
                number(node, "markup"));
    }
}
