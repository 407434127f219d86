package neattrace.array;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class UnionFindTest {

    @Test
    void theLowestStandsForItsSet() {
        UnionFind sets = new UnionFind(6);
        assertThat(sets.unite(5, 3)).isTrue();
        assertThat(sets.unite(3, 1)).isTrue();
        assertThat(sets.unite(5, 1)).isFalse();
        assertThat(sets.find(5)).isEqualTo(1);
        assertThat(sets.find(0)).isZero();
        assertThat(sets.sizes()).containsExactly(1, 3, 1, 0, 1, 0);
    }

    /** Against labels that are rewritten at every union. */
    @Test
    void setsAreThoseOfAPlainRelabelling() {
        SplittableRandom chance = new SplittableRandom(4);
        int n = 200;
        UnionFind sets = new UnionFind(n);
        int[] label = new int[n];
        for (int i = 0; i < n; i++) {
            label[i] = i;
        }
        for (int k = 0; k < 160; k++) {
            int a = chance.nextInt(n);
            int b = chance.nextInt(n);
            int from = Math.max(label[a], label[b]);
            int to = Math.min(label[a], label[b]);
            assertThat(sets.unite(a, b)).isEqualTo(from != to);
            for (int i = 0; i < n; i++) {
                label[i] = label[i] == from ? to : label[i];
            }
        }
        for (int i = 0; i < n; i++) {
            assertThat(sets.find(i)).isEqualTo(label[i]);
        }
    }
}
