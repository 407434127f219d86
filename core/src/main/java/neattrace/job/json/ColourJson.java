package neattrace.job.json;

import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.flat.Fill;
import neattrace.geom.Point;
import neattrace.job.ColourSection;
import neattrace.json.DamagedException;

/** The section of colours: swatches, colourways, fills, groups and how flats are finished. */
public final class ColourJson {

    private ColourJson() {}

    /** Fills an object. */
    public static void write(ColourSection colour, ObjectNode node) {
        PaletteJson.write(colour.palette(), node);
        ArrayNode fills = node.putArray("fills");
        for (Fill fill : colour.fills()) {
            fills.addObject()
                    .put("x", fill.anchor().x())
                    .put("y", fill.anchor().y())
                    .put("swatch", fill.swatch());
        }
        PaletteJson.writeGroups(colour.groups(), node.putArray("groups"));
        FlatJson.write(colour.flat(), node.putObject("flat"));
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static ColourSection read(JsonNode node) throws DamagedException {
        List<Fill> fills = new ArrayList<>();
        for (JsonNode fill : need(node, "fills")) {
            Point anchor = new Point(number(fill, "x"), number(fill, "y"));
            fills.add(new Fill(anchor, whole(fill, "swatch")));
        }
        return new ColourSection(
                PaletteJson.read(node),
                fills,
                PaletteJson.readGroups(need(node, "groups")),
                FlatJson.read(need(node, "flat")));
    }
}
