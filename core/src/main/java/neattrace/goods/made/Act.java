package neattrace.goods.made;

/** What a hand can do with a part of finished goods besides moving it. */
public enum Act {
    /** On or off, taken or not: whatever it stands for. */
    SWITCH,
    /** Takes it out. */
    REMOVE,
    /** Another like it beside it. */
    ANOTHER,
    /** Left and right change places. */
    MIRROR,
    LARGER,
    SMALLER,
    /** Clockwise. */
    TURN,
    /** The other way. */
    TURN_BACK
}
