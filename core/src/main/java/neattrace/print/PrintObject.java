package neattrace.print;

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

    /** The same covering something else. */
    PrintObject covering(PrintShape other) {
        return new PrintObject(name, other, tints, overprint, trapMm);
    }
}
