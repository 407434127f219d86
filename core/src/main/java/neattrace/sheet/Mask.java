package neattrace.sheet;

/**
 * A part of the sheet where ink is taken away whatever the scan says, or kept whatever other masks
 * and the speck size say.
 *
 * @param shape where
 * @param kind what happens there
 */
public record Mask(SheetShape shape, Kind kind) {

    /** What a mask does; protecting wins over erasing, filling over both. */
    public enum Kind {
        /** Becomes bare paper. */
        ERASE,
        /** No mask erases here and no speck is dropped. */
        PROTECT,
        /** Becomes ink: a pinhole that is none of the drawing's. */
        FILL
    }
}
