package neattrace.region.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.tree.AreaTree;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.coverage.CoverageValidator;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;

class AreaOutlinerTest {

    /** Nothing is as narrow as a gap, so every cell is an area. */
    private static AreaTree areas(InkMap map) {
        return AreaFinder.tree(map, CloseSettings.automatic(), 0.1, Progress.SILENT);
    }

    /**
     * JTS is the judge: every outline valid, and all together a coverage without gap or overlap.
     */
    @Property(tries = 60)
    void outlinesAreValidAndCoverThePageExactly(
            @ForAll long seed, @ForAll @DoubleRange(min = 0.1, max = 0.7) double share) {
        AreaTree areas = areas(Sheets.blocks(seed, 40, share));
        if (areas.cells().isEmpty()) {
            return;
        }
        List<MultiPolygon> outlines = AreaOutliner.outline(areas, Progress.SILENT);
        assertThat(outlines).hasSize(areas.cells().size());
        double covered = 0;
        for (MultiPolygon outline : outlines) {
            assertThat(outline.isValid()).isTrue();
            assertThat(outline.isEmpty()).isFalse();
            covered += outline.getArea();
        }
        assertThat(covered).isCloseTo(160_000, within(1e-4));
        assertThat(CoverageValidator.isValid(outlines.toArray(Geometry[]::new))).isTrue();
    }

    @Test
    void anOutlineRunsUnderTheInkToTheMiddleOfTheLine() {
        StringBuilder wall = new StringBuilder();
        for (int x = 0; x < 40; x++) {
            wall.append(x >= 16 && x < 24 ? '#' : '.');
        }
        String[] rows = new String[30];
        java.util.Arrays.fill(rows, wall.toString());
        List<MultiPolygon> outlines =
                AreaOutliner.outline(areas(Sheets.map(rows)), Progress.SILENT);
        assertThat(outlines).hasSize(2);
        assertThat(outlines.get(0).getEnvelopeInternal().getMaxX()).isCloseTo(200, within(0.1));
        assertThat(outlines.get(1).getEnvelopeInternal().getMinX()).isCloseTo(200, within(0.1));
    }

    @Test
    void withoutAreasThereAreNoOutlines() {
        assertThat(AreaOutliner.outline(areas(Sheets.map("##", "##")), Progress.SILENT)).isEmpty();
    }
}
