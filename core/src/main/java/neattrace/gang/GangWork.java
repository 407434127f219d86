package neattrace.gang;

/** What is done to the places of a sheet when something about it was changed. */
public enum GangWork {
    /** Nothing: stickers lie where they lie. */
    NONE,
    /** Those in the way of others are laid elsewhere. */
    MAKE_ROOM,
    /** All that is not pinned is arranged anew. */
    ARRANGE,
    /** The same, for as long as one waits. */
    IMPROVE
}
