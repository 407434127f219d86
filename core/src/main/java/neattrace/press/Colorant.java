package neattrace.press;

import java.util.List;
import java.util.Optional;

/**
 * Something a machine lays down, or a mark that tells it where to cut.
 *
 * @param name as printers know it
 * @param kind what it is
 * @param look its full tone on white paper, L*a*b* under D50; empty if it is no ink of its own or
 *     nobody has said
 */
public record Colorant(String name, Kind kind, Optional<Lab> look) {

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

    public static final Colorant CYAN = of("Cyan", Kind.PROCESS);
    public static final Colorant MAGENTA = of("Magenta", Kind.PROCESS);
    public static final Colorant YELLOW = of("Yellow", Kind.PROCESS);
    public static final Colorant BLACK = of("Black", Kind.PROCESS);
    public static final Colorant WHITE = of("White", Kind.UNDERBASE);
    public static final Colorant GLOSS = of("Varnish", Kind.VARNISH);
    public static final Colorant CUT = of("Cut", Kind.TECHNICAL);
    public static final Colorant FOLD = of("Fold", Kind.TECHNICAL);
    public static final Colorant GUIDE = of("Guide", Kind.TECHNICAL);

    /** The four inks that colours are built of, as printers order them. */
    public static final List<Colorant> PROCESS = List.of(CYAN, MAGENTA, YELLOW, BLACK);

    private static Colorant of(String name, Kind kind) {
        return new Colorant(name, kind, Optional.empty());
    }

    /** An ink of its own. */
    public static Colorant spot(String name) {
        return of(name, Kind.SPOT);
    }

    /** An ink of its own that was measured. */
    public static Colorant spot(String name, Lab look) {
        return new Colorant(name, Kind.SPOT, Optional.of(look));
    }

    /** A mark for machines, as they call it. */
    public static Colorant technical(String name) {
        return of(name, Kind.TECHNICAL);
    }

    /** Whether it is seen on the finished thing. */
    public boolean prints() {
        return kind != Kind.TECHNICAL;
    }

    /** Whether it is one of the four inks that colours are built of. */
    public boolean isProcess() {
        return kind == Kind.PROCESS;
    }

    /** Before a number: a letter for process inks, the name and a space for others. */
    String label() {
        if (!isProcess()) {
            return name + " ";
        }
        return equals(BLACK) ? "K" : name.substring(0, 1);
    }
}
