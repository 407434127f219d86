package neattrace.goods.cut;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.OnPage;
import neattrace.geom.Point;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * How a sticker is cut, mm on the finished thing.
 *
 * @param borderMm of the cut line from the silhouette
 * @param radiusMm no curve is tighter
 * @param neckMm nothing that holds parts together is narrower
 * @param joinMm pieces whose borders are no farther apart become one sticker
 * @param holes whether holes in the silhouette are cut out
 * @param loose what becomes of pieces farther away
 * @param pieces what becomes of single ones instead, mm of the silhouette
 */
public record CutRecipe(
        double borderMm,
        double radiusMm,
        double neckMm,
        double joinMm,
        boolean holes,
        Loose loose,
        List<LooseChoice> pieces)
        implements OnPage<CutRecipe> {

    /** As is usual for die-cut vinyl (common practice, no source). */
    public static final CutRecipe USUAL = new CutRecipe(2.5, 1, 4, 2, false, Loose.OWN, List.of());

    /** No border, neck or way between joined pieces is wider. */
    public static final double MOST_MM = 50;

    /** What was decided of a piece holds as long as it lies so near, mm. */
    private static final double SAME_PIECE_MM = 1;

    /** Bounds of the least radius. */
    public static final double LEAST_RADIUS_MM = 0.2;

    public static final double MOST_RADIUS_MM = 20;

    public CutRecipe {
        pieces = List.copyOf(pieces);
        check("a border", borderMm, 0, MOST_MM);
        check("a least radius", radiusMm, LEAST_RADIUS_MM, MOST_RADIUS_MM);
        check("a neck", neckMm, 0, MOST_MM);
        check("what joins pieces", joinMm, 0, MOST_MM);
    }

    private static void check(String what, double mm, double least, double most) {
        if (!(mm >= least && mm <= most)) {
            throw new IllegalArgumentException(what + " has " + least + " to " + most + " mm");
        }
    }

    /** What becomes of a piece that lies too far away. */
    Loose of(Polygon piece) {
        for (LooseChoice choice : pieces) {
            Coordinate at = new Coordinate(choice.at().x(), choice.at().y());
            if (piece.distance(piece.getFactory().createPoint(at)) <= SAME_PIECE_MM) {
                return choice.as();
            }
        }
        return loose;
    }

    /** Whether somebody has said what becomes of a piece. */
    public boolean isDecided(Polygon piece) {
        return pieces.stream()
                .map(choice -> new Coordinate(choice.at().x(), choice.at().y()))
                .anyMatch(
                        at -> piece.distance(piece.getFactory().createPoint(at)) <= SAME_PIECE_MM);
    }

    public CutRecipe withBorderMm(double value) {
        return new CutRecipe(value, radiusMm, neckMm, joinMm, holes, loose, pieces);
    }

    public CutRecipe withRadiusMm(double value) {
        return new CutRecipe(borderMm, value, neckMm, joinMm, holes, loose, pieces);
    }

    public CutRecipe withNeckMm(double value) {
        return new CutRecipe(borderMm, radiusMm, value, joinMm, holes, loose, pieces);
    }

    public CutRecipe withJoinMm(double value) {
        return new CutRecipe(borderMm, radiusMm, neckMm, value, holes, loose, pieces);
    }

    public CutRecipe withHoles(boolean value) {
        return new CutRecipe(borderMm, radiusMm, neckMm, joinMm, value, loose, pieces);
    }

    public CutRecipe withLoose(Loose value) {
        return new CutRecipe(borderMm, radiusMm, neckMm, joinMm, holes, value, pieces);
    }

    public CutRecipe withPieces(List<LooseChoice> value) {
        return new CutRecipe(borderMm, radiusMm, neckMm, joinMm, holes, loose, value);
    }

    @Override
    public CutRecipe moved(UnaryOperator<Point> map, double growth) {
        return withPieces(pieces.stream().map(one -> one.moved(map, growth)).toList());
    }
}
