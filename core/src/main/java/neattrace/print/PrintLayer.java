package neattrace.print;

import java.util.List;
import neattrace.press.Rgb;
import org.locationtech.jts.geom.Geometry;

/**
 * Objects that belong together under a name.
 *
 * @param name as files and people call it
 * @param kind what it holds
 * @param screen its colour on screen and in files for screens
 * @param inks what comes to lie there altogether, in words
 * @param objects lowest first
 * @param areas the areas it was united from, mm, for masks; none but for flats
 */
public record PrintLayer(
        String name,
        Kind kind,
        Rgb screen,
        String inks,
        List<PrintObject> objects,
        List<Geometry> areas) {

    /** Kinds of layers. */
    public enum Kind {
        /** White beneath everything. */
        UNDERBASE(0),
        /** What art lies on: a sheet's background. */
        GROUND(1),
        /** What is drawn over, pale beneath it. */
        UNDERLAY(1),
        /** Borders round art, and what runs on beyond a cut. */
        BLEED(2),
        /** What runs on beneath thin lines, below all flats; nothing of its own on screen. */
        RUN_ON(2),
        /** Flat colours. */
        FLAT(3),
        /** Where colours run over one another; nothing of its own on screen. */
        TRAP(4),
        /** What deepens the black that is printed over it; nothing of its own on screen. */
        UNDER_BLACK(4),
        /** Lines as shapes. */
        LINES(4),
        /** Lines as strokes. */
        STROKES(4),
        /** Numbers in areas. */
        NUMBERS(5),
        /** Numbers beside areas that have no room for them, and what leads there. */
        LEADERS(5),
        /** What explains the art beside it, printed with it. */
        KEY(5),
        /** Marks by which pages and plates are put together, printed. */
        MARKS(5),
        /** Seen on screen and in files alone: neither printed nor cut. */
        GUIDE(6),
        /** Where a machine cuts or folds; never printed. */
        TECHNICAL(7);

        private final int rank;

        Kind(int rank) {
            this.rank = rank;
        }

        /** What has a higher one lies over what has a lower one. */
        int rank() {
            return rank;
        }
    }

    public PrintLayer {
        objects = List.copyOf(objects);
        areas = List.copyOf(areas);
    }

    /** Whether it is no ink, but a machine's line. */
    public boolean isTechnical() {
        return kind == Kind.TECHNICAL;
    }

    /** Whether it is seen on the finished thing. */
    public boolean prints() {
        return kind != Kind.TECHNICAL && kind != Kind.GUIDE;
    }

    /** Whether it is a colour that lines lie on. */
    public boolean isBeneathLines() {
        return kind == Kind.GROUND
                || kind == Kind.UNDERLAY
                || kind == Kind.BLEED
                || kind == Kind.FLAT;
    }

    /** Whether files for screens have it. */
    public boolean onScreen() {
        return kind != Kind.UNDERBASE
                && kind != Kind.UNDER_BLACK
                && kind != Kind.RUN_ON
                && kind != Kind.TRAP;
    }

    /**
     * What it belongs to in files of goods: the art, what lies beneath it, what explains it, or a
     * machine's line, which goes by its own name.
     */
    public String group() {
        return switch (kind) {
            case GROUND -> "ground";
            case BLEED -> "bleed";
            case UNDERLAY -> "guide";
            case NUMBERS -> "numbers";
            case LEADERS -> "leaders";
            case KEY -> "key";
            case MARKS -> "marks";
            case TECHNICAL, GUIDE -> name;
            default -> "art";
        };
    }

    /** The same as another colour shows it on screen. */
    public PrintLayer withScreen(Rgb value) {
        return new PrintLayer(name, kind, value, inks, objects, areas);
    }

    /** The same with other objects and areas. */
    public PrintLayer with(List<PrintObject> other, List<Geometry> otherAreas) {
        return new PrintLayer(name, kind, screen, inks, other, otherAreas);
    }

    /** Whether objects of another layer belong to this one. */
    boolean isSameAs(PrintLayer other) {
        return name.equals(other.name)
                && kind == other.kind
                && screen.equals(other.screen)
                && inks.equals(other.inks);
    }
}
