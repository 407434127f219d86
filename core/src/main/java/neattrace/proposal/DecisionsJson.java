package neattrace.proposal;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** Decisions for other programs: a list of objects, the most doubtful first. */
public final class DecisionsJson {

    private DecisionsJson() {}

    /**
     * Writes {@code id}, {@code station}, {@code kind}, {@code what}, {@code done} (or null),
     * {@code reason}, {@code doubt} (0 to 1), {@code at} ([x, y], mm on the page, or null) and
     * {@code goods}.
     */
    public static String write(List<Decision> decisions) {
        ObjectMapper mapper = new ObjectMapper();
        ArrayNode list = mapper.createArrayNode();
        for (Decision one : decisions) {
            ObjectNode node =
                    list.addObject()
                            .put("id", one.id())
                            .put("station", one.station())
                            .put("kind", one.kind())
                            .put("what", one.what())
                            .put("done", one.done().orElse(null))
                            .put("reason", one.reason())
                            .put("doubt", one.doubt());
            if (one.place().isPresent()) {
                node.putArray("at")
                        .add(Math.rint(one.place().get().at().x() * 1000) / 1000)
                        .add(Math.rint(one.place().get().at().y() * 1000) / 1000);
            } else {
                node.putNull("at");
            }
            one.goods().forEach(node.putArray("goods")::add);
        }
        try {
            return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(list);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("numbers and texts can be written", e);
        }
    }
}
