package neattrace.job.json;

import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import neattrace.goods.CostsJson;
import neattrace.goods.FileUse;
import neattrace.goods.GoodsJson;
import neattrace.job.GoodsSection;
import neattrace.job.WantedGoods;
import neattrace.json.DamagedException;

/** The section of the goods that a drawing is for. */
public final class WantedJson {

    private WantedJson() {}

    /** Fills an object. */
    public static void write(GoodsSection goods, ObjectNode node) {
        ArrayNode wanted = node.putArray("wanted");
        for (WantedGoods one : goods.wanted()) {
            ObjectNode object = wanted.addObject().put("id", one.id());
            object.put("forSale", one.forSale())
                    .put("pieces", one.pieces())
                    .put("maker", one.maker())
                    .put("weightsKept", one.weightsKept());
            GoodsJson.write(one.goods(), object);
            CostsJson.write(one.costs(), object.putObject("costs"));
            StickerJson.write(one.sticker(), object.putObject("sticker"));
            MakingsJson.write(one.making(), object);
            ArrayNode owed = object.putArray("owed");
            one.owed().forEach(use -> owed.add(use.key()));
        }
        node.put("lastId", goods.lastId());
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static GoodsSection read(JsonNode node) throws DamagedException {
        List<WantedGoods> wanted = new ArrayList<>();
        for (JsonNode one : need(node, "wanted")) {
            wanted.add(
                    new WantedGoods(
                            whole(one, "id"),
                            GoodsJson.read(one),
                            flag(one, "forSale"),
                            whole(one, "pieces"),
                            text(one, "maker"),
                            flag(one, "weightsKept"),
                            CostsJson.read(need(one, "costs")),
                            MakingsJson.read(one),
                            owed(need(one, "owed"))));
        }
        return new GoodsSection(wanted, whole(node, "lastId"));
    }

    private static List<FileUse> owed(JsonNode array) throws DamagedException {
        List<FileUse> owed = new ArrayList<>();
        for (JsonNode one : array) {
            owed.add(use(one.asText()));
        }
        return owed;
    }

    static FileUse use(String key) throws DamagedException {
        return FileUse.of(key)
                .orElseThrow(() -> new DamagedException("\"" + key + "\" is no file known here"));
    }
}
