package neattrace.sheet;

/** The steps from scan to clean sheet, in their fixed order; each can be switched off. */
public enum SheetStep {
    /** Corners, tilt, crop and enlargement. */
    FRAME,
    /** Parts erased or protected by hand. */
    MASKS,
    /** Coloured under-drawing. */
    PENCIL,
    /** Even light, paper white, ink black, response. */
    LIGHT,
    SHARPEN,
    /** Patches and the adaptive method; one threshold always remains. */
    DECISION,
    SPECKS
}
