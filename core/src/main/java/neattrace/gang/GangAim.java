package neattrace.gang;

/** What an arrangement is after. */
public enum GangAim {
    /** The copies that were asked for, with as much even space between them as may be. */
    EVEN("even", "with even breathing space"),
    /** Those, and as many more as fit. */
    FILL("fill", "as many as fit");

    private final String key;
    private final String label;

    GangAim(String key, String label) {
        this.key = key;
        this.label = label;
    }

    /** As it is written in files. */
    public String key() {
        return key;
    }

    /** In a person's words. */
    public String label() {
        return label;
    }
}
