package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.goods.GoodsJson;
import neattrace.goods.UsualGoods;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/**
 * 6 to 7: a brief, and goods. Limits that stood at Line and Flats become goods of their own, as
 * large as the scan, if somebody had set them.
 */
final class GoodsLift implements Lift {

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        ObjectNode line = object(root, "line");
        ObjectNode limits = object(line, "limits");
        ObjectNode flat = object(object(root, "colour"), "flat");
        double leastLine = JsonFields.number(limits, "leastLineMm");
        double leastGap = JsonFields.number(limits, "leastGapMm");
        double viewing = JsonFields.number(limits, "viewingMm");
        double leastArea = JsonFields.number(flat, "leastAreaMm");
        int mostInks = JsonFields.whole(flat, "mostInks");
        line.remove("limits");
        flat.remove("leastAreaMm");
        flat.remove("mostInks");
        boolean usual =
                leastLine == 0.2
                        && leastGap == 0.2
                        && viewing == 400
                        && leastArea == 1
                        && mostInks == 0;
        ObjectNode goods = json("{\"wanted\": [], \"lastId\": 0}");
        if (!usual) {
            ObjectNode wanted = goods.withArray("wanted").addObject();
            wanted.put("id", 1).put("forSale", true).put("pieces", 0).put("maker", "");
            GoodsJson.write(UsualGoods.UNDECIDED.withName("As it was set before"), wanted);
            object(wanted, "detail")
                    .put("lineMm", leastLine)
                    .put("gapMm", leastGap)
                    .put("viewingMm", viewing)
                    .put("areaMm", leastArea);
            object(wanted, "printing").put("mostInks", mostInks);
            wanted.putArray("owed");
            goods.put("lastId", 1);
        }
        object(root, "log").putArray("written");
        root.set("goods", goods);
        root.set(
                "brief",
                json(
                        "{\"client\": \"\", \"due\": \"\", \"announceDays\": 0, \"references\": [], \"lettering\": []}"));
    }
}
