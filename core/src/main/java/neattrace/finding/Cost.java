package neattrace.finding;

/** What it costs if a finding is judged wrongly, the dearest first. */
public enum Cost {
    /** The whole run: nothing that is made of it can be sold. */
    RUN,
    /** A place on every piece that is made. */
    PLACE,
    /** Work that has to be done again. */
    WORK,
    /** Hardly anything. */
    LITTLE
}
