package neattrace.app.work;

import neattrace.finding.Findings;

/** What was found so far. */
public sealed interface Looked permits LookedDrawing, LookedSheet {

    /** What was found. */
    Findings findings();

    /** Whether all that there is to know was known then. */
    boolean whole();
}
