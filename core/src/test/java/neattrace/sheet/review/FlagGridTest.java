package neattrace.sheet.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.sheet.review.FlagGrid.Group;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FlagGridTest {

    private static FlagGrid grid(String... rows) {
        FlagGrid grid = new FlagGrid(rows[0].length(), rows.length);
        for (int r = 0; r < rows.length; r++) {
            for (int c = 0; c < rows[r].length(); c++) {
                if (rows[r].charAt(c) == '#') {
                    grid.set(c, r);
                }
            }
        }
        return grid;
    }

    @Test
    void nothingIsNoGroup() {
        assertThat(grid("...", "...").groups(1)).isEmpty();
    }

    @Test
    void cellsApartAreGroupsOfTheirOwnAndReachJoinsThem() {
        FlagGrid grid = grid("#...", "....", "..#.");
        assertThat(grid.groups(0)).hasSize(2);
        assertThat(grid.groups(1))
                .containsExactly(new Group(0, 0, 1, 1, 1), new Group(2, 2, 3, 3, 1));
        assertThat(grid.groups(2)).containsExactly(new Group(0, 0, 3, 3, 2));
    }

    @Test
    void cornersTouch() {
        assertThat(grid("#.", ".#").groups(1)).containsExactly(new Group(0, 0, 2, 2, 2));
    }

    @Test
    void aGroupsBoundsAreFilledAndCounted() {
        FlagGrid grid = grid("#.#", "...", "#.#");
        Group all = new Group(0, 0, 3, 3, 4);
        assertThat(grid.count(all)).isEqualTo(4);
        grid.setAll(new Group(0, 0, 2, 2, 0));
        assertThat(grid.count(all)).isEqualTo(7);
        assertThat(grid.groups(1)).containsExactly(new Group(0, 0, 3, 3, 7));
    }

    /** Against joining pairs one by one until nothing changes. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void groupsAreWhatJoiningPairsMakes(int reach) {
        Random random = new Random(reach);
        for (int round = 0; round < 40; round++) {
            int columns = 1 + random.nextInt(14);
            int rows = 1 + random.nextInt(11);
            FlagGrid grid = new FlagGrid(columns, rows);
            List<List<int[]>> joined = new ArrayList<>();
            for (int r = 0; r < rows; r++) {
                for (int c = 0; c < columns; c++) {
                    if (random.nextInt(6) == 0) {
                        grid.set(c, r);
                        joined.add(new ArrayList<>(List.of(new int[] {c, r})));
                    }
                }
            }
            while (joinedOnce(joined, reach)) {
                continue;
            }
            assertThat(grid.groups(reach))
                    .containsExactlyInAnyOrderElementsOf(
                            joined.stream().map(FlagGridTest::bounds).toList());
        }
    }

    private static boolean joinedOnce(List<List<int[]>> groups, int reach) {
        for (int i = 0; i < groups.size(); i++) {
            for (int j = i + 1; j < groups.size(); j++) {
                if (near(groups.get(i), groups.get(j), reach)) {
                    groups.get(i).addAll(groups.remove(j));
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean near(List<int[]> one, List<int[]> other, int reach) {
        return one.stream()
                .anyMatch(
                        a ->
                                other.stream()
                                        .anyMatch(
                                                b ->
                                                        Math.abs(a[0] - b[0]) <= reach
                                                                && Math.abs(a[1] - b[1]) <= reach));
    }

    private static Group bounds(List<int[]> cells) {
        return new Group(
                cells.stream().mapToInt(one -> one[0]).min().orElseThrow(),
                cells.stream().mapToInt(one -> one[1]).min().orElseThrow(),
                cells.stream().mapToInt(one -> one[0]).max().orElseThrow() + 1,
                cells.stream().mapToInt(one -> one[1]).max().orElseThrow() + 1,
                cells.size());
    }
}
