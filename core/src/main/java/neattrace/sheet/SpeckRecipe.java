package neattrace.sheet;

/**
 * What is too small to belong to the drawing. Either size is the diameter, on the sheet in mm, of a
 * dot whose area a piece must have to stay; {@link #BY_SCAN} leaves the decision, piece by piece,
 * to what the scan shows.
 *
 * @param dustMm for ink on paper: what is smaller becomes paper
 * @param pinholeMm for paper in ink: what is smaller becomes ink
 */
public record SpeckRecipe(double dustMm, double pinholeMm) {

    /** Instead of a size: the scan decides. */
    public static final double BY_SCAN = -1;

    /** No speck is larger, mm. */
    public static final double MOST_MM = 20;

    /** The scan decides about both. */
    public static final SpeckRecipe AUTOMATIC = new SpeckRecipe(BY_SCAN, BY_SCAN);

    /** Nothing goes, however small. */
    public static final SpeckRecipe KEEP_ALL = new SpeckRecipe(0, 0);

    public SpeckRecipe {
        if (!isSize(dustMm) || !isSize(pinholeMm)) {
            throw new IllegalArgumentException("specks and pinholes must be 0 to 20 mm");
        }
    }

    /** One size for both. */
    public static SpeckRecipe under(double mm) {
        return new SpeckRecipe(mm, mm);
    }

    private static boolean isSize(double mm) {
        return mm == BY_SCAN || mm >= 0 && mm <= MOST_MM;
    }

    /** Whether the scan decides about dust. */
    public boolean dustByScan() {
        return dustMm == BY_SCAN;
    }

    /** Whether the scan decides about pinholes. */
    public boolean pinholesByScan() {
        return pinholeMm == BY_SCAN;
    }

    /** The same with another size of dust. */
    public SpeckRecipe withDustMm(double mm) {
        return new SpeckRecipe(mm, pinholeMm);
    }

    /** The same with another size of pinholes. */
    public SpeckRecipe withPinholeMm(double mm) {
        return new SpeckRecipe(dustMm, mm);
    }
}
