package neattrace.print;

/**
 * Something a machine lays down, or a mark that tells it where to cut.
 *
 * @param name as printers know it
 * @param kind what it is
 */
public record Colorant(String name, Kind kind) {

    /** Kinds of colorants. */
    public enum Kind {
        /** One of the four inks that colours are built of. */
        PROCESS,
        /** An ink of its own. */
        SPOT,
        /** White beneath light inks on dark ground. */
        UNDERBASE,
        /** Gloss over everything. */
        VARNISH,
        /** Never printed: a cut, a fold, a guide. */
        TECHNICAL
    }

    public static final Colorant CYAN = new Colorant("Cyan", Kind.PROCESS);
    public static final Colorant MAGENTA = new Colorant("Magenta", Kind.PROCESS);
    public static final Colorant YELLOW = new Colorant("Yellow", Kind.PROCESS);
    public static final Colorant BLACK = new Colorant("Black", Kind.PROCESS);
    public static final Colorant WHITE = new Colorant("White", Kind.UNDERBASE);
    public static final Colorant GLOSS = new Colorant("Varnish", Kind.VARNISH);
    public static final Colorant CUT = new Colorant("Cut", Kind.TECHNICAL);
    public static final Colorant FOLD = new Colorant("Fold", Kind.TECHNICAL);
    public static final Colorant GUIDE = new Colorant("Guide", Kind.TECHNICAL);

    /** An ink of its own. */
    public static Colorant spot(String name) {
        return new Colorant(name, Kind.SPOT);
    }

    /** A mark for machines, as they call it. */
    public static Colorant technical(String name) {
        return new Colorant(name, Kind.TECHNICAL);
    }

    /** Whether it is seen on the finished thing. */
    public boolean prints() {
        return kind != Kind.TECHNICAL;
    }
}
