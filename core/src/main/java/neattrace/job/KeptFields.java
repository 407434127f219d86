package neattrace.job;

/**
 * Fields of a job's file that this program does not know: another program of the same version wrote
 * them, and they are written back as they were.
 *
 * @param json an object with nothing but those, or empty if there are none
 */
public record KeptFields(String json) {

    /** All is known. */
    public static final KeptFields NONE = new KeptFields("");
}
