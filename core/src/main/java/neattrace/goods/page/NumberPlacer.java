package neattrace.goods.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import neattrace.geom.Point;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Puts numbers where areas are roomiest. A number that lies in an ellipse which lies in the area
 * touches no line; where not even the smallest legible one does, it stands beside with a leader.
 */
final class NumberPlacer {

    /**
     * As high as digits are where there is room, mm: a two-hundredth of an arm's length, 0.7 m
     * (common practice, no source).
     */
    static final double USUAL_MM = 3.5;

    /**
     * Strokes of a fifth of this are two minutes of arc at an arm's length, twice what is just seen
     * (visual acuity 1.0).
     */
    static final double LEGIBLE_MM = 2.1;

    /** Areas this wide have a number of their own, however small, mm. */
    private static final double OWN_MM = 4;

    /** Round each number, mm. */
    static final double CLEAR_MM = 0.25;

    /** Ellipses are found to this share of their size. */
    private static final double EXACT_SHARE = 0.01;

    private final AffineTransformation onPage;
    private final Map<Integer, Integer> numberOf;
    private final Map<Integer, Digits> digits = new ConcurrentHashMap<>();

    /**
     * A placer.
     *
     * @param onPage from the drawing's page to the page that is made, mm
     * @param numberOf the number of each swatch, by its id
     */
    NumberPlacer(AffineTransformation onPage, Map<Integer, Integer> numberOf) {
        this.onPage = onPage;
        this.numberOf = numberOf;
    }

    /** An area and its number, in the area or not. */
    private record Wanted(PageArea area, Optional<PlacedNumber> placed) {}

    /**
     * The numbers of areas; those that are bare have none.
     *
     * @param room where numbers beside their areas may stand, and no number leaves
     */
    List<PlacedNumber> place(PageAreas areas, Envelope room) {
        List<Wanted> wanted =
                areas.areas().parallelStream()
                        .filter(area -> numberOf.containsKey(area.swatch()))
                        .map(area -> new Wanted(area, within(area)))
                        .toList();
        List<PlacedNumber> placed = new ArrayList<>();
        wanted.forEach(one -> one.placed().ifPresent(placed::add));
        List<PageArea> without =
                wanted.stream()
                        .filter(one -> one.placed().isEmpty())
                        .map(Wanted::area)
                        .sorted(Comparator.comparingDouble(PageArea::radiusMm).reversed())
                        .toList();
        if (!without.isEmpty()) {
            LeaderPlacer leaders = new LeaderPlacer(areas, onPage, room, placed);
            for (PageArea area : without) {
                Digits text = digits(area);
                leaders.place(text, number(area), middle(area), radius(area))
                        .ifPresent(placed::add);
            }
        }
        return placed;
    }

    private int number(PageArea area) {
        return numberOf.get(area.swatch());
    }

    private Digits digits(PageArea area) {
        return digits.computeIfAbsent(number(area), Digits::of);
    }

    private Point middle(PageArea area) {
        Coordinate at = new Coordinate(area.middle().x(), area.middle().y());
        onPage.transform(at, at);
        return new Point(at.x, at.y);
    }

    private double radius(PageArea area) {
        return area.radiusMm() * Math.sqrt(Math.abs(onPage.getDeterminant()));
    }

    private Optional<PlacedNumber> within(PageArea area) {
        Digits text = digits(area);
        double radius = radius(area);
        Point middle = middle(area);
        double high = text.within(radius, radius, CLEAR_MM);
        if (high < USUAL_MM) {
            // The circle is not the roomiest place for what is wider than high.
            Geometry shape = onPage.transform(area.paper());
            double squeeze = 1 / text.width();
            AffineTransformation squeezed = AffineTransformation.scaleInstance(squeeze, 1);
            Polygon narrow = (Polygon) squeezed.transform(shape);
            Envelope box = narrow.getEnvelopeInternal();
            double exact = Math.max(0.004, EXACT_SHARE * Math.min(box.getWidth(), box.getHeight()));
            MaximumInscribedCircle circle = new MaximumInscribedCircle(narrow, exact);
            double b = circle.getRadiusLine().getLength();
            double other = text.within(b / squeeze, b, CLEAR_MM);
            if (other > high) {
                high = other;
                Coordinate at = circle.getCenter().getCoordinate();
                middle = new Point(at.x / squeeze, at.y);
            }
        }
        boolean small = high < LEGIBLE_MM && 2 * radius < OWN_MM;
        if (small || high <= 0) {
            return Optional.empty();
        }
        double heightMm = Math.min(USUAL_MM, high);
        return Optional.of(
                new PlacedNumber(
                        number(area),
                        middle,
                        heightMm,
                        text.at(middle.x(), middle.y(), heightMm),
                        Optional.empty()));
    }
}
