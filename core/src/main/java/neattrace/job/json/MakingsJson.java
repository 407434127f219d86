package neattrace.job.json;

import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.point;
import static neattrace.json.JsonFields.points;
import static neattrace.json.JsonFields.text;
import static neattrace.json.JsonFields.whole;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import neattrace.geom.Point;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.Makings;
import neattrace.goods.making.Motif;
import neattrace.goods.making.PageMend;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.making.TieChoice;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.making.WrapRecipe;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** How goods are made. What is as usual is not written, and what is missing is as usual. */
final class MakingsJson {

    private MakingsJson() {}

    /** Fills an object with all but the sticker. */
    static void write(Makings makings, ObjectNode node) {
        if (!makings.page().equals(PageRecipe.USUAL)) {
            page(makings.page(), node.putObject("page"));
        }
        if (!makings.transfer().equals(TransferRecipe.USUAL)) {
            transfer(makings.transfer(), node.putObject("transfer"));
        }
        if (!makings.stencil().equals(StencilRecipe.USUAL)) {
            stencil(makings.stencil(), node.putObject("stencil"));
        }
        if (!makings.cloth().equals(ClothRecipe.USUAL)) {
            cloth(makings.cloth(), node.putObject("cloth"));
        }
        if (!makings.wrap().equals(WrapRecipe.USUAL)) {
            wrap(makings.wrap(), node.putObject("wrap"));
        }
    }

    /** The same, with the sticker. */
    static Makings read(JsonNode node) throws DamagedException {
        Makings makings = Makings.USUAL.withSticker(StickerJson.read(need(node, "sticker")));
        if (node.has("page")) {
            makings = makings.withPage(page(node.get("page")));
        }
        if (node.has("transfer")) {
            makings = makings.withTransfer(transfer(node.get("transfer")));
        }
        if (node.has("stencil")) {
            makings = makings.withStencil(stencil(node.get("stencil")));
        }
        if (node.has("cloth")) {
            makings = makings.withCloth(cloth(node.get("cloth")));
        }
        return node.has("wrap") ? makings.withWrap(wrap(node.get("wrap"))) : makings;
    }

    private static void page(PageRecipe page, ObjectNode node) {
        node.put("gutterMm", page.gutterMm()).put("bothSides", page.bothSides());
        node.put("tint", page.tint().key()).put("tintPercent", page.tintPercent());
        node.put("numbers", page.numbers()).put("key", page.key()).put("sample", page.sample());
        node.put("pencil", page.pencil().key());
        ArrayNode mends = node.putArray("mends");
        for (PageMend mend : page.mends()) {
            JsonFields.point(
                    mends.addObject().put("how", mend.how().key()).putArray("at"), mend.at());
        }
    }

    private static PageRecipe page(JsonNode node) throws DamagedException {
        List<PageMend> mends = new ArrayList<>();
        for (JsonNode one : need(node, "mends")) {
            mends.add(
                    new PageMend(
                            point(need(one, "at")),
                            key(one, "how", PageMend.How.values(), PageMend.How::key)));
        }
        return new PageRecipe(
                number(node, "gutterMm"),
                flag(node, "bothSides"),
                key(node, "tint", PageRecipe.Tint.values(), PageRecipe.Tint::key),
                number(node, "tintPercent"),
                flag(node, "numbers"),
                flag(node, "key"),
                flag(node, "sample"),
                key(node, "pencil", PageRecipe.Pencil.values(), PageRecipe.Pencil::key),
                mends);
    }

    private static void transfer(TransferRecipe transfer, ObjectNode node) {
        node.put("weightMm", transfer.weightMm()).put("outsideMm", transfer.outsideMm());
        points(node.putArray("edges"), transfer.edges());
        points(node.putArray("dropped"), transfer.dropped());
        node.put("mirrored", transfer.mirrored()).put("colour", transfer.colour().key());
        node.putArray("sheet").add(transfer.sheetWidthMm()).add(transfer.sheetHeightMm());
        node.put("overlapMm", transfer.overlapMm()).put("guide", transfer.guide());
    }

