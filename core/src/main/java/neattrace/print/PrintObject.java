package neattrace.print;

import java.awt.geom.AffineTransform;
import neattrace.press.Tints;

/**
 * One object.
 *
 * @param name what it is; empty for most
 * @param shape what it covers
 * @param tints what is laid down there
 * @param overprint whether what lies beneath is kept in the colorants it has none of
 * @param trapMm how far it runs on beneath its neighbours, mm
 */
public record PrintObject(
        String name, PrintShape shape, Tints tints, boolean overprint, double trapMm) {

    /** One without a name that knocks out what lies beneath. */
    public static PrintObject of(PrintShape shape, Tints tints) {
        return new PrintObject("", shape, tints, false, 0);
    }

    /** Whether it can be laid down anywhere; see {@link Placement}. */
    boolean isVector() {
        return shape instanceof PrintShape.Vector;
    }

    /** The same placed; pixels stay where they are. */
    PrintObject placed(AffineTransform placing) {
        return shape instanceof PrintShape.Vector vector
                ? new PrintObject(name, vector.placed(placing), tints, overprint, trapMm)
                : this;
    }
}
