package neattrace.job;

import neattrace.job.log.Snapshot;

/**
 * What a drawing was made after. A note for the person, no legal advice.
 *
 * @param what such as "photograph of a puffin"
 * @param whose whom it belongs to, or where it is from
 * @param use what it may be used for
 * @param picture of it, if the person keeps one here
 */
public record Reference(String what, String whose, Use use, Snapshot picture) {

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

    /** A reference of which no picture is kept here. */
    public Reference(String what, String whose, Use use) {
        this(what, whose, use, Snapshot.NONE);
    }

    public Reference withUse(Use value) {
        return new Reference(what, whose, value, picture);
    }

    public Reference {
        what = what.strip();
        whose = whose.strip();
        if (what.isEmpty() || what.length() > LONGEST || whose.length() > LONGEST) {
            throw new IllegalArgumentException("a reference is told in 1 to 400 letters");
        }
    }
}
