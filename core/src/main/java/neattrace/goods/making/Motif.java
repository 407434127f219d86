package neattrace.goods.making;

/**
 * A drawing as a whole on a wrap.
 *
 * @param drawing which, from 0; a job's own is 0
 * @param xMm the middle of its ink, from the wrap's left end
 * @param yMm from its top
 * @param widthMm of its ink
 * @param turnDegrees clockwise
 * @param mirrored left and right
 */
public record Motif(
        int drawing, double xMm, double yMm, double widthMm, double turnDegrees, boolean mirrored) {

    public Motif {
        if (drawing < 0 || !(widthMm > 0 && widthMm <= 20_000)) {
            throw new IllegalArgumentException("a motif is a drawing with a width");
        }
    }

    /** The same elsewhere. */
    public Motif at(double toXMm, double toYMm) {
        return new Motif(drawing, toXMm, toYMm, widthMm, turnDegrees, mirrored);
    }

    /** The same in another size. */
    public Motif sized(double value) {
        return new Motif(drawing, xMm, yMm, value, turnDegrees, mirrored);
    }

    /** The same, turned further, clockwise. */
    public Motif turned(double byDegrees) {
        double turn = (turnDegrees + byDegrees) % 360;
        return new Motif(drawing, xMm, yMm, widthMm, turn, mirrored);
    }

    /** The same, left and right changed. */
    public Motif turnedOver() {
        return new Motif(drawing, xMm, yMm, widthMm, turnDegrees, !mirrored);
    }
}
