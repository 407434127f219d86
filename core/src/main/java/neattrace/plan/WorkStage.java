package neattrace.plan;

import java.util.Locale;

/** Stages of a drawing's way, in their order. */
public enum WorkStage {
    ROUGH("Rough"),
    CLEAN_ROUGH("Clean rough"),
    INKS("Inks"),
    SCAN("Scan"),
    LINES("Lines"),
    COLOUR("Colour"),
    PROOF("Proof"),
    MAKE("Make");

    private final String label;

    WorkStage(String label) {
        this.label = label;
    }

    /** In a person's words. */
    public String label() {
        return label;
    }

    /** As it is written in files. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
