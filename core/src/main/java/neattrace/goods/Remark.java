package neattrace.goods;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/**
 * Something to know of what was made.
 *
 * @param kind as programs read it
 * @param words as people do
 */
public record Remark(String kind, String words) {

    /** Puts remarks into an object, as its findings. */
    public static void put(List<Remark> remarks, ObjectNode root) {
        ArrayNode told = root.putArray("findings");
        for (Remark one : remarks) {
            told.addObject().put("kind", one.kind()).put("words", one.words());
        }
    }
}
