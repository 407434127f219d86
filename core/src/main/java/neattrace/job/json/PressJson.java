package neattrace.job.json;

import static neattrace.json.JsonFields.choice;
import static neattrace.json.JsonFields.need;
import static neattrace.json.JsonFields.number;
import static neattrace.json.JsonFields.numbers;
import static neattrace.json.JsonFields.points;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import neattrace.job.PressSection;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.ProfileException;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackSchool;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.separate.Tone;

/** The section of the press. What is as usual is not written. */
public final class PressJson {

    private static final PressSection USUAL = PressSection.USUAL;

    private PressJson() {}

    /** Fills an object. */
    public static void write(PressSection press, ObjectNode node) {
        node.put("black", press.black().name());
        if (press.school() == BlackSchool.AS_DRAWN) {
            node.put("blackAsDrawn", true);
        }
        if (!press.underlay().equals(USUAL.underlay())) {
            Cmyk build = press.underlay();
            node.putArray("underlay").add(build.c()).add(build.m()).add(build.y());
        }
        put(node, "boldMm", press.boldMm());
        put(node, "registerMm", press.registerMm());
        put(node, "trapMm", press.trapMm());
        put(node, "inkLimit", press.inkLimit());
        if (!press.choices().isEmpty()) {
            ArrayNode choices = node.putArray("blackByHand");
            for (BlackChoice one : press.choices()) {
                ObjectNode choice = choices.addObject().put("rich", one.rich());
                JsonFields.point(choice.putArray("at"), one.at());
            }
        }
        if (press.linesOver()) {
            node.put("linesOver", true);
        }
        if (!press.trapped()) {
            node.put("trapped", false);
        }
        if (!press.untrapped().isEmpty()) {
            JsonFields.points(node.putArray("untrapped"), press.untrapped());
        }
        if (!press.profile().isBundled()) {
            node.put("profile", Base64.getEncoder().encodeToString(press.profile().bytes()));
        }
        if (!press.merged().isEmpty()) {
            ArrayNode merged = node.putArray("merged");
            press.merged().forEach((from, to) -> merged.addArray().add(from).add(to));
        }
        if (!press.cloth().isEmpty()) {
            ArrayNode cloth = node.putArray("cloth");
            press.cloth().forEach(cloth::add);
        }
        if (!press.order().isEmpty()) {
            ArrayNode order = node.putArray("order");
            press.order().forEach(order::add);
        }
        if (!press.oneColour().equals(OneColourRecipe.OFF)) {
            write(press.oneColour(), node.putObject("oneColour"));
        }
    }

    private static void put(ObjectNode node, String field, double value) {
        if (value != PressSection.AUTO) {
            node.put(field, value);
        }
    }

    private static void write(OneColourRecipe recipe, ObjectNode node) {
        node.put("on", recipe.on()).put("style", recipe.style().name());
        ArrayNode tones = node.putArray("byHand");
        for (OneColourRecipe.Toned one : recipe.byHand()) {
            ObjectNode toned = tones.addObject().put("tone", one.tone().name());
            JsonFields.point(toned.putArray("at"), one.at());
        }
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws DamagedException if a field is missing or no such value
     * @throws IllegalArgumentException if a value is out of its range
     */
    public static PressSection read(JsonNode node) throws DamagedException {
        BlackRule rule = choice(need(node, "black"), BlackRule.class);
        PressSection press = USUAL.withBlack(rule);
        if (rule == BlackRule.RICH && node.path("blackAsDrawn").asBoolean()) {
            press = press.withSchool(BlackSchool.AS_DRAWN);
        }
        if (node.has("underlay")) {
            double[] inks = numbers(node, "underlay", 3);
            press = press.withUnderlay(new Cmyk(inks[0], inks[1], inks[2], 0));
        }
        press =
                press.withBoldMm(optional(node, "boldMm"))
                        .withRegisterMm(optional(node, "registerMm"))
                        .withTrapMm(optional(node, "trapMm"))
                        .withInkLimit(optional(node, "inkLimit"))
                        .withLinesOver(node.path("linesOver").asBoolean())
                        .withTrapped(node.path("trapped").asBoolean(true));
        if (node.has("untrapped")) {
            press = press.withUntrapped(points(need(node, "untrapped")));
        }
        if (node.has("profile")) {
            press = press.withProfile(profile(JsonFields.text(node, "profile")));
        }
        Map<Integer, Integer> merged = new TreeMap<>();
        for (JsonNode pair : node.path("merged")) {
            merged.put(id(pair.path(0)), id(pair.path(1)));
        }
        Set<Integer> cloth = new TreeSet<>();
        for (JsonNode one : node.path("cloth")) {
            cloth.add(id(one));
        }
        press =
                press.withMerged(merged)
                        .withCloth(cloth)
                        .withChoices(choices(node))
                        .withOrder(order(node));
        return node.has("oneColour")
                ? press.withOneColour(oneColour(need(node, "oneColour")))
                : press;
    }

    private static List<BlackChoice> choices(JsonNode node) throws DamagedException {
        List<BlackChoice> choices = new ArrayList<>();
        for (JsonNode one : node.path("blackByHand")) {
            choices.add(
                    new BlackChoice(
                            JsonFields.point(need(one, "at")), JsonFields.flag(one, "rich")));
        }
        return choices;
    }

    private static List<String> order(JsonNode node) throws DamagedException {
        List<String> order = new ArrayList<>();
        for (JsonNode one : node.path("order")) {
            if (!one.isTextual()) {
                throw new DamagedException("an ink in the order of printing is no name");
            }
            order.add(one.asText());
        }
        return order;
    }

    private static double optional(JsonNode node, String field) throws DamagedException {
        return node.has(field) ? number(node, field) : PressSection.AUTO;
    }

    private static int id(JsonNode node) throws DamagedException {
        if (!node.isInt()) {
            throw new DamagedException("an ink's number is no whole number");
        }
        return node.asInt();
    }

    private static PressProfile profile(String text) throws DamagedException {
        try {
            return PressProfile.of(Base64.getDecoder().decode(text));
        } catch (ProfileException | IllegalArgumentException e) {
            throw new DamagedException("its press profile cannot be read");
        }
    }

    private static OneColourRecipe oneColour(JsonNode node) throws DamagedException {
        List<OneColourRecipe.Toned> byHand = new ArrayList<>();
        for (JsonNode one : need(node, "byHand")) {
            byHand.add(
                    new OneColourRecipe.Toned(
                            JsonFields.point(need(one, "at")),
                            choice(need(one, "tone"), Tone.class)));
        }
        return new OneColourRecipe(
                JsonFields.flag(node, "on"),
                choice(need(node, "style"), OneColourRecipe.Style.class),
                byHand);
    }
}
