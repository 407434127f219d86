package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** 1 to 2: the sheet has nine steps, no longer three settings; findings are settled. */
final class WholeSheetLift implements Lift {

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        ObjectNode old = object(root, "sheet");
        ObjectNode sheet =
                json(
                        """
                        {"off": [],
                         "frame": {"corners": [], "tiltDegrees": 0, "enlarge": 1, "crop": []},
                         "masks": [],
                         "pencil": {"use": "NONE", "colour": "BLUE"},
                         "negative": false,
                         "light": {"paper": -1, "ink": -1, "faint": 0, "open": 0},
                         "sharpen": {"passes": 0, "percent": 100, "radiusMm": 0.1,
                                     "grainPercent": 8},
                         "decision": {"method": "ONE", "windowMm": 4, "k": 0.34, "patches": []}}
                        """);
        object(sheet, "light").set("even", JsonFields.need(old, "evenLight"));
        object(sheet, "decision").set("inkPercent", JsonFields.need(old, "inkPercent"));
        sheet.set("speckMm", JsonFields.need(old, "speckMm"));
        root.set("sheet", sheet);
        root.putArray("settled");
    }
}
