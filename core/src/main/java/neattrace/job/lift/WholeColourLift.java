package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** 3 to 4: cuts and a frame; swatches in groups, colourways, areas in groups, finished flats. */
final class WholeColourLift implements Lift {

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        ObjectNode close = object(root, "close");
        close.putArray("cuts");
        close.put("frameMm", -1);
        for (JsonNode swatch : JsonFields.need(root, "swatches")) {
            if (!(swatch instanceof ObjectNode node)) {
                throw new DamagedException("a swatch has no fields");
            }
            node.put("group", "").put("locked", false);
            node.remove("spot");
            node.remove("tone");
        }
        root.putArray("colourways");
        root.put("colourway", -1);
        root.putArray("groups");
        root.set(
                "flat",
                json(
                        """
                        {"leastAreaMm": 1, "mostInks": 0, "spreadMm": 0.085, "pieces": "UNITED",
                         "lightDegrees": 315, "forms": []}
                        """));
    }
}
