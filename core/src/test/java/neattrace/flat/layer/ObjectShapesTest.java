package neattrace.flat.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import neattrace.flat.AreaGroup;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

class ObjectShapesTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static MultiPolygon square(double x, double y) {
        return FACTORY.createMultiPolygon(
                new Polygon[] {(Polygon) FACTORY.toGeometry(new Envelope(x, x + 10, y, y + 10))});
    }

    private static FlatLayer layer(MultiPolygon... pieces) {
        Geometry united = OverlayNGRobust.union(Arrays.<Geometry>asList(pieces));
        return new FlatLayer(new Swatch(1, "Red", new Cmyk(0, 90, 80, 0)), united, List.of(pieces));
    }

    @Test
    void withoutGroupsWhatTouchesIsOne() {
        FlatLayer layer = layer(square(0, 0), square(10, 0), square(40, 0));
        assertThat(ObjectShapes.of(layer, List.of()))
                .extracting(NamedShape::name)
                .containsExactly("", "");
    }

    @Test
    void aGroupIsOneShapeOfItsNameThoughItsAreasLieApart() {
        FlatLayer layer = layer(square(0, 0), square(10, 0), square(40, 0), square(70, 0));
        AreaGroup petals = new AreaGroup("petals", List.of(new Point(5, 5), new Point(45, 5)));
        List<NamedShape> shapes = ObjectShapes.of(layer, List.of(petals));
        assertThat(shapes).extracting(NamedShape::name).containsExactly("petals", "", "");
        assertThat(shapes.get(0).shape().getNumGeometries()).isEqualTo(2);
        assertThat(shapes.get(0).shape().getArea()).isEqualTo(200, within(1e-9));
        assertThat(shapes.get(1).shape().getArea()).isEqualTo(100, within(1e-9));
    }

    @Test
    void aGroupOfOtherColoursLeavesTheLayerAlone() {
        FlatLayer layer = layer(square(0, 0), square(10, 0));
        AreaGroup leaves = new AreaGroup("leaves", List.of(new Point(200, 5)));
        assertThat(ObjectShapes.of(layer, List.of(leaves))).hasSize(1);
    }

    @Test
    void aPieceOfTwoGroupsBelongsToTheFirst() {
        FlatLayer layer = layer(square(0, 0), square(10, 0));
        AreaGroup all = new AreaGroup("all", List.of(new Point(5, 5), new Point(15, 5)));
        AreaGroup left = new AreaGroup("left", List.of(new Point(5, 5)));
        assertThat(ObjectShapes.of(layer, List.of(left, all)))
                .extracting(NamedShape::name)
                .containsExactly("left", "all");
        assertThat(ObjectShapes.of(layer, List.of(all, left)))
                .extracting(NamedShape::name)
                .containsExactly("all");
    }
}
