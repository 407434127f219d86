package neattrace.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.centre.CentrelineFinder;
import org.junit.jupiter.api.Test;

/** Ink that is no drawing ends in few values, and never in an exception. */
class NoiseTest {

    private static final TraceSettings ONE_BIT = new TraceSettings(0.2, true);
    private static final TraceSettings GREY = new TraceSettings(0.2, false);

    private static InkMap noise(int side, long seed, boolean oneBit) {
        Random random = new Random(seed);
        byte[] coverage = new byte[side * side];
        random.nextBytes(coverage);
        InkMap map = new InkMap(side, side, coverage);
        return oneBit ? DrawnInk.oneBit(map) : map;
    }

    @Test
    void aCheckerboardOfPixelsIsToldAndNotTraced() {
        int side = 600;
        byte[] coverage = new byte[side * side];
        for (int i = 0; i < coverage.length; i++) {
            coverage[i] = (byte) ((i % side + i / side) % 2 == 0 ? 255 : 0);
        }
        InkMap map = new InkMap(side, side, coverage);
        Tracing tracing = Tracer.trace(map, ONE_BIT, Progress.SILENT);
        assertThat(tracing.isNoise()).isTrue();
        assertThat(tracing.pieces()).isGreaterThan(Tracer.MOST_PIECES);
        assertThat(CentrelineFinder.find(map, Progress.SILENT).lines()).isEmpty();
    }

    @Test
    void noiseBelowTheBoundIsTracedAndItsLinesFound() {
        for (long seed = 1; seed <= 2; seed++) {
            for (boolean oneBit : new boolean[] {false, true}) {
                InkMap map = noise(120, seed, oneBit);
                Tracing tracing = Tracer.trace(map, oneBit ? ONE_BIT : GREY, Progress.SILENT);
                assertThat(tracing.isNoise()).isFalse();
                assertThat(tracing.outlines()).isNotEmpty();
                assertThat(CentrelineFinder.find(map, Progress.SILENT).nodes()).isNotEmpty();
            }
        }
    }

    @Test
    void tracingAndFindingLinesStopWhenAsked() {
        InkMap map = noise(120, 9, false);
        AtomicInteger calls = new AtomicInteger();
        Progress third =
                (step, share) -> {
                    if (calls.incrementAndGet() > 2) {
                        throw new CancellationException();
                    }
                };
        assertThatThrownBy(() -> Tracer.trace(map, GREY, third))
                .isInstanceOf(CancellationException.class);
        calls.set(0);
        assertThatThrownBy(() -> CentrelineFinder.find(map, third))
                .isInstanceOf(CancellationException.class);
    }
}
