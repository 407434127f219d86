package neattrace.press.rehearsal;

import java.util.SplittableRandom;

/**
 * How one plate lies: moved, turned and stretched a little.
 *
 * @param xMm to the right
 * @param yMm downwards
 * @param turn radians, clockwise
 * @param stretch 0.001 is a thousandth longer
 */
public record PlateShift(double xMm, double yMm, double turn, double stretch) {

    /** As it should lie. */
    public static final PlateShift NONE = new PlateShift(0, 0, 0, 0);

    /**
     * At random, nowhere farther off than a tolerance.
     *
     * @param reachMm from the middle of the sheet to its corners
     */
    static PlateShift random(SplittableRandom chance, double toleranceMm, double reachMm) {
        double far = toleranceMm * Math.sqrt(chance.nextDouble());
        double way = 2 * Math.PI * chance.nextDouble();
        double rest = reachMm > 0 ? (toleranceMm - far) / reachMm : 0;
        double share = chance.nextDouble(-1, 1);
        double turned = rest * share;
        double stretched = (rest - Math.abs(turned)) * chance.nextDouble(-1, 1);
        return new PlateShift(far * Math.cos(way), far * Math.sin(way), turned, stretched);
    }

    /** How far a place is moved to the right, mm from the middle of the sheet. */
    double dx(double x, double y) {
        return xMm + stretch * x - turn * y;
    }

    /** How far downwards. */
    double dy(double x, double y) {
        return yMm + stretch * y + turn * x;
    }
}
