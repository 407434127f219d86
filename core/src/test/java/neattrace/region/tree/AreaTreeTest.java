package neattrace.region.tree;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ij.process.ByteProcessor;
import ij.process.FloodFiller;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Gap;
import neattrace.region.OpenLine;
import neattrace.region.area.AreaFinder;
import neattrace.stage.Progress;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class AreaTreeTest {

    private static final double PX_PER_MM = 10;

    /** A row of rooms of 10 x 11 mm; the wall after each has a door of so many px. */
    private static AreaTree rooms(int... doorsPx) {
        int rooms = doorsPx.length + 1;
        int width = 40 + rooms * 106 + 6;
        int height = 160;
        byte[] coverage = new byte[width * height];
        for (int y = 20; y < 140; y++) {
            for (int x = 20; x < width - 20; x++) {
                int wall = (x - 20) / 106;
                boolean side = (x - 20) % 106 < 6;
                boolean inner = wall > 0 && wall < rooms;
                boolean door = inner && Math.abs(y + 0.5 - 80) < doorsPx[wall - 1] / 2.0;
                boolean edge = y < 25 || y >= 135;
                coverage[y * width + x] = edge || side && !door ? (byte) 255 : 0;
            }
        }
        return AreaFinder.tree(
                new InkMap(width, height, coverage),
                CloseSettings.automatic(),
                PX_PER_MM,
                Progress.SILENT);
    }

    private static CloseSettings at(double gapMm) {
        return CloseSettings.automatic().withGapMm(gapMm);
    }

    @Test
    void oneAnalysisKnowsTheAreasAtEveryWidth() {
        AreaTree tree = rooms(4, 10, 16);
        assertThat(tree.at(at(0)).enclosed()).hasSize(1);
        assertThat(tree.at(at(0.5)).enclosed()).hasSize(2);
        assertThat(tree.at(at(1.2)).enclosed()).hasSize(3);
        assertThat(tree.at(at(2)).enclosed()).hasSize(4);
        for (double mm : new double[] {0, 0.5, 1.2, 2, 4}) {
            assertThat(tree.enclosedAt(mm)).isEqualTo(tree.at(at(mm)).enclosed().size());
        }
        assertThat(tree.at(at(0.5)).cells()).isSameAs(tree.at(at(2)).cells());
    }

    @Test
    void noOpeningAtALineMeantOpenIsClosedUnlessItWasByItself() {
        AreaTree tree = rooms(4, 4);
        // The second wall, at 23.2 to 23.8 mm from the left, from the upper edge to the lower one.
        OpenLine wall = new OpenLine(List.of(new Point(23.5, 2.5), new Point(23.5, 13.5)), 0.5);
        CloseSettings meant = at(3).withOpenLines(List.of(wall));
        assertThat(tree.at(at(3)).enclosed()).hasSize(3);
        assertThat(tree.at(meant).enclosed()).hasSize(2);
        assertThat(tree.at(meant).gaps()).extracting(Gap::closed).containsExactly(false, true);
        assertThat(tree.at(meant).gaps()).extracting(Gap::decided).containsExactly(true, false);
        Point door = tree.at(meant).gaps().get(0).place().times(1 / PX_PER_MM);
        assertThat(tree.at(meant.with(door, true)).enclosed()).hasSize(3);
    }

    @Test
    void aLineIsWhereItsInkIs() {
        OpenLine line =
                new OpenLine(List.of(new Point(0, 0), new Point(10, 0), new Point(10, 10)), 0.5);
        assertThat(line.isAt(new Point(5, 0.49))).isTrue();
        assertThat(line.isAt(new Point(5, 0.51))).isFalse();
        assertThat(line.isAt(new Point(-0.4, 0))).isTrue();
        assertThat(line.isAt(new Point(10.3, 10.3))).isTrue();
        assertThat(line.isAt(new Point(2, 5))).isFalse();
        assertThatThrownBy(() -> new OpenLine(List.of(new Point(0, 0)), 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aClosedGapBesideAnOpenOneOfTheSameWallIsNotToldBecauseItPartsNothing() {
        AreaTree tree = rooms(4, 16);
        AreaMap map = tree.at(at(0.5));
        assertThat(map.gaps()).hasSize(1);
        assertThat(map.gaps().get(0).closed()).isTrue();
        AreaMap wide = tree.at(at(1));
        assertThat(wide.gaps()).extracting(Gap::closed).containsExactly(false, true);
    }

    /** Told with a gap: the areas it parts, or would part if it were closed. */
    @Test
    void aGapTellsWhatItParts() {
        AreaTree tree = rooms(4, 16);
        long room =
                tree.cells().stream()
                        .filter(cell -> cell.border() == 0)
                        .findFirst()
                        .orElseThrow()
                        .pixels();
        for (double mm : new double[] {1, 2}) {
            List<Gap> gaps = tree.at(at(mm)).gaps();
            assertThat(gaps).hasSize(2);
            for (Gap gap : gaps) {
                assertThat(gap.lesserPx()).isBetween(room - 200, room + 200);
            }
            // The narrow door holds a room from two others, if the wide one between those is open.
            assertThat(gaps.get(1).greaterPx() > 1.5 * room).isEqualTo(mm == 1);
        }
    }

    @Test
    void decisionsGoBeforeTheWidth() {
        AreaTree tree = rooms(4, 16);
        List<Gap> gaps = tree.at(at(4)).gaps();
        Point wide = gaps.get(0).place().times(1 / PX_PER_MM);
        Point narrow = gaps.get(1).place().times(1 / PX_PER_MM);
        assertThat(tree.at(at(1).with(wide, true)).enclosed()).hasSize(3);
        assertThat(tree.at(at(4).with(narrow, false)).enclosed()).hasSize(2);
        List<Point> gapPlaces = tree.gapPlaces();
        assertThat(at(1).with(wide, true).closedBeside(gapPlaces)).isEmpty();
        assertThat(at(1).with(new Point(1, 1), true).closedBeside(gapPlaces))
                .containsExactly(new Point(1, 1));
    }

    @Test
    void theWidthComesFromTheCalmStretch() {
        assertThat(rooms().calmMm()).as("no gap at all").isEqualTo(CloseSettings.USUAL_GAP_MM);
        double calm = rooms(8, 9, 10, 11, 12, 13).calmMm();
        assertThat(calm).as("every gap is a slip of 0.8 to 1.3 mm").isBetween(1.3, 2.0);
        // Slips up to 0.55 mm, and openings that were meant from 0.95 mm on.
        double meant = CalmWidth.of(List.of(2.0, 1.9, 1.4, 1.25, 1.1, 1.05, 0.95, 0.55));
        assertThat(meant).isCloseTo(Math.sqrt(0.95 * 0.55), within(0.006));
    }

    /** With nothing closed, areas are the pieces of paper that ImageJ's flood filler counts. */
    @Property(tries = 40, seed = "20261")
    void withNothingClosedTheAreasAreThoseOfImageJ(@ForAll long seed) {
        InkMap map = Sheets.blocks(seed, 60, 0.45);
        AreaTree tree = AreaFinder.tree(map, CloseSettings.automatic(), PX_PER_MM, Progress.SILENT);
        ByteProcessor paper = new ByteProcessor(60, 60);
        for (int i = 0; i < 3600; i++) {
            paper.set(i, map.isInk(i) ? 0 : 255);
        }
        paper.setColor(0);
        FloodFiller filler = new FloodFiller(paper);
        int count = 0;
        for (int i = 0; i < 3600; i++) {
            if (paper.get(i) == 255) {
                count++;
                filler.fill(i % 60, i / 60);
            }
        }
        assertThat(tree.at(at(0)).areas()).hasSize(count);
    }

    /**
     * Wider closing only ever splits areas: those of a small width are made of those of a large.
     */
    @Property(tries = 25, seed = "20261")
    void areasAreNested(@ForAll long seed) {
        InkMap map = Sheets.blocks(seed, 60, 0.3);
        AreaTree tree = AreaFinder.tree(map, CloseSettings.automatic(), PX_PER_MM, Progress.SILENT);
        List<AreaMap> levels = new ArrayList<>();
        for (double mm : new double[] {0, 0.15, 0.3, 0.6, 1.2, 4}) {
            levels.add(tree.at(at(mm)));
        }
        for (int k = 1; k < levels.size(); k++) {
            AreaMap coarse = levels.get(k - 1);
            AreaMap fine = levels.get(k);
            int[] owner = new int[fine.areas().size()];
            java.util.Arrays.fill(owner, -1);
            for (int i = 0; i < 3600; i++) {
                int label = fine.label(i);
                if (label >= 0 && owner[label] < 0) {
                    owner[label] = coarse.label(i);
                }
                assertThat(label < 0 || owner[label] == coarse.label(i)).isTrue();
            }
            long paper = fine.areas().stream().mapToLong(Area::pixels).sum();
            assertThat(paper).isEqualTo(3600 - map.inkPixels());
        }
    }
}
