package neattrace.goods;

/**
 * What must be done before it can be made.
 *
 * @param coloured whether every area must have a colour
 * @param closed whether every area must be closed
 */
public record Needs(Coloured coloured, boolean closed) {

    /** Whether every area must have a colour. */
    public enum Coloured {
        /** A bare area is a mistake. */
        YES,
        /** A bare area shows the ground, which may be meant. */
        OR_GROUND,
        /** There are only lines. */
        NO
    }
}
