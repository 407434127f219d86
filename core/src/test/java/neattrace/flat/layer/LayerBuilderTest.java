package neattrace.flat.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import neattrace.flat.Fill;
import neattrace.flat.StarterColours;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.MultiPolygon;

class LayerBuilderTest {

    private static final double PX_PER_MM = 2;

    /** Three rooms in a row, walls 2 px, the page's edge 2 px away. */
    private static final InkMap ROOMS =
            Sheets.map(
                    "....................",
                    "....................",
                    "..################..",
                    "..################..",
                    "..##..##....##..##..",
                    "..##..##....##..##..",
                    "..##..##....##..##..",
                    "..################..",
                    "..################..",
                    "....................",
                    "....................");

    private static final AreaTree TREE =
            AreaFinder.tree(ROOMS, CloseSettings.automatic(), PX_PER_MM, Progress.SILENT);

    private static final AreaMap AREAS = TREE.at(CloseSettings.automatic());
    private static final List<MultiPolygon> OUTLINES =
            AreaOutliner.unite(AreaOutliner.outline(TREE, Progress.SILENT), AREAS, null);

    private static final Swatch CORAL = StarterColours.swatch(1);
    private static final Swatch FERN = StarterColours.swatch(3);

    private static List<FlatLayer> layers(Attachment attachment) {
        Map<Integer, List<MultiPolygon>> pieces = LayerBuilder.pieces(OUTLINES, attachment);
        return LayerBuilder.build(pieces, pieces, List.of(CORAL, FERN), List.of());
    }

    private static Fill fill(double xPx, double yPx, int swatch) {
        return new Fill(new Point(xPx / PX_PER_MM, yPx / PX_PER_MM), swatch);
    }

    @Test
    void areasOfOneSwatchBecomeOneLayerInMillimetres() {
        var attachment =
                LayerBuilder.attach(
                        AREAS,
                        List.of(fill(4.5, 5.5, 1), fill(9, 5, 1), fill(15, 5, 3)),
                        PX_PER_MM);
        List<FlatLayer> layers = layers(attachment);
        assertThat(layers).extracting(FlatLayer::swatch).containsExactly(CORAL, FERN);
        FlatLayer coral = layers.get(0);
        assertThat(coral.shape().isValid()).isTrue();
        assertThat(coral.shape().getNumGeometries()).as("neighbours are united").isEqualTo(1);
        // From the middle of the left wall (3 px) to the middle of the third one (13 px).
        assertThat(coral.shape().getEnvelopeInternal().getMinX()).isCloseTo(1.5, within(0.3));
        assertThat(coral.shape().getEnvelopeInternal().getMaxX()).isCloseTo(6.5, within(0.3));
    }

    @Test
    void layersMeetOnTheSameEdge() {
        var attachment =
                LayerBuilder.attach(AREAS, List.of(fill(9, 5, 1), fill(15, 5, 3)), PX_PER_MM);
        List<FlatLayer> layers = layers(attachment);
        var first = layers.get(0).shape();
        var second = layers.get(1).shape();
        assertThat(first.touches(second)).isTrue();
        assertThat(first.intersection(second).getLength()).isGreaterThan(1);
        assertThat(first.intersection(second).getArea()).isZero();
    }

    @Test
    void theLastFillOfAnAreaCounts() {
        var attachment =
                LayerBuilder.attach(AREAS, List.of(fill(9, 5, 1), fill(10, 5, 3)), PX_PER_MM);
        assertThat(attachment.swatchOf())
                .containsOnly(Map.entry(AREAS.at(new Point(9, 5)).orElseThrow().label(), 3));
        assertThat(attachment.lost()).containsExactly(fill(9, 5, 1));
    }

    @Test
    void aFillThatFindsNoAreaIsReportedNotDropped() {
        Fill far = fill(500, 500, 1);
        var attachment = LayerBuilder.attach(AREAS, List.of(far), PX_PER_MM);
        assertThat(attachment.lost()).containsExactly(far);
        assertThat(attachment.swatchOf()).isEmpty();
    }

    @Test
    void barePaperIsADecisionWithoutALayer() {
        var attachment = LayerBuilder.attach(AREAS, List.of(fill(9, 5, Fill.PAPER)), PX_PER_MM);
        assertThat(attachment.swatchOf()).hasSize(1);
        assertThat(layers(attachment)).isEmpty();
    }
}
