package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** 8 to 9: how stickers are cut, which was not said before. */
final class StickerLift implements Lift {

    private static final String USUAL =
            "{\"radiusMm\": 1, \"joinMm\": 2, \"holes\": false, \"loose\": \"own\","
                    + " \"enclosed\": true, \"carried\": false, \"backingMm\": 3,"
                    + " \"border\": [0, 0, 0, 0], \"pulls\": []}";

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        for (JsonNode wanted : JsonFields.need(object(root, "goods"), "wanted")) {
            ((ObjectNode) wanted).set("sticker", json(USUAL));
        }
    }
}
