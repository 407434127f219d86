package neattrace.flat.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.flat.StarterColours;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

class SpreaderTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static MultiPolygon box(double x0, double y0, double x1, double y1) {
        return FACTORY.createMultiPolygon(
                new Polygon[] {(Polygon) FACTORY.toGeometry(new Envelope(x0, x1, y0, y1))});
    }

    private static FlatLayer layer(int id, MultiPolygon shape) {
        return new FlatLayer(StarterColours.swatch(id), shape, List.of(shape));
    }

    private final FlatLayer low = layer(1, box(0, 0, 10, 10));
    private final FlatLayer high = layer(2, box(10, 0, 20, 10));

    @Test
    void theLowerColourRunsOnBeneathTheUpperOneAlongTheEdgeTheyShareAndNowhereElse() {
        List<FlatLayer> spread = Spreader.spread(List.of(low, high), 0.085);
        assertThat(spread.get(0).shape().getArea()).isCloseTo(100 + 0.085 * 10, within(1e-9));
        Envelope box = spread.get(0).shape().getEnvelopeInternal();
        assertThat(box.getMaxX()).isCloseTo(10.085, within(1e-9));
        assertThat(box.getMinX()).isZero();
        assertThat(box.getMaxY()).as("nothing grows towards the page").isEqualTo(10);
        assertThat(spread.get(1)).as("the upper one stays").isEqualTo(high);
        assertThat(spread.get(0).pieces()).hasSize(1);
    }

    @Test
    void colourNeverComesOutOnTheFarSideOfAThinNeighbour() {
        FlatLayer thin = layer(2, box(10, 0, 10.05, 10));
        List<FlatLayer> spread = Spreader.spread(List.of(low, thin), 0.5);
        assertThat(spread.get(0).shape().getEnvelopeInternal().getMaxX())
                .isCloseTo(10.05, within(1e-9));
    }

    @Test
    void withoutSpreadTheLayersAreTheSame() {
        List<FlatLayer> layers = List.of(low, high);
        assertThat(Spreader.spread(layers, 0)).isSameAs(layers);
    }
}
