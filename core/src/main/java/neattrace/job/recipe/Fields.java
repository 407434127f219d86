package neattrace.job.recipe;

import com.fasterxml.jackson.databind.JsonNode;

/** Reads fields that must be there. */
final class Fields {

    /** No place and no length is so far off, in any unit. */
    private static final double FARTHEST = 1e6;

    private Fields() {}

    static JsonNode need(JsonNode node, String field) throws RecipeException {
        JsonNode value = node.get(field);
        if (value == null || value.isNull()) {
            throw new RecipeException("The recipe is incomplete: \"" + field + "\" is missing.");
        }
        return value;
    }

    static double number(JsonNode node, String field) throws RecipeException {
        return finite(need(node, field), field);
    }

    static int whole(JsonNode node, String field) throws RecipeException {
        JsonNode value = need(node, field);
        if (!value.isInt()) {
            throw new RecipeException(
                    "The recipe is damaged: \"" + field + "\" is no whole number.");
        }
        return value.asInt();
    }

    static boolean flag(JsonNode node, String field) throws RecipeException {
        JsonNode value = need(node, field);
        if (!value.isBoolean()) {
            throw new RecipeException(
                    "The recipe is damaged: \"" + field + "\" is neither true nor false.");
        }
        return value.asBoolean();
    }

    static double finite(JsonNode value, String what) throws RecipeException {
        if (!value.isNumber() || !Double.isFinite(value.asDouble())) {
            throw new RecipeException("The recipe is damaged: \"" + what + "\" is no number.");
        }
        if (Math.abs(value.asDouble()) > FARTHEST) {
            throw new RecipeException("The recipe is damaged: \"" + what + "\" is out of reach.");
        }
        return value.asDouble();
    }

    static <T extends Enum<T>> T choice(JsonNode value, Class<T> type) throws RecipeException {
        for (T choice : type.getEnumConstants()) {
            if (choice.name().equals(value.asText())) {
                return choice;
            }
        }
        throw new RecipeException(
                "The recipe is damaged: \"" + value.asText() + "\" is not known here.");
    }
}
