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
}
