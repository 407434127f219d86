package neattrace.array;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class IntListTest {

    @Test
    void keepsAllValuesInOrderWhileItGrows() {
        IntList list = new IntList();
        IntStream.range(0, 5000).forEach(i -> list.add(3 * i));

        assertThat(list.size()).isEqualTo(5000);
        assertThat(list.toArray()).isEqualTo(IntStream.range(0, 5000).map(i -> 3 * i).toArray());
    }

    @Test
    void takesOtherListsWhole() {
        IntList list = new IntList();
        IntList other = new IntList();
        list.add(-1);
        IntStream.range(0, 3000).forEach(other::add);
        list.addAll(other);
        list.addAll(new IntList());
        list.add(7);

        assertThat(list.size()).isEqualTo(3002);
        assertThat(list.toArray()).startsWith(-1, 0, 1).endsWith(2999, 7);
        int[] target = new int[3004];
        list.copyTo(target, 2);
        assertThat(target).startsWith(0, 0, -1, 0).endsWith(2999, 7);
    }
}
