package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.util.Random;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.testing.Labels;
import org.junit.jupiter.api.Test;

/** Thinning keeps pieces and holes, as labelling tells, and leaves nothing that could still go. */
class ThinnerTest {

    private static int pieces(int width, int height, java.util.function.IntPredicate member) {
        return Labels.of(width, height, member, true).count();
    }

    /** Background components inside a rim of paper. */
    private static int holes(InkMap map, java.util.function.IntPredicate ink) {
        int width = map.width() + 2;
        int height = map.height() + 2;
        return Labels.of(
                                width,
                                height,
                                i -> {
                                    int x = i % width - 1;
                                    int y = i / width - 1;
                                    boolean inside =
                                            x >= 0 && y >= 0 && x < map.width() && y < map.height();
                                    return !inside || !ink.test(y * map.width() + x);
                                },
                                false)
                        .count()
                - 1;
    }

    @Test
    void piecesAndHolesOfRandomDrawingsStay() {
        Random random = new Random(7);
        for (int round = 0; round < 20; round++) {
            InkMap map =
                    DrawnInk.of(
                            160,
                            120,
                            g -> {
                                for (int k = 0; k < 12; k++) {
                                    DrawnInk.pen(
                                                    1 + 8 * random.nextDouble(),
                                                    new Line2D.Double(
                                                            random.nextDouble() * 160,
                                                            random.nextDouble() * 120,
                                                            random.nextDouble() * 160,
                                                            random.nextDouble() * 120),
                                                    new Ellipse2D.Double(
                                                            random.nextDouble() * 140,
                                                            random.nextDouble() * 100,
                                                            4 + random.nextDouble() * 30,
                                                            4 + random.nextDouble() * 30))
                                            .accept(g);
                                }
                            });
            Skeleton skeleton = Thinner.thin(map, Progress.SILENT);
            assertThat(pieces(160, 120, skeleton.pixels()::get))
                    .isEqualTo(pieces(160, 120, map::isInk));
            assertThat(holes(map, skeleton.pixels()::get)).isEqualTo(holes(map, map::isInk));
        }
    }

    @Test
    void aBarOfEvenWidthKeepsItsLength() {
        for (int width = 1; width <= 6; width++) {
            int thick = width;
            InkMap bar = DrawnInk.of(80, 40, g -> g.fillRect(10, 15, 60, thick));
            Skeleton skeleton = Thinner.thin(bar, Progress.SILENT);
            assertThat(skeleton.pixels().cardinality()).isBetween(60 - thick, 64);
        }
    }
}
