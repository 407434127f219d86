package neattrace.job.lift;

import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/**
 * Fields that sheet recipes got in the course of one version: turns and mirroring, and a size of
 * their own for pinholes.
 */
public final class SheetCompletion {

    private SheetCompletion() {}

    /** Puts what is missing to what it meant, in place. */
    public static void complete(ObjectNode sheet) throws DamagedException {
        ObjectNode frame = Nodes.object(sheet, "frame");
        if (!frame.has("turns")) {
            frame.put("turns", 0);
        }
        if (!frame.has("mirrored")) {
            frame.put("mirrored", false);
        }
        if (!sheet.has("pinholeMm")) {
            // Pinholes went by the size of dust.
            sheet.set("pinholeMm", JsonFields.need(sheet, "speckMm"));
        }
    }
}
