package neattrace.goods.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.page.PageArea;
import neattrace.goods.page.PageAreas;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Where a signature is said to fit, its box fits. */
class QuietPlacesTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon box(double x, double y, double width, double height) {
        return (Polygon) FACTORY.toGeometry(new Envelope(x, x + width, y, y + height));
    }

    private static PageAreas areas(Polygon... papers) {
        List<PageArea> areas = new ArrayList<>();
        Geometry ink = FACTORY.createPolygon();
        for (int i = 0; i < papers.length; i++) {
            areas.add(new PageArea(i, papers[i], new Point(0, 0), 1, 0));
            ink = ink.union(papers[i].buffer(1).difference(papers[i]));
        }
        return new PageAreas(ink, areas, List.of());
    }

    @Property(tries = 60, seed = "20261")
    void whatIsProposedHasRoomForIt(
            @ForAll @DoubleRange(min = 2, max = 60) double wide,
            @ForAll @DoubleRange(min = 1, max = 12) double high) {
        PageAreas areas =
                areas(
                        box(0, 0, 50, 20),
                        box(60, 0, 30, 60),
                        box(0, 30, 40, 8),
                        (Polygon) box(0, 50, 50, 30).buffer(-2).buffer(2));
        for (Point at : QuietPlaces.of(areas, wide, high)) {
            Polygon signature = box(at.x() - wide / 2, at.y() - high / 2, wide, high);
            assertThat(areas.areas())
                    .anyMatch(area -> area.paper().buffer(0.3).contains(signature));
        }
    }

    @Test
    void theLowestComesFirst() {
        List<Point> places = QuietPlaces.of(areas(box(0, 0, 50, 20), box(0, 60, 50, 20)), 20, 5);
        assertThat(places).hasSize(2);
        assertThat(places.get(0).y()).isGreaterThan(places.get(1).y());
    }

    @Test
    void whereItIsTooNarrowThereIsNone() {
        assertThat(QuietPlaces.of(areas(box(0, 0, 50, 4)), 20, 5)).isEmpty();
        assertThat(QuietPlaces.of(areas(box(0, 0, 19, 40)), 20, 5)).isEmpty();
        assertThat(QuietPlaces.of(areas(), 20, 5)).isEmpty();
    }

    @Test
    void noMoreThanFiveAreProposed() {
        Polygon[] many = new Polygon[12];
        for (int k = 0; k < many.length; k++) {
            many[k] = box(0, 30 * k, 40, 20);
        }
        assertThat(QuietPlaces.of(areas(many), 10, 4)).hasSize(5);
    }
}
