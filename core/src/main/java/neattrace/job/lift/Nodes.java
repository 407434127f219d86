package neattrace.job.lift;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** Parts of JSON, found and made. */
final class Nodes {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Nodes() {}

    /** A part that must be there and be an object. */
    static ObjectNode object(JsonNode parent, String field) throws DamagedException {
        if (JsonFields.need(parent, field) instanceof ObjectNode object) {
            return object;
        }
        throw new DamagedException("\"" + field + "\" has no fields");
    }

    /** JSON written in the code. */
    static ObjectNode json(String text) {
        try {
            return (ObjectNode) MAPPER.readTree(text);
        } catch (JsonProcessingException e) {
            throw new AssertionError(e);
        }
    }
}
