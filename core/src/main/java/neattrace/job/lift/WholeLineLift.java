package neattrace.job.lift;

import static neattrace.job.lift.Nodes.json;
import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;
import neattrace.json.JsonFields;

/** 2 to 3: lines have edits, weight, points and colours. */
final class WholeLineLift implements Lift {

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        ObjectNode line =
                json(
                        """
                        {"weight": {"evenMm": 0, "taperShare": 0, "allMm": 0, "outsideMm": 0,
                                    "outsideParts": []},
                         "edits": [], "points": [],
                         "colour": {"swatch": 0, "borderBlack": false, "held": []},
                         "limits": {"leastLineMm": 0.2, "leastGapMm": 0.2, "viewingMm": 400}}
                        """);
        line.set("maxErrorPx", JsonFields.need(object(root, "line"), "maxErrorPx"));
        root.set("line", line);
    }
}
