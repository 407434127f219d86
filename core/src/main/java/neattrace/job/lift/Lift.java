package neattrace.job.lift;

import com.fasterxml.jackson.databind.node.ObjectNode;
import neattrace.json.DamagedException;

/** From one version to the next. */
interface Lift {

    /**
     * Changes a job of the one version into one of the other, in place.
     *
     * @throws DamagedException if what the version must have is missing
     */
    void apply(ObjectNode root) throws DamagedException;
}
