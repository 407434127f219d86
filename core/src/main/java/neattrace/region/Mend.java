package neattrace.region;

/** How gaps are closed. */
public enum Mend {
    /** By an unseen line. */
    UNSEEN,
    /** In ink, as the lines are drawn. */
    INK,
    /** By an end that runs on past the line it should meet. */
    RUN_PAST
}
