package neattrace.job.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;

/**
 * Fields that are in a file and would not be written: those of a program that knows more. Looked
 * for in objects within objects; entries of lists are no places of their own.
 */
final class UnknownFields {

    private UnknownFields() {}

    /** What is in the one and not in the other, as a tree of its own. */
    static ObjectNode of(ObjectNode read, ObjectNode written) {
        ObjectNode unknown = JsonNodeFactory.instance.objectNode();
        for (Map.Entry<String, JsonNode> field : read.properties()) {
            JsonNode known = written.get(field.getKey());
            if (known == null) {
                unknown.set(field.getKey(), field.getValue());
            } else if (field.getValue() instanceof ObjectNode inner
                    && known instanceof ObjectNode innerKnown) {
                ObjectNode within = of(inner, innerKnown);
                if (!within.isEmpty()) {
                    unknown.set(field.getKey(), within);
                }
            }
        }
        return unknown;
    }

    /** Writes them back where they were; what is known by now is not touched. */
    static void putBack(JsonNode unknown, ObjectNode root) {
        for (Map.Entry<String, JsonNode> field : unknown.properties()) {
            JsonNode there = root.get(field.getKey());
            if (there == null) {
                root.set(field.getKey(), field.getValue());
            } else if (there instanceof ObjectNode inner) {
                putBack(field.getValue(), inner);
            }
        }
    }
}
