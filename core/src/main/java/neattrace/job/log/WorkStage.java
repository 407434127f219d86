package neattrace.job.log;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

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

    /** The stage of a key; empty if there is none. */
    public static Optional<WorkStage> of(String key) {
        return Arrays.stream(values()).filter(one -> one.key().equals(key)).findFirst();
    }

    /** The stage that work at a station belongs to; none for the brief, where work is planned. */
    public static Optional<WorkStage> at(String station) {
        return switch (station) {
            case "sheet" -> Optional.of(SCAN);
            case "line", "close" -> Optional.of(LINES);
            case "flats", "press" -> Optional.of(COLOUR);
            case "make", "hand-over" -> Optional.of(MAKE);
            default -> Optional.empty();
        };
    }

    /** As it is written in files. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
