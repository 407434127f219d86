package neattrace.trace.centre;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Shape;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicPath;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.testing.DrawnInk;
import org.junit.jupiter.api.Test;

/** Where a round pen of a known way turns, its middle turns. */
class CornersTest {

    private static final int SIDE = 400;

    private static CubicPath middle(Shape way, double width) {
        InkMap map = DrawnInk.of(SIDE, SIDE, DrawnInk.pen((float) width, way));
        StrokeArt art =
                StrokeArt.of(map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, 1);
        assertThat(art.closed()).isEmpty();
        assertThat(art.open()).hasSize(1);
        return art.open().get(0).path();
    }

    private static double away(CubicPath path, Point at) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < path.size(); i++) {
            for (int k = 0; k <= 100; k++) {
                least = Math.min(least, path.at(i, k / 100.0).distance(at));
            }
        }
        return least;
    }

    private static double farthest(CubicPath path, Shape way) {
        List<Point> places = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator it = way.getPathIterator(null, 0.01); !it.isDone(); it.next()) {
            it.currentSegment(at);
            places.add(new Point(at[0], at[1]));
        }
        double most = 0;
        for (int i = 0; i + 1 < places.size(); i++) {
            Point step = places.get(i + 1).minus(places.get(i));
            int pieces = (int) Math.ceil(step.length() / 2);
            for (int k = 0; k < pieces; k++) {
                Point place = places.get(i).plus(step.times((double) k / pieces));
                most = Math.max(most, away(path, place));
            }
        }
        return most;
    }

    @Test
    void sidesThatBendComeToTheirCorner() {
        Path2D way = new Path2D.Double();
        way.moveTo(50, 300);
        way.quadTo(130, 240, 200, 120);
        way.quadTo(270, 240, 350, 300);
        CubicPath path = middle(way, 24);
        assertThat(away(path, new Point(200, 120))).isLessThan(0.8);
        assertThat(farthest(path, way)).isLessThan(2);
    }

    @Test
    void aSharpCornerOfStraightSidesIsSharp() {
        for (double x : new double[] {120, 200, 280}) {
            Path2D way = new Path2D.Double();
            way.moveTo(60, 320);
            way.lineTo(x, 90);
            way.lineTo(340, 320);
            CubicPath path = middle(way, 24);
            assertThat(away(path, new Point(x, 90))).as("tip at %s", x).isLessThan(0.5);
            assertThat(farthest(path, way)).as("tip at %s", x).isLessThan(2);
        }
    }

    /** A hairpin round a circle of 9 px with a pen of 24. */
    @Test
    void aHairpinRunsRoundItsTip() {
        Path2D way = new Path2D.Double();
        way.moveTo(80, 320);
        way.curveTo(130, 240, 170, 150, 191, 100);
        way.curveTo(194, 92, 206, 92, 209, 100);
        way.curveTo(230, 150, 270, 240, 320, 320);
        CubicPath path = middle(way, 24);
        assertThat(farthest(path, way)).isLessThan(2);
    }

    /** A line that runs a little beyond another's middle is no corner of that. */
    @Test
    void aSideDoesNotBendAsItNeverDid() {
        Path2D way = new Path2D.Double();
        way.moveTo(60, 200);
        way.lineTo(250, 200);
        way.moveTo(250, 182);
        way.lineTo(250, 360);
        InkMap map = DrawnInk.of(SIDE, SIDE, DrawnInk.pen(24, way));
        StrokeArt art =
                StrokeArt.of(map, CentrelineFinder.find(map, Progress.SILENT), new int[0], 0, 1);
        for (StrokeArt.OpenStroke one : art.open()) {
            assertThat(farthestFrom(one.path(), way)).isLessThan(6);
        }
    }

    /** How far a path comes away from a way. */
    private static double farthestFrom(CubicPath path, Path2D way) {
        double most = 0;
        for (int i = 0; i < path.size(); i++) {
            for (int k = 0; k <= 50; k++) {
                Point at = path.at(i, k / 50.0);
                double least = Double.MAX_VALUE;
                double[] xy = new double[6];
                Point last = null;
                for (PathIterator it = way.getPathIterator(null, 0.01); !it.isDone(); it.next()) {
                    int kind = it.currentSegment(xy);
                    Point next = new Point(xy[0], xy[1]);
                    if (kind == PathIterator.SEG_LINETO) {
                        least =
                                Math.min(
                                        least,
                                        Line2D.ptSegDist(
                                                last.x(), last.y(), next.x(), next.y(), at.x(),
                                                at.y()));
                    }
                    last = next;
                }
                most = Math.max(most, least);
            }
        }
        return most;
    }
}
