package neattrace.job.log;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;

/**
 * What came back from the printer.
 *
 * @param day when
 * @param goods id of the goods it is of; 0 for none in particular
 * @param faults what was wrong; none if it was right
 * @param words what else there is to say
 * @param changed what was changed for it
 * @param photo of it
 */
public record Proof(
        LocalDate day, int goods, Set<Fault> faults, String words, String changed, Snapshot photo) {

    private static final int LONGEST = 400;

    /** Faults that are usual on proofs (common practice, no source). */
    public enum Fault {
        COLOURS_DULL("colours duller than on the screen"),
        TOO_DARK("too dark"),
        BLACK_WEAK("black weak and grey"),
        HALO("white between colour and line"),
        OUT_OF_REGISTER("colours out of register"),
        LINES_LOST("fine lines lost"),
        FILLED_IN("gaps and letters filled in"),
        OFF_CENTRE("cut off centre"),
        WRONG_SIZE("wrong size"),
        SPECKS("specks in it");

        private final String label;

        Fault(String label) {
            this.label = label;
        }

        /** In a person's words. */
        public String label() {
            return label;
        }
    }

    public Proof {
        faults = faults.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(faults));
        words = words.strip();
        changed = changed.strip();
        if (words.length() > LONGEST || changed.length() > LONGEST) {
            throw new IllegalArgumentException("a proof is told in at most 400 letters");
        }
    }

    public Proof withChanged(String value) {
        return new Proof(day, goods, faults, words, value, photo);
    }
}
