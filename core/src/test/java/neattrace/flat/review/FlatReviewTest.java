package neattrace.flat.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.Gap;
import org.junit.jupiter.api.Test;

class FlatReviewTest {

    private static final PressProfile PRESS = PressProfile.bundled();
    private static final Swatch PINK = new Swatch(1, "Pink", new Cmyk(2, 52, 12, 0));
    private static final Swatch ROSE = new Swatch(2, "Rose", new Cmyk(2, 53, 13, 0));
    private static final Swatch GREEN = new Swatch(3, "Green", new Cmyk(56, 8, 78, 0));
    private static final Swatch BLUE = new Swatch(4, "Blue", new Cmyk(86, 48, 20, 0));

    /** A column of areas, 100 px apart from the top down, ten px to a mm. */
    private static AreaMap column(int count, double radiusPx, List<Gap> gaps) {
        List<Area> areas = new ArrayList<>();
        int[] cells = new int[100 * 100 * count];
        for (int i = 0; i < cells.length; i++) {
            cells[i] = i / 10_000;
        }
        int[] areaOf = new int[count];
        for (int i = 0; i < count; i++) {
            areaOf[i] = i;
            areas.add(new Area(i, new Point(50, 50 + 100 * i), 1000 + i, radiusPx, false));
        }
        return new AreaMap(100, 100 * count, cells, areaOf, areas, gaps, 10);
    }

    private static List<FlatFinding> review(AreaMap map, int... swatches) {
        Map<Integer, Integer> swatchOf = new TreeMap<>();
        for (int i = 0; i < swatches.length; i++) {
            swatchOf.put(i, swatches[i]);
        }
        return FlatReview.of(map, swatchOf, List.of(PINK, ROSE, GREEN, BLUE), 0.1, PRESS);
    }

    private static <T> List<T> only(List<FlatFinding> findings, Class<T> kind) {
        return findings.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    @Test
    void twoPinksThatWereMeantToBeOneAreTold() {
        List<FlatFinding> found = review(column(4, 30, List.of()), 1, 2, 2, 3);
        List<FlatFinding.Alike> alike = only(found, FlatFinding.Alike.class);
        assertThat(alike).hasSize(1);
        assertThat(alike.get(0).kept()).as("what covers more stays").isEqualTo(ROSE);
        assertThat(alike.get(0).difference()).isBetween(0.1, FlatReview.ALIKE);
    }

    @Test
    void aSwatchThatIsNotUsedIsAlikeToNothing() {
        List<FlatFinding> found = review(column(3, 30, List.of()), 1, 1, 3);
        assertThat(only(found, FlatFinding.Alike.class)).isEmpty();
        assertThat(only(found, FlatFinding.UsedOnce.class))
                .extracting(FlatFinding.UsedOnce::swatch)
                .containsExactly(GREEN);
    }

    @Test
    void onlyAWideGapBetweenTwoColoursIsALeak() {
        Gap wide =
                new Gap(
                        new Point(50, 100),
                        new Point(43, 100),
                        new Point(57, 100),
                        14,
                        2,
                        true,
                        false,
                        1,
                        1);
        AreaMap map = column(2, 30, List.of(wide));
        assertThat(only(review(map, 1, 3), FlatFinding.WideLeak.class))
                .extracting(FlatFinding.WideLeak::gap)
                .containsExactly(wide);
        assertThat(only(review(map, 1, 1), FlatFinding.WideLeak.class)).isEmpty();
    }

    @Test
    void aColourThatKeepsToTheBottomIsTold() {
        int[] colours = {3, 4, 3, 4, 3, 4, 1, 1, 1};
        List<FlatFinding> found = review(column(9, 30, List.of()), colours);
        assertThat(only(found, FlatFinding.Crowded.class))
                .singleElement()
                .satisfies(
                        crowded -> {
                            assertThat(crowded.swatch()).isEqualTo(PINK);
                            assertThat(crowded.where()).isEqualTo("at the bottom");
                            assertThat(crowded.areas()).hasSize(3);
                        });
    }
}
