package neattrace.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Rectangle;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class InkMapChangeTest {

    @Test
    void equalMapsHaveNotChanged() {
        InkMap map = new InkMap(7, 5, new byte[35]);
        assertThat(map.changedSince(new InkMap(7, 5, new byte[35]))).isEmpty();
    }

    @Property(tries = 100, seed = "20261")
    void twoChangedPixelsSpanTheRectangle(
            @ForAll @IntRange(max = 19) int ax,
            @ForAll @IntRange(max = 10) int ay,
            @ForAll @IntRange(max = 19) int bx,
            @ForAll @IntRange(max = 10) int by) {
        byte[] now = new byte[20 * 11];
        now[ay * 20 + ax] = 1;
        now[by * 20 + bx] = (byte) 255;
        Rectangle both = new Rectangle(ax, ay, 1, 1).union(new Rectangle(bx, by, 1, 1));
        assertThat(new InkMap(20, 11, now).changedSince(new InkMap(20, 11, new byte[220])))
                .contains(both);
    }
}
