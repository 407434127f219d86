package neattrace.finding;

/** How serious a finding is, the most serious first. */
public enum Severity {
    /** The job cannot go out like this. */
    STOP,
    /** A person should look at it and decide. */
    LOOK,
    /** Good to know: what the program decided by itself, or what is so by nature. */
    INFO;

    /** As it is written in files. */
    public String key() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