    private static TransferRecipe transfer(JsonNode node) throws DamagedException {
        double[] sheet = JsonFields.numbers(node, "sheet", 2);
        return new TransferRecipe(
                number(node, "weightMm"),
                number(node, "outsideMm"),
                points(need(node, "edges")),
                points(need(node, "dropped")),
                flag(node, "mirrored"),
                key(node, "colour", TransferRecipe.Colour.values(), TransferRecipe.Colour::key),
                sheet[0],
                sheet[1],
                number(node, "overlapMm"),
                flag(node, "guide"));
    }

    private static void stencil(StencilRecipe stencil, ObjectNode node) {
        node.put("away", stencil.away().key()).put("tieMm", stencil.tieMm());
        ArrayNode ties = node.putArray("ties");
        for (TieChoice tie : stencil.ties()) {
            JsonFields.point(ties.addObject().put("wanted", tie.wanted()).putArray("at"), tie.at());
        }
        node.put("dropMm2", stencil.dropMm2()).put("thickened", stencil.thickened());
    }

    private static StencilRecipe stencil(JsonNode node) throws DamagedException {
        List<TieChoice> ties = new ArrayList<>();
        for (JsonNode one : need(node, "ties")) {
            ties.add(new TieChoice(point(need(one, "at")), flag(one, "wanted")));
        }
        return new StencilRecipe(
                key(node, "away", StencilRecipe.Away.values(), StencilRecipe.Away::key),
                number(node, "tieMm"),
                ties,
                number(node, "dropMm2"),
                flag(node, "thickened"));
    }

    private static void cloth(ClothRecipe cloth, ObjectNode node) {
        node.put("place", cloth.place().key()).put("size", cloth.size().key());
        node.put("belowMm", cloth.belowMm()).put("signature", cloth.signature());
        cloth.signatureAt().ifPresent(at -> JsonFields.point(node.putArray("signatureAt"), at));
        node.put("signatureMm", cloth.signatureMm());
        if (cloth.mirrored()) {
            node.put("filmsMirrored", true);
        }
    }

    private static ClothRecipe cloth(JsonNode node) throws DamagedException {
        Optional<Point> at =
                node.has("signatureAt")
                        ? Optional.of(point(node.get("signatureAt")))
                        : Optional.empty();
        return new ClothRecipe(
                key(node, "place", ClothRecipe.Place.values(), ClothRecipe.Place::key),
                key(node, "size", ClothRecipe.Size.values(), ClothRecipe.Size::key),
                number(node, "belowMm"),
                text(node, "signature"),
                at,
                number(node, "signatureMm"),
                node.path("filmsMirrored").asBoolean());
    }

    private static void wrap(WrapRecipe wrap, ObjectNode node) {
        ArrayNode motifs = node.putArray("motifs");
        for (Motif motif : wrap.motifs()) {
            motifs.addObject()
                    .put("drawing", motif.drawing())
                    .put("x", motif.xMm())
                    .put("y", motif.yMm())
                    .put("widthMm", motif.widthMm())
                    .put("turn", motif.turnDegrees())
                    .put("mirrored", motif.mirrored());
        }
        node.put("diameterMm", wrap.diameterMm()).put("leftHanded", wrap.leftHanded());
    }

    private static WrapRecipe wrap(JsonNode node) throws DamagedException {
        List<Motif> motifs = new ArrayList<>();
        for (JsonNode one : need(node, "motifs")) {
            motifs.add(
                    new Motif(
                            whole(one, "drawing"),
                            number(one, "x"),
                            number(one, "y"),
                            number(one, "widthMm"),
                            number(one, "turn"),
                            flag(one, "mirrored")));
        }
        return new WrapRecipe(motifs, number(node, "diameterMm"), flag(node, "leftHanded"));
    }

    private static <T> T key(JsonNode node, String field, T[] all, Function<T, String> keyOf)
            throws DamagedException {
        String key = text(node, field);
        return Arrays.stream(all)
                .filter(one -> keyOf.apply(one).equals(key))
                .findFirst()
                .orElseThrow(() -> new DamagedException("\"" + key + "\" is nothing known here"));
    }
}
