package neattrace.job.lift;

import static neattrace.job.lift.Nodes.object;

import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;

/** 4 to 5: whole lines can be meant to end in the open. */
final class OpenLinesLift implements Lift {

    @Override
    public void apply(ObjectNode root) throws DamagedException {
        object(root, "close").putArray("openLines");
    }
}
