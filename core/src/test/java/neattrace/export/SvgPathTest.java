package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import neattrace.geom.Arc;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;

class SvgPathTest {

    /**
     * Radii, no turn of axes, the shorter way, sweep flag, end (SVG 1.1, 8.3.8): the flag is 1
     * where angles grow, which is clockwise on screen.
     */
    @Test
    void arcsStayArcs() {
        assertThat(half(Math.PI / 2)).isEqualTo("M30 20A10 10 0 0 1 20 30A10 10 0 0 1 10 20Z");
        assertThat(half(-Math.PI / 2)).isEqualTo("M30 20A10 10 0 0 0 20 10A10 10 0 0 0 10 20Z");
    }

    @Test
    void otherCurvesStayCubics() {
        double[] coords = {0, 0, 3, 0, 10, 5, 10, 10, 6.6667, 6.6667, 3.3333, 3.3333};
        BitSet straight = new BitSet();
        straight.set(1);
        StringBuilder path = new StringBuilder();
        SvgPath.append(path, CubicLoop.of(coords, straight));
        assertThat(path.toString()).isEqualTo("M0 0C3 0 10 5 10 10Z");
    }

    /** Half a circle of radius 10 about (20, 20), closed by a straight line. */
    private static String half(double quarter) {
        Arc arc = new Arc(new Point(20, 20), 10, quarter);
        Point start = new Point(30, 20);
        Point middle = arc.endFrom(start);
        Point end = arc.endFrom(middle);
        Point[] points = {
            start,
            arc.controlAfter(start),
            arc.controlBefore(middle),
            middle,
            arc.controlAfter(middle),
            arc.controlBefore(end),
            end,
            end,
            start
        };
        double[] coords = new double[18];
        for (int i = 0; i < 9; i++) {
            coords[2 * i] = points[i].x();
            coords[2 * i + 1] = points[i].y();
        }
        BitSet straight = new BitSet();
        straight.set(2);
        StringBuilder path = new StringBuilder();
        SvgPath.append(path, CubicLoop.of(coords, straight));
        return path.toString();
    }
}
