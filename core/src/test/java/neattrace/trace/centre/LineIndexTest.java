package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

class LineIndexTest {

    /** Lines that wander about a square of 500 px, of random widths. */
    private static List<InkLine> lines(long seed, int count) {
        Random random = new Random(seed);
        List<InkLine> lines = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int n = 2 + random.nextInt(120);
            double[] x = new double[n];
            double[] y = new double[n];
            double[] width = new double[n];
            x[0] = 500 * random.nextDouble();
            y[0] = 500 * random.nextDouble();
            width[0] = 1 + 8 * random.nextDouble();
            double angle = 7 * random.nextDouble();
            for (int k = 1; k < n; k++) {
                angle += 0.2 * random.nextGaussian();
                x[k] = x[k - 1] + Math.cos(angle);
                y[k] = y[k - 1] + Math.sin(angle);
                width[k] = Math.max(0.5, width[k - 1] + 0.2 * random.nextGaussian());
            }
            lines.add(new InkLine(x, y, width, false, 0, 1));
        }
        return lines;
    }

    /** How far the ink of the nearest line lies, looking through all samples. */
    private static double nearestEdge(List<InkLine> lines, Point place) {
        double least = Double.MAX_VALUE;
        for (InkLine line : lines) {
            for (int k = 0; k < line.size(); k++) {
                double edge = line.at(k).distance(place) - line.width()[k] / 2;
                least = Math.min(least, Math.max(0, edge));
            }
        }
        return least;
    }

    @Test
    void findsWhatLookingThroughAllFinds() {
        List<InkLine> lines = lines(5, 60);
        LineIndex index = new LineIndex(lines);
        Random random = new Random(6);
        int hits = 0;
        for (int round = 0; round < 500; round++) {
            Point place = new Point(500 * random.nextDouble(), 500 * random.nextDouble());
            double reach = 10 * random.nextDouble();
            double least = nearestEdge(lines, place);
            Optional<LineIndex.Spot> found = index.nearest(place, reach);
            assertThat(found.isPresent()).isEqualTo(least <= reach);
            if (found.isPresent()) {
                hits++;
                InkLine line = lines.get(found.get().line());
                int k = found.get().sample();
                double edge = Math.max(0, line.at(k).distance(place) - line.width()[k] / 2);
                // Middles count a little, so that another edge may be nearer by as little.
                assertThat(edge).isCloseTo(least, within(0.05));
            }
        }
        assertThat(hits).isBetween(50, 450);
    }

    @Test
    void ofTwoLinesThatCoverAPlaceTheOneWhoseMiddleIsNearerCounts() {
        double[] width = {20, 20};
        InkLine far = new InkLine(new double[] {0, 1}, new double[] {0, 0}, width, false, 0, 1);
        InkLine near = new InkLine(new double[] {0, 1}, new double[] {8, 8}, width, false, 2, 3);
        LineIndex index = new LineIndex(List.of(far, near));
        assertThat(index.nearest(new Point(0.5, 5), 1).orElseThrow().line()).isEqualTo(1);
        assertThat(index.nearest(new Point(0.5, 3), 1).orElseThrow().line()).isEqualTo(0);
    }

    @Test
    void runsNearABoxHoldEverySampleThatReachesIntoIt() {
        List<InkLine> lines = lines(8, 40);
        LineIndex index = new LineIndex(lines);
        Envelope box = new Envelope(100, 220, 150, 260);
        List<LineIndex.Run> runs = index.near(box);
        for (int i = 0; i < lines.size(); i++) {
            InkLine line = lines.get(i);
            for (int k = 0; k < line.size(); k++) {
                if (box.contains(line.x()[k], line.y()[k])) {
                    int number = i;
                    int sample = k;
                    assertThat(runs)
                            .anyMatch(
                                    run ->
                                            run.line() == number
                                                    && run.from() <= sample
                                                    && run.to() >= sample);
                }
            }
        }
        LineIndex.Run run = runs.get(0);
        assertThat(index.track(run).size()).isEqualTo(run.to() - run.from() + 1);
        assertThat(index.track(run).at(0)).isEqualTo(lines.get(run.line()).at(run.from()));
    }

    @Test
    void anEmptyIndexHasNothingAnywhere() {
        LineIndex index = new LineIndex(List.of());
        assertThat(index.nearest(new Point(1, 1), 100)).isEmpty();
        assertThat(index.near(new Envelope(0, 9, 0, 9))).isEmpty();
    }
}
