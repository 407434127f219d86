package neattrace.goods;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import neattrace.goods.Ground.Material;
import neattrace.goods.Needs.Coloured;
import neattrace.goods.Sizing.Fit;
import neattrace.json.DamagedException;
import neattrace.press.BlackRule;
import neattrace.press.Rgb;

/** Goods as fields of JSON: docs/goods-format.md. */
public final class GoodsJson {

    private GoodsJson() {}

    /** Fills an object. */
    public static void write(Goods goods, ObjectNode node) {
        node.put("name", goods.name()).put("kind", goods.kind().key());
        Sizing sizing = goods.sizing();
        node.putObject("size")
                .put("fit", word(sizing.fit()))
                .put("widthMm", sizing.widthMm())
                .put("heightMm", sizing.heightMm())
                .put("ppi", sizing.ppi());
        Detail detail = goods.detail();
        node.putObject("detail")
                .put("lineMm", detail.lineMm())
                .put("gapMm", detail.gapMm())
                .put("areaMm", detail.areaMm())
                .put("webMm", detail.webMm())
                .put("xHeightMm", detail.xHeightMm())
                .put("viewingMm", detail.viewingMm());
        Printing printing = goods.printing();
        node.putObject("printing")
                .put("mostInks", printing.mostInks())
                .put("black", word(printing.black()))
                .put("inkLimit", printing.inkLimit())
                .put("registerMm", printing.registerMm())
                .put("trapMm", printing.trapMm())
                .put("oneBit", printing.oneBit());
        Edges edges = goods.edges();
        node.putObject("edges")
                .put("borderMm", edges.borderMm())
                .put("bleedMm", edges.bleedMm())
                .put("safeMm", edges.safeMm());
        node.putObject("ground")
                .put("material", word(goods.ground().material()))
                .put("colour", goods.ground().colour().hex());
        node.putObject("needs")
                .put("coloured", word(goods.needs().coloured()))
                .put("closed", goods.needs().closed());
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a figure is out of its range
     */
    public static Goods read(JsonNode node) throws DamagedException {
        JsonNode size = need(node, "size");
        JsonNode detail = need(node, "detail");
        JsonNode printing = need(node, "printing");
        JsonNode edges = need(node, "edges");
        JsonNode ground = need(node, "ground");
        JsonNode needs = need(node, "needs");
        return new Goods(
                text(node, "name"),
                kind(text(node, "kind")),
                new Sizing(
                        word(size, "fit", Fit.class),
                        number(size, "widthMm"),
                        number(size, "heightMm"),
                        number(size, "ppi")),
                new Detail(
                        number(detail, "lineMm"),
                        number(detail, "gapMm"),
                        number(detail, "areaMm"),
                        number(detail, "webMm"),
                        number(detail, "xHeightMm"),
                        number(detail, "viewingMm")),
                new Printing(
                        whole(printing, "mostInks"),
                        word(printing, "black", BlackRule.class),
                        number(printing, "inkLimit"),
                        number(printing, "registerMm"),
                        number(printing, "trapMm"),
                        flag(printing, "oneBit")),
                new Edges(
                        number(edges, "borderMm"),
                        number(edges, "bleedMm"),
                        number(edges, "safeMm")),
                new Ground(word(ground, "material", Material.class), colour(ground)),
                new Needs(word(needs, "coloured", Coloured.class), flag(needs, "closed")));
    }

    private static GoodsKind kind(String key) throws DamagedException {
        return GoodsKind.of(key)
                .orElseThrow(() -> new DamagedException("\"" + key + "\" are no goods known here"));
    }

    private static Rgb colour(JsonNode ground) throws DamagedException {
        String hex = text(ground, "colour");
        return Rgb.parse(hex)
                .orElseThrow(() -> new DamagedException("\"" + hex + "\" is no colour"));
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static <T extends Enum<T>> T word(JsonNode node, String field, Class<T> type)
            throws DamagedException {
        String name = text(node, field).toUpperCase(Locale.ROOT).replace('-', '_');
        return choice(new com.fasterxml.jackson.databind.node.TextNode(name), type);
    }
}
