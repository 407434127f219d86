package neattrace.gang;

/**
 * Where a sticker lies on a sheet.
 *
 * @param drawing the id of its drawing
 * @param xMm of the middle of its cut, from the left of the sheet
 * @param yMm from its top
 * @param turnDegrees clockwise
 * @param pinned whether it stays there when the others are arranged
 */
public record GangPlace(int drawing, double xMm, double yMm, double turnDegrees, boolean pinned) {

    public GangPlace {
        if (!(Math.abs(xMm) <= 1e6 && Math.abs(yMm) <= 1e6 && Math.abs(turnDegrees) <= 1e6)) {
            throw new IllegalArgumentException("a sticker lies somewhere on its sheet");
        }
        turnDegrees = turnDegrees - 360 * Math.floor(turnDegrees / 360);
    }

    /** The same elsewhere, and pinned there. */
    public GangPlace moved(double x, double y) {
        return new GangPlace(drawing, x, y, turnDegrees, true);
    }

    /** The same turned, and pinned. */
    public GangPlace turned(double degrees) {
        return new GangPlace(drawing, xMm, yMm, turnDegrees + degrees, true);
    }

    public GangPlace withPinned(boolean value) {
        return new GangPlace(drawing, xMm, yMm, turnDegrees, value);
    }
}
