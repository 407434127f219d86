package neattrace.goods.sheet;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.goods.cut.CutInks;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;
import neattrace.press.Cmyk;
import org.locationtech.jts.geom.Envelope;

/** Layouts as JSON: docs/layout-format.md. */
public final class LayoutJson {

    private LayoutJson() {}

    /** Fills an object. */
    public static void write(SheetLayout layout, ObjectNode root) {
        root.put("name", layout.name());
        root.put("widthMm", layout.widthMm()).put("heightMm", layout.heightMm());
        root.put("rimMm", layout.rimMm()).put("gapMm", layout.gapMm());
        write(layout.ground(), root.putArray("ground"));
        write(layout.header(), root.putObject("header"));
        write(layout.footer(), root.putObject("footer"));
        root.put("shop", layout.shop());
        root.put("cutInk", layout.inks().kiss()).put("throughInk", layout.inks().through());
        ArrayNode kept = root.putArray("keptOut");
        for (Envelope box : layout.kept()) {
            kept.addArray()
                    .add(box.getMinX())
                    .add(box.getMinY())
                    .add(box.getMaxX())
                    .add(box.getMaxY());
        }
    }

    private static void write(Strip strip, ObjectNode node) {
        node.put("heightMm", strip.heightMm());
        write(strip.build(), node.putArray("build"));
        write(strip.lettering(), node.putArray("lettering"));
    }

    private static void write(Cmyk build, ArrayNode array) {
        array.add(build.c()).add(build.m()).add(build.y()).add(build.k());
    }

    /**
     * Reads one.
     *
     * @throws DamagedException if a field is missing or damaged
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static SheetLayout read(JsonNode root) throws DamagedException {
        List<Envelope> kept = new ArrayList<>();
        for (JsonNode box : JsonFields.need(root, "keptOut")) {
            kept.add(
                    new Envelope(
                            JsonFields.number(box, 0),
                            JsonFields.number(box, 2),
                            JsonFields.number(box, 1),
                            JsonFields.number(box, 3)));
        }
        return new SheetLayout(
                JsonFields.need(root, "name").asText(),
                JsonFields.number(root, "widthMm"),
                JsonFields.number(root, "heightMm"),
                JsonFields.number(root, "rimMm"),
                JsonFields.number(root, "gapMm"),
                build(root, "ground"),
                strip(JsonFields.need(root, "header")),
                strip(JsonFields.need(root, "footer")),
                JsonFields.need(root, "shop").asText(),
                kept,
                inks(root));
    }

    /** Layouts kept before they had names for inks have the usual ones. */
    private static CutInks inks(JsonNode root) {
        CutInks usual = CutInks.USUAL;
        return new CutInks(
                root.path("cutInk").asText(usual.kiss()),
                root.path("throughInk").asText(usual.through()));
    }

    private static Strip strip(JsonNode node) throws DamagedException {
        return new Strip(
                JsonFields.number(node, "heightMm"),
                build(node, "build"),
                build(node, "lettering"));
    }

    private static Cmyk build(JsonNode node, String field) throws DamagedException {
        double[] inks = JsonFields.numbers(node, field, 4);
        return new Cmyk(inks[0], inks[1], inks[2], inks[3]);
    }
}
