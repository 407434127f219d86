package neattrace.sheet.review;

import neattrace.sheet.SheetShape;

/**
 * Something that is probably no drawing.
 *
 * @param kind what it looks like
 * @param x left edge, sheet px
 * @param y upper edge, sheet px
 * @param width sheet px
 * @param height sheet px
 * @param shape the same place in px of the source, ready for a mask
 * @param inkPieces pieces of ink that lie wholly within and would go with a mask
 * @param cutsInk whether a mask would also cut into ink that goes on outside
 */
public record Blemish(
        Kind kind,
        int x,
        int y,
        int width,
        int height,
        SheetShape shape,
        int inkPieces,
        boolean cutsInk) {

    /** Kinds of blemishes. */
    public enum Kind {
        /** A dark strip along an edge, as at the spine of a book. */
        SPINE,
        /** Ink along the border: the sheet's own edge. */
        EDGE,
        /** Greys with a structure, too faint for ink. */
        MARK,
        /** A soft dark spot. */
        SMUDGE
    }
}
