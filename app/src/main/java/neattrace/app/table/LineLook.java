package neattrace.app.table;

/** What is shown of the lines beside their ink. */
public enum LineLook {
    /** Only the ink. */
    NOTHING("nothing else"),
    /** The points of the curves. */
    POINTS("the curves' points"),
    /** How far curves keep from the scan. */
    DEVIATION("where curves leave the scan"),
    /** How wide lines are. */
    WIDTHS("how wide lines are"),
    /** The middles of the lines and where they meet. */
    MIDDLES("the lines' middles");

    private final String words;

    LineLook(String words) {
        this.words = words;
    }

    /** In the user's words. */
    public String words() {
        return words;
    }
}
