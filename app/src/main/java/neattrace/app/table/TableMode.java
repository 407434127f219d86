package neattrace.app.table;

/** What of the drawing is shown. */
public enum TableMode {
    /** Lines over colours. */
    ALL("Lines and colours"),
    /** Only the ink. */
    LINES("Lines only"),
    /** Only the colours. */
    FILLS("Colours only"),
    /** The untouched scan. */
    SCAN("Scan");

    private final String label;

    TableMode(String label) {
        this.label = label;
    }

    /** In the user's words. */
    public String label() {
        return label;
    }
}
