package neattrace.goods.nest;

import java.util.List;
import org.locationtech.jts.geom.Polygon;

/**
 * An arrangement.
 *
 * @param pieces what lies there: asked for, and copies added
 * @param laid where each of those lies that found a place
 * @param left the numbers of pieces that did not
 * @param sheet on which
 */
public record Nest(List<NestPiece> pieces, List<Laid> laid, List<Integer> left, NestSheet sheet) {

    public Nest {
        pieces = List.copyOf(pieces);
        laid = List.copyOf(laid);
        left = List.copyOf(left);
    }

    /** The shape of one where it lies. */
    public Polygon shape(Laid one) {
        return one.place(pieces.get(one.piece()).shape());
    }

    /** How much of the sheet is stickers, 0 to 1. */
    public double density() {
        double area = laid.stream().mapToDouble(one -> area(one.piece())).sum();
        return area / (sheet.widthMm() * sheet.heightMm());
    }

    private double area(int piece) {
        return pieces.get(piece).shape().getArea();
    }

    /** The way from a piece, laid where {@code one} says, to its nearest neighbour, mm. */
    public double nearestMm(Laid one) {
        Polygon shape = shape(one);
        double least = Double.POSITIVE_INFINITY;
        for (Laid other : laid) {
            if (other.piece() != one.piece()) {
                Polygon there = shape(other);
                boolean near =
                        shape.getEnvelopeInternal().distance(there.getEnvelopeInternal()) < least;
                least = near ? Math.min(least, shape.distance(there)) : least;
            }
        }
        return least;
    }

    /** The way between the two that lie nearest to each other, mm; infinite for less than two. */
    public double nearestMm() {
        List<Polygon> shapes = laid.stream().map(this::shape).toList();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < shapes.size(); i++) {
            for (int j = i + 1; j < shapes.size(); j++) {
                boolean near =
                        shapes.get(i)
                                        .getEnvelopeInternal()
                                        .distance(shapes.get(j).getEnvelopeInternal())
                                < least;
                least = near ? Math.min(least, shapes.get(i).distance(shapes.get(j))) : least;
            }
        }
        return least;
    }
}
