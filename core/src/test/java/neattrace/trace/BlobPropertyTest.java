package neattrace.trace;

import static org.assertj.core.api.Assertions.assertThat;

import ij.process.ByteProcessor;
import ij.process.FloodFiller;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.raster.Gaussian;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import neattrace.trace.fit.CrossingFinder;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.operation.valid.IsValidOp;

/** What holds of the outlines of any ink: topology, validity, the error bound, the area. */
class BlobPropertyTest {

    private static final int SIDE = 120;

    /**
     * Below this corners lie within three pixels of each other and cut each other short by 2 px.
     */
    private static final double DRAWN = 2;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Soft noise, contrasted so that edges are about two pixels wide. */
    private static InkMap blobs(long seed, double softness) {
        byte[] noise = new byte[SIDE * SIDE];
        new Random(seed).nextBytes(noise);
        byte[] soft = Gaussian.blur(noise, SIDE, SIDE, softness);
        double contrast = 4 * softness;
        byte[] coverage = new byte[soft.length];
        for (int i = 0; i < soft.length; i++) {
            double value = 127.5 + contrast * ((soft[i] & 0xff) - 127.5);
            coverage[i] = (byte) Math.max(0, Math.min(255, Math.round(value)));
        }
        return new InkMap(SIDE, SIDE, coverage);
    }

    private static LinearRing ring(CubicLoop loop) {
        List<Coordinate> places = new ArrayList<>();
        double[] xy = loop.flatten(0.005);
        for (int i = 0; i < xy.length; i += 2) {
            Coordinate at = new Coordinate(xy[i], xy[i + 1]);
            if (places.isEmpty() || !places.get(places.size() - 1).equals2D(at)) {
                places.add(at);
            }
        }
        places.add(places.get(0).copy());
        return FACTORY.createLinearRing(places.toArray(Coordinate[]::new));
    }

    /** Components counted by ImageJ's flood fill. */
    private static int components(InkMap map, boolean ink) {
        int side = SIDE + 2;
        ByteProcessor processor = new ByteProcessor(side, side);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                processor.set(x + 1, y + 1, map.isInk(x, y) ? 255 : 0);
            }
        }
        int wanted = ink ? 255 : 0;
        int count = 0;
        FloodFiller filler = new FloodFiller(processor);
        processor.setValue(100);
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                if (processor.get(x, y) == wanted) {
                    count++;
                    if (ink) {
                        filler.fill8(x, y);
                    } else {
                        filler.fill(x, y);
                    }
                }
            }
        }
        return count;
    }

    /** Its largest piece comes near itself; when one curve was fitted again half of it went. */
    @Example
    void noPartOfALoopIsLostWhereItComesNearItself() {
        outlinesAreValidAndHaveTheInksTopology(3281, 1.35);
    }

    @Property(tries = 20, seed = "20261")
    void outlinesAreValidAndHaveTheInksTopology(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed,
            @ForAll @DoubleRange(min = 1.2, max = 4) double softness) {
        InkMap map = blobs(seed, softness);
        for (boolean oneBit : new boolean[] {false, true}) {
            InkMap source = oneBit ? DrawnInk.oneBit(map) : map;
            Tracing tracing = Tracer.trace(source, new TraceSettings(0.2, oneBit), Progress.SILENT);
            assertThat(tracing.outlines()).hasSize(components(map, true));
            assertThat(tracing.holes()).isEqualTo(components(map, false) - 1);
            List<CubicLoop> loops = new ArrayList<>();
            for (Outline outline : tracing.outlines()) {
                outline.loops().forEach(loops::add);
                LinearRing[] holes =
                        outline.holes().stream()
                                .map(BlobPropertyTest::ring)
                                .toArray(LinearRing[]::new);
                IsValidOp valid =
                        new IsValidOp(FACTORY.createPolygon(ring(outline.outer()), holes));
                assertThat(valid.isValid()).as(seed + " " + valid.getValidationError()).isTrue();
            }
            assertThat(CrossingFinder.find(loops)).isEmpty();
            if (!oneBit && softness >= DRAWN) {
                // Pixels round corners off by up to 1.2 px; curves go on to where the sides meet.
                assertThat(tracing.maxDeviation()).isLessThan(1.2 + tracing.boundPx());
            }
        }
    }
}
