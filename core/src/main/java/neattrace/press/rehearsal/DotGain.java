package neattrace.press.rehearsal;

/**
 * How much larger dots come out than they are on the plate.
 *
 * @param atHalf by how much a tint of 50 % grows, percent of the whole; 15 means it prints as 65 %
 */
public record DotGain(double atHalf) {

    /** On coated paper (ISO 12647-2, from memory: 14 to 16 %). */
    public static final DotGain COATED = new DotGain(15);

    public DotGain {
        if (!(atHalf >= 0 && atHalf <= 40)) {
            throw new IllegalArgumentException("a tint of 50 % grows by 0 to 40 %");
        }
    }

    /**
     * How much of a tint, 0 to 1, covers the paper in print: a parabola through the gain at half.
     */
    public double printed(double tint) {
        return tint + 4 * atHalf / 100 * tint * (1 - tint);
    }

    /**
     * How far edges move outwards so that round dots of 50 % grow by this much.
     *
     * @param linesPerMm ruling of the screen
     */
    public double spreadMm(double linesPerMm) {
        double before = Math.sqrt(0.5 / Math.PI);
        double after = Math.sqrt(printed(0.5) / Math.PI);
        return (after - before) / linesPerMm;
    }

    /**
     * The tint that a patch has, from how much light it throws back (Murray and Davies, 1936; with
     * the factor of Yule and Nielsen, TAGA Proceedings 3, 1951).
     *
     * @param density of the patch above the paper's
     * @param solid density of full ink above the paper's, over 0
     * @param n 1 for dots alone; about 1.7 where light spreads in the paper
     * @return 0 to 1
     */
    public static double tintOf(double density, double solid, double n) {
        double part = 1 - Math.pow(10, -density / n);
        double whole = 1 - Math.pow(10, -solid / n);
        return part / whole;
    }
}
