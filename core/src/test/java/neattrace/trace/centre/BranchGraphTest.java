package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.Random;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

class BranchGraphTest {

    private static final int SIDE = 200;

    private static BranchGraph web(InkMap map) {
        return BranchGraph.of(Thinner.thin(map, Progress.SILENT));
    }

    /** Nodes less branches; a ring that meets nothing has as many of both. */
    private static int euler(BranchGraph web) {
        int nodes = 0;
        for (int i = 0; i < web.at.size(); i++) {
            nodes += web.isGone(i) ? 0 : 1;
        }
        long branches = web.branches().stream().filter(branch -> !branch.isRing()).count();
        return nodes - (int) branches;
    }

    /** Pieces less holes, counted on the pixels with a rim of paper round them. */
    private static int euler(InkMap map) {
        int side = SIDE + 2;
        byte[] coverage = new byte[side * side];
        for (int y = 0; y < SIDE; y++) {
            System.arraycopy(map.coverage(), y * SIDE, coverage, (y + 1) * side + 1, SIDE);
        }
        InkMap rimmed = new InkMap(side, side, coverage);
        int pieces = RunLabels.of(rimmed, true, true).count();
        int holes = RunLabels.of(rimmed, false, false).count() - 1;
        return pieces - holes;
    }

    /** A hole of a pixel or two lies within a junction and is none of the net's. */
    private static boolean hasPinhole(InkMap map) {
        RunLabels paper = RunLabels.of(map, false, false);
        for (int i = 0; i < paper.count(); i++) {
            if (paper.size(i) < 3) {
                return true;
            }
        }
        return false;
    }

    /**
     * Euler's number of a graph is that of the plane figure it stands for (L. Euler, 1758; as
     * pieces less holes in A. Rosenfeld and A. Kak, <i>Digital Picture Processing</i>).
     */
    @Test
    void theNetOfRandomDrawingsHasTheirEulerNumber() {
        Random random = new Random(17);
        int checked = 0;
        for (int round = 0; round < 120; round++) {
            int count = 2 + random.nextInt(14);
            InkMap map =
                    DrawnInk.of(
                            SIDE,
                            SIDE,
                            g -> {
                                for (int k = 0; k < count; k++) {
                                    double pen = 1.5 + 7 * random.nextDouble();
                                    double x = 20 + 120 * random.nextDouble();
                                    double y = 20 + 120 * random.nextDouble();
                                    DrawnInk.pen(
                                                    pen,
                                                    random.nextBoolean()
                                                            ? new Line2D.Double(
                                                                    x,
                                                                    y,
                                                                    20 + 160 * random.nextDouble(),
                                                                    20 + 160 * random.nextDouble())
                                                            : new Ellipse2D.Double(
                                                                    x,
                                                                    y,
                                                                    8 + 50 * random.nextDouble(),
                                                                    8 + 50 * random.nextDouble()))
                                            .accept(g);
                                }
                            });
            if (hasPinhole(map)) {
                continue;
            }
            checked++;
            assertThat(euler(web(map))).as("round " + round).isEqualTo(euler(map));
        }
        assertThat(checked).isGreaterThan(40);
    }

    @Test
    void everyBranchHangsOnBothItsNodes() {
        InkMap map =
                DrawnInk.lines(
                        SIDE,
                        SIDE,
                        5,
                        new Ellipse2D.Double(40, 40, 120, 120),
                        new Line2D.Double(10, 100, 190, 104),
                        new Line2D.Double(100, 10, 103, 190));
        BranchGraph web = web(map);
        for (Branch branch : web.branches()) {
            assertThat(web.branchesAt.get(branch.from)).contains(branch);
            assertThat(web.branchesAt.get(branch.to)).contains(branch);
            assertThat(branch.pixels.length).isGreaterThan(1);
        }
        // Two lines through a ring: five crossings of four, and four free ends.
        assertThat(web.branchesAt).filteredOn(at -> at.size() == 4).hasSize(5);
        assertThat(web.branchesAt).filteredOn(at -> at.size() == 1).hasSize(4);
    }

    @Test
    void aBranchReadBackwardsTwiceIsItself() {
        Branch branch = new Branch(1, 2, new int[] {5, 6, 7, 8}, new int[] {1});
        Branch back = branch.reversed();
        assertThat(back.from).isEqualTo(2);
        assertThat(back.pixels).containsExactly(8, 7, 6, 5);
        assertThat(back.bends).containsExactly(2);
        assertThat(back.reversed().pixels).containsExactly(branch.pixels);
        assertThat(back.reversed().bends).containsExactly(branch.bends);
    }

    @Test
    void branchesJoinedRememberTheirSeamAsABend() {
        Branch one = new Branch(1, 2, new int[] {5, 6}, new int[] {});
        Branch two = new Branch(2, 3, new int[] {7, 8, 9}, new int[] {2});
        Branch joined = one.joined(two, true);
        assertThat(joined.from).isEqualTo(1);
        assertThat(joined.to).isEqualTo(3);
        assertThat(joined.pixels).containsExactly(5, 6, 7, 8, 9);
        assertThat(joined.bends).containsExactly(2, 4);
        assertThat(one.joined(two, false).bends).containsExactly(4);
    }
}
