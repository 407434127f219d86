package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.goods.Costs;
import neattrace.goods.CostsJson;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/**
 * 7 to 8: the work on a drawing, proofs, costs, pictures of references, and for which goods a file
 * was written: nobody knows of those before.
 */
final class WorkLift implements Lift {

    private static final String NOTHING =
            "{\"tools\": {\"scanner\": \"\", \"paper\": \"\", \"pen\": \"\"}, \"worked\": [],"
                    + " \"hours\": {}, \"drivers\": [], \"estimates\": []}";

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        ObjectNode log = object(root, "log");
        log.set("work", json(NOTHING));
        log.putArray("proofs");
        for (JsonNode file : JsonFields.need(log, "written")) {
            ((ObjectNode) file).put("goods", 0);
        }
        for (JsonNode reference : JsonFields.need(object(root, "brief"), "references")) {
            ((ObjectNode) reference).put("picture", "");
        }
        for (JsonNode wanted : JsonFields.need(object(root, "goods"), "wanted")) {
            ObjectNode one = (ObjectNode) wanted;
            one.put("weightsKept", false);
            CostsJson.write(Costs.UNKNOWN, one.putObject("costs"));
        }
    }
}
