package neattrace.job.json;

import static neattrace.json.JsonFields.flag;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.numbers;
import static neattrace.json.JsonFields.text;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.cut.CutInks;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.LooseChoice;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerRecipe;
import neattrace.json.DamagedException;
import neattrace.press.Cmyk;

/** How a sticker is cut. */
public final class StickerJson {

    private StickerJson() {}

    /** Fills an object. Border, bleed and necks are figures of the goods. */
    public static void write(StickerRecipe sticker, ObjectNode node) {
        CutRecipe cut = sticker.cut();
        node.put("radiusMm", cut.radiusMm()).put("joinMm", cut.joinMm());
        node.put("holes", cut.holes()).put("loose", cut.loose().key());
        node.put("enclosed", sticker.enclosed()).put("carried", sticker.carried());
        node.put("backingMm", sticker.backingMm());
        Cmyk build = sticker.border();
        node.putArray("border").add(build.c()).add(build.m()).add(build.y()).add(build.k());
        ArrayNode pieces = node.putArray("pieces");
        for (LooseChoice one : sticker.pieces()) {
            pieces.addObject()
                    .put("x", one.at().x())
                    .put("y", one.at().y())
                    .put("as", one.as().key());
        }
        node.put("cutInk", sticker.inks().kiss()).put("throughInk", sticker.inks().through());
        ArrayNode pulls = node.putArray("pulls");
        for (Pull pull : sticker.pulls()) {
            pulls.addArray()
                    .add(pull.from().x())
                    .add(pull.from().y())
                    .add(pull.to().x())
                    .add(pull.to().y());
        }
    }

    static StickerRecipe read(JsonNode node) throws DamagedException {
        CutRecipe cut =
                CutRecipe.USUAL
                        .withRadiusMm(number(node, "radiusMm"))
                        .withJoinMm(number(node, "joinMm"))
                        .withHoles(flag(node, "holes"))
                        .withLoose(loose(text(node, "loose")));
        double[] build = numbers(node, "border", 4);
        List<Pull> pulls = new ArrayList<>();
        for (JsonNode one : need(node, "pulls")) {
            pulls.add(
                    new Pull(
                            new Point(number(one, 0), number(one, 1)),
                            new Point(number(one, 2), number(one, 3))));
        }
        List<LooseChoice> pieces = new ArrayList<>();
        for (JsonNode one : need(node, "pieces")) {
            Point at = new Point(number(one, "x"), number(one, "y"));
            pieces.add(new LooseChoice(at, loose(text(one, "as"))));
        }
        return StickerRecipe.USUAL
                .withCut(cut)
                .withPieces(pieces)
                .withInks(new CutInks(text(node, "cutInk"), text(node, "throughInk")))
                .withEnclosed(flag(node, "enclosed"))
                .withCarried(flag(node, "carried"))
                .withBackingMm(number(node, "backingMm"))
                .withBorder(new Cmyk(build[0], build[1], build[2], build[3]))
                .withPulls(pulls);
    }

    private static Loose loose(String key) throws DamagedException {
        return Arrays.stream(Loose.values())
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new DamagedException("\"" + key + "\" is nothing known here"));
    }
}
