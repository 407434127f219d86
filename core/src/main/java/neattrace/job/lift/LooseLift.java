package neattrace.job.lift;

import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/**
 * 9 to 10: what becomes of single loose pieces of a sticker, which were decided all at once, and
 * what its cuts are called.
 */
final class LooseLift implements Lift {

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        for (JsonNode wanted : JsonFields.need(object(root, "goods"), "wanted")) {
            ObjectNode sticker = object((ObjectNode) wanted, "sticker");
            if (!sticker.has("pieces")) {
                sticker.putArray("pieces");
            }
            sticker.put("cutInk", "Cut").put("throughInk", "Cut through");
        }
    }
}
