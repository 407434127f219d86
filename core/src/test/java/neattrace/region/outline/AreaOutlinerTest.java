package neattrace.region.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.area.AreaFinder;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Progress;
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
    @Property(tries = 60, seed = "20261")
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

    /**
     * A cut is drawn as a row of pixels while areas are found; its edge is the line all the same.
     */
    @Property(tries = 200, seed = "20261")
    void theEdgeOfACutIsTheCutItself(@ForAll @DoubleRange(min = 0, max = 6.28) double angle) {
        byte[] coverage = new byte[200 * 200];
        for (int i = 0; i < coverage.length; i++) {
            double r = Math.hypot(i % 200 + 0.5 - 100, i / 200 + 0.5 - 100);
            coverage[i] = r >= 80 && r < 90 ? (byte) 255 : 0;
        }
        Point out = new Point(Math.cos(angle), Math.sin(angle)).times(8.3);
        Point middle = new Point(10, 10);
        Join cut = new Join(List.of(middle.minus(out), middle.plus(out)));
        AreaTree tree =
                AreaFinder.tree(
                        new InkMap(200, 200, coverage),
                        CloseSettings.automatic().withCuts(List.of(cut)),
                        10,
                        Progress.SILENT);
        List<MultiPolygon> outlines = AreaOutliner.outline(tree, Progress.SILENT);
        assertThat(CoverageValidator.isValid(outlines.toArray(Geometry[]::new))).isTrue();
        int onTheCut = 0;
        for (MultiPolygon outline : outlines) {
            for (org.locationtech.jts.geom.Coordinate at : outline.getCoordinates()) {
                Point corner = new Point(at.x, at.y);
                if (corner.distance(middle) < 7.9) {
                    assertThat(cut.distance(corner)).isLessThan(1e-9);
                    onTheCut++;
                }
            }
        }
        assertThat(onTheCut % 2).as("each corner belongs to both sides").isZero();
    }

    @Test
    void withoutAreasThereAreNoOutlines() {
        assertThat(AreaOutliner.outline(areas(Sheets.map("##", "##")), Progress.SILENT)).isEmpty();
    }
}
