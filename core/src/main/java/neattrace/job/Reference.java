package neattrace.job;

/**
 * What a drawing was made after. A note for the person, no legal advice.
 *
 * @param what such as "photograph of a puffin"
 * @param whose whom it belongs to, or where it is from
 * @param use what it may be used for
 */
public record Reference(String what, String whose, Use use) {

    private static final int LONGEST = 400;

    /** What it may be used for. */
    public enum Use {
        /** One's own. */
        OWN,
        /** Somebody else's, cleared for sale. */
        CLEARED,
        /** For practice and for oneself only. */
        PRIVATE,
        /** Nobody has found out. */
        UNKNOWN;

        /** Whether what is made after it may be sold. */
        public boolean forSale() {
            return this == OWN || this == CLEARED;
        }
    }

    public Reference {
        what = what.strip();
        whose = whose.strip();
        if (what.isEmpty() || what.length() > LONGEST || whose.length() > LONGEST) {
            throw new IllegalArgumentException("a reference is told in 1 to 400 letters");
        }
    }
}
