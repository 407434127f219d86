package neattrace.goods.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.DistanceOp;

@Tag("thorough")
class NesterTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final NestWish WISH = new NestWish(12, false, 1, 60, 4);

    private static Polygon polygon(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < ring.length - 1; i++) {
            ring[i] = new Coordinate(xy[2 * i], xy[2 * i + 1]);
        }
        ring[ring.length - 1] = ring[0].copy();
        return FACTORY.createPolygon(ring);
    }

    /** An L, which nests with its like. */
    private static Polygon angle() {
        return polygon(-20, -20, 20, -20, 20, -8, -8, -8, -8, 20, -20, 20);
    }

    private static List<NestPiece> angles(int n) {
        List<NestPiece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            pieces.add(new NestPiece(0, angle()));
        }
        return pieces;
    }

    private static Nest nest(List<NestPiece> pieces, NestSheet sheet, NestWish wish) {
        return Nester.nest(pieces, List.of(), sheet, wish, found -> {}, Progress.SILENT);
    }

    private static void keepsDistances(Nest nest) {
        NestSheet sheet = nest.sheet();
        Geometry inside = sheet.inside().buffer(0.02);
        List<Polygon> shapes = nest.laid().stream().map(nest::shape).toList();
        for (int i = 0; i < shapes.size(); i++) {
            assertThat(inside.contains(shapes.get(i))).isTrue();
            for (Geometry kept : sheet.kept()) {
                assertThat(kept.disjoint(shapes.get(i))).isTrue();
            }
            for (int j = i + 1; j < shapes.size(); j++) {
                assertThat(new DistanceOp(shapes.get(i), shapes.get(j)).distance())
                        .isGreaterThan(sheet.gapMm() - 0.02);
            }
        }
    }

    @Test
    void keepsGapRimAndPlacesKeptOut() {
        Geometry kept = FACTORY.toGeometry(new Envelope(60, 100, 60, 100));
        NestSheet sheet = new NestSheet(210, 297, 8, 3, List.of(kept));
        Nest nest = nest(angles(14), sheet, WISH);
        assertThat(nest.left()).isEmpty();
        assertThat(nest.laid()).hasSize(14);
        keepsDistances(nest);
    }

    @Test
    void fillsDenserThanRowsOfBoxes() {
        NestSheet sheet = new NestSheet(210, 297, 8, 3, List.of());
        Nest nest = nest(angles(1), sheet, new NestWish(4, true, 1, 60, 6));
        keepsDistances(nest);
        int boxes = (int) (197.0 / 43) * (int) (284.0 / 43);
        assertThat(nest.laid().size()).isGreaterThan((int) (1.2 * boxes));
        assertThat(nest.left()).isEmpty();
    }

    @Test
    void tellsWhatDoesNotFit() {
        Nest nest = nest(angles(30), new NestSheet(148, 210, 8, 3, List.of()), WISH);
        keepsDistances(nest);
        assertThat(nest.left()).isNotEmpty();
        assertThat(nest.laid().size() + nest.left().size()).isEqualTo(30);
    }

    @Test
    void laysNothingOnASheetThatIsAllRimOrTooSmall() {
        assertThat(nest(angles(2), new NestSheet(15, 15, 8, 3, List.of()), WISH).left()).hasSize(2);
        assertThat(nest(angles(1), new NestSheet(50, 50, 8, 3, List.of()), WISH).laid()).isEmpty();
    }

    @Test
    void theSameSeedGivesTheSameSheet() {
        NestSheet sheet = new NestSheet(148, 210, 8, 3, List.of());
        assertThat(nest(angles(20), sheet, WISH).laid())
                .isEqualTo(nest(angles(20), sheet, WISH).laid());
    }

    @Test
    void whatIsPinnedStaysAndOthersMakeRoom() {
        NestSheet sheet = new NestSheet(210, 297, 8, 3, List.of());
        Laid pinned = new Laid(2, 105, 150, 33, true);
        Nest nest =
                Nester.nest(angles(8), List.of(pinned), sheet, WISH, found -> {}, Progress.SILENT);
        assertThat(nest.laid()).hasSize(8).contains(pinned);
        keepsDistances(nest);
        Nest airy = Airy.nest(angles(8), List.of(pinned), sheet, WISH, Progress.SILENT).get();
        assertThat(airy.laid()).hasSize(8).contains(pinned);
        keepsDistances(airy);
    }

    @Test
    void givesEvenBreathingSpaceUprightWhereTheyFit() {
        NestSheet sheet = new NestSheet(210, 297, 8, 3, List.of());
        Nest airy = Airy.nest(angles(6), List.of(), sheet, WISH, Progress.SILENT).get();
        keepsDistances(airy);
        assertThat(airy.laid()).allMatch(one -> one.turnDegrees() == 0);
        assertThat(airy.nearestMm()).isGreaterThan(12);
        assertThat(Airy.nest(angles(60), List.of(), sheet, WISH, Progress.SILENT)).isEmpty();
    }

    @Test
    void stopsWhenAsked() {
        Progress stopped =
                (step, share) -> {
                    throw new CancellationException();
                };
        NestSheet sheet = new NestSheet(210, 297, 8, 3, List.of());
        assertThatThrownBy(
                        () -> Nester.nest(angles(3), List.of(), sheet, WISH, found -> {}, stopped))
                .isInstanceOf(CancellationException.class);
    }

    /**
     * A rectangle cut in four by two slanted lines, each part turned by an angle that no even
     * number of directions has: only along one another's edges do they fit again.
     */
    @Test
    void partsOfARectangleFitAgainHoweverTheyWereTurned() {
        GeometryFactory factory = new GeometryFactory();
        double[][] parts = {
            {0, 0, 52, 0, 58, 38, 0, 44},
            {52, 0, 120, 0, 120, 34, 58, 38},
            {0, 44, 58, 38, 66, 90, 0, 90},
            {58, 38, 120, 34, 120, 90, 66, 90}
        };
        double[] turned = {17.3, 61.9, 134.2, 251.7};
        List<NestPiece> pieces = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Coordinate[] ring = new Coordinate[5];
            for (int k = 0; k < 5; k++) {
                ring[k] = new Coordinate(parts[i][2 * (k % 4)], parts[i][2 * (k % 4) + 1]);
            }
            Polygon part = factory.createPolygon(ring);
            Coordinate middle = part.getCentroid().getCoordinate();
            AffineTransformation map =
                    AffineTransformation.translationInstance(-middle.x, -middle.y);
            map.rotate(Math.toRadians(turned[i]));
            pieces.add(new NestPiece(i, (Polygon) map.transform(part)));
        }
        NestSheet sheet = new NestSheet(124, 94, 0, 0, List.of());
        Nest nest =
                Nester.nest(
                        pieces,
                        List.of(),
                        sheet,
                        NestWish.USUAL.forSeconds(60),
                        found -> {},
                        Progress.SILENT);
        assertThat(nest.left()).isEmpty();
        for (Laid one : nest.laid()) {
            for (Laid other : nest.laid()) {
                if (one != other) {
                    assertThat(nest.shape(one).intersection(nest.shape(other)).getArea())
                            .isLessThan(1e-6);
                }
            }
        }
    }
}
