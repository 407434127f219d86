package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import neattrace.geom.Point;
import neattrace.trace.InkLine;
import neattrace.trace.InkShape;
import neattrace.trace.SolidBlack;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

class PenTrackTest {

    private static InkLine wave(int samples, boolean closed) {
        double[] x = new double[samples];
        double[] y = new double[samples];
        double[] width = new double[samples];
        for (int i = 0; i < samples; i++) {
            x[i] = i;
            y[i] = 20 * Math.sin(i / 15.0);
            width[i] = 5 + 2 * Math.sin(i / 40.0);
        }
        return new InkLine(x, y, width, closed, closed ? -1 : 0, closed ? -1 : 1);
    }

    @Test
    void whatIsThinnedOutLiesWithinTheSlackOfTheRest() {
        PenTrack track = PenTrack.of(wave(400, false));
        for (double slack : new double[] {0.05, 0.3, 1.5}) {
            PenTrack few = track.thinned(slack);
            assertThat(few.size()).isLessThan(track.size() / 2);
            assertThat(few.at(0)).isEqualTo(track.at(0));
            assertThat(few.at(few.size() - 1)).isEqualTo(track.at(399));
            for (int i = 0; i < track.size(); i++) {
                assertThat(distance(few, track.at(i))).isLessThanOrEqualTo(slack + 1e-9);
            }
        }
        assertThat(track.thinned(0.05).size()).isGreaterThan(track.thinned(1.5).size());
    }

    private static double distance(PenTrack track, Point place) {
        double least = Double.MAX_VALUE;
        Coordinate at = new Coordinate(place.x(), place.y());
        for (int i = 1; i < track.size(); i++) {
            LineSegment segment =
                    new LineSegment(track.x()[i - 1], track.y()[i - 1], track.x()[i], track.y()[i]);
            least = Math.min(least, segment.distance(at));
        }
        return least;
    }

    @Test
    void aChangeOfWidthKeepsASampleOnAStraightLine() {
        double[] x = {0, 10, 20, 30, 40};
        PenTrack track =
                new PenTrack(x, new double[] {0, 0, 0, 0, 0}, new double[] {2, 2, 6, 2, 2});
        PenTrack few = track.thinned(0.1);
        assertThat(few.x()).contains(20);
        assertThat(few.thinned(0.1).x()).containsExactly(few.x());
    }

    @Test
    void aStretchOfARingRunsOverItsStart() {
        InkLine ring = wave(100, true);
        PenTrack over = PenTrack.of(ring, 95, 4);
        assertThat(over.size()).isEqualTo(10);
        assertThat(over.at(0)).isEqualTo(ring.at(95));
        assertThat(over.at(5)).isEqualTo(ring.at(0));
        assertThat(over.at(9)).isEqualTo(ring.at(4));
    }

    @Test
    void aClosedLineIsLedBackToItsStartAnOpenOneIsNot() {
        double[] widths = new double[50];
        PenTrack ring = PenTrack.whole(wave(50, true), widths);
        assertThat(ring.size()).isEqualTo(51);
        assertThat(ring.at(50)).isEqualTo(ring.at(0));
        assertThat(PenTrack.whole(wave(50, false), widths).size()).isEqualTo(50);
    }

    @Test
    void discsOfASolidGrowByFactorAndRim() {
        SolidBlack solid =
                new SolidBlack(new double[] {1, 2}, new double[] {3, 4}, new double[] {5, 6});
        PenTrack track = PenTrack.of(solid, 2, 1);
        assertThat(track.width()).containsExactly(21, 25);
        assertThat(track.at(1)).isEqualTo(new Point(2, 4));
    }

    @Test
    void onThePageEverythingIsInMm() {
        PenTrack track =
                new PenTrack(new double[] {10, 30}, new double[] {20, 20}, new double[] {4, 8});
        InkShape.Stroke stroke = track.onPage(10);
        assertThat(stroke.x()).containsExactly(1, 3);
        assertThat(stroke.width()).containsExactly(0.4, 0.8);
        assertThat(track.outline().getBounds2D().getMaxX()).isCloseTo(34, within(0.2));
        assertThat(track.outline().getBounds2D().getMinX()).isCloseTo(8, within(0.2));
    }

    @Test
    void thinningNeverTouchesRandomEnds() {
        Random random = new Random(4);
        for (int round = 0; round < 50; round++) {
            int n = 2 + random.nextInt(30);
            double[] x = random.doubles(n, 0, 50).toArray();
            double[] y = random.doubles(n, 0, 50).toArray();
            double[] width = random.doubles(n, 1, 9).toArray();
            PenTrack track = new PenTrack(x, y, width);
            PenTrack few = track.thinned(2);
            assertThat(few.size()).isBetween(2, n);
            assertThat(few.at(0)).isEqualTo(track.at(0));
            assertThat(few.at(few.size() - 1)).isEqualTo(track.at(n - 1));
        }
    }
}
