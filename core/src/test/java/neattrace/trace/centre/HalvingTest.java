package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.testing.Sheets;
import neattrace.trace.InkLine;
import neattrace.trace.LineNet;
import neattrace.trace.LineNode;
import neattrace.trace.SolidBlack;
import neattrace.trace.Stub;
import org.junit.jupiter.api.Test;

class HalvingTest {

    @Test
    void aPixelIsTheMeanOfFour() {
        InkMap map = new InkMap(4, 2, new byte[] {0, 100, 10, 20, 40, (byte) 200, 30, 40});

        InkMap half = Halving.halved(map);

        assertThat(half.width()).isEqualTo(2);
        assertThat(half.height()).isEqualTo(1);
        assertThat(half.coverage()).containsExactly(85, 25);
    }

    @Test
    void beyondTheSheetIsPaper() {
        InkMap half = Halving.halved(Sheets.map("###", "###", "###"));

        assertThat(half.width()).isEqualTo(2);
        assertThat(half.coverage()).containsExactly((byte) 255, (byte) 128, (byte) 128, (byte) 64);
    }

    @Test
    void theInkOfTheSheetStaysAsMuch() {
        InkMap map = Sheets.disc(65, 30.3, 33.1, 24);

        double half = sum(Halving.halved(map)) * 4;

        assertThat(half).isCloseTo(Math.PI * 24 * 24, within(2.0));
    }

    @Test
    void whatWasFoundIsTwiceAsLarge() {
        LineNet net =
                new LineNet(
                        List.of(
                                new InkLine(
                                        new double[] {1, 2},
                                        new double[] {3, 5},
                                        new double[] {.5, 1},
                                        false,
                                        0,
                                        -1)),
                        List.of(new LineNode(new Point(1, 3), 2, 1)),
                        List.of(
                                new SolidBlack(
                                        new double[] {4}, new double[] {6}, new double[] {3})),
                        List.of(new Stub(new Point(1, 1), new Point(2, 2), 1.5, 2)),
                        new int[] {-1, -1});

        LineNet twice = Halving.doubled(net);

        InkLine line = twice.lines().get(0);
        assertThat(line.at(1)).isEqualTo(new Point(4, 10));
        assertThat(line.width()).containsExactly(1, 2);
        assertThat(line.start()).isZero();
        assertThat(twice.length()).isCloseTo(2 * net.length(), within(1e-9));
        assertThat(twice.nodes().get(0).at()).isEqualTo(new Point(2, 6));
        assertThat(twice.nodes().get(0).radius()).isEqualTo(4);
        assertThat(twice.solids().get(0).radius()).containsExactly(6);
        assertThat(twice.stubs().get(0))
                .isEqualTo(new Stub(new Point(2, 2), new Point(4, 4), 3, 4));
    }

    private static double sum(InkMap map) {
        double sum = 0;
        for (byte cover : map.coverage()) {
            sum += (cover & 0xff) / 255.0;
        }
        return sum;
    }
}
