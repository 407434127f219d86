package neattrace.region.tree;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Join;
import neattrace.region.area.AreaFinder;
import neattrace.region.tree.Slice.Verdict;
import neattrace.stage.Progress;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class KnifeTest {

    private static final double PX_PER_MM = 10;

    /** A ring of ink round (20, 20) mm, inner radius 15 mm, 1 mm thick, on a page of 40 mm. */
    private static final InkMap RING = ring();

    private static InkMap ring() {
        byte[] coverage = new byte[400 * 400];
        for (int i = 0; i < coverage.length; i++) {
            double r = Math.hypot(i % 400 + 0.5 - 200, i / 400 + 0.5 - 200);
            coverage[i] = r >= 150 && r < 160 ? (byte) 255 : 0;
        }
        return new InkMap(400, 400, coverage);
    }

    private static final Knife KNIFE = new Knife(RING, PX_PER_MM, CloseSettings.NO_FRAME);

    private static List<Point> line(double x0, double y0, double x1, double y1) {
        List<Point> line = new ArrayList<>();
        for (int k = 0; k <= 40; k++) {
            line.add(new Point(x0 + (x1 - x0) * k / 40, y0 + (y1 - y0) * k / 40));
        }
        return line;
    }

    private static AreaMap areas(Join cut) {
        return AreaFinder.find(
                RING, CloseSettings.automatic().withCuts(List.of(cut)), PX_PER_MM, Progress.SILENT);
    }

    @Property(tries = 300, seed = "20261")
    void aLineFromInkToInkPartsTheAreaHoweverItRuns(
            @ForAll @DoubleRange(min = 0, max = 6.28) double angle,
            @ForAll @DoubleRange(min = -8, max = 8) double aside,
            @ForAll @DoubleRange(min = -1.2, max = 1.2) double shortOf) {
        Point along = new Point(Math.cos(angle), Math.sin(angle));
        Point across = new Point(-along.y(), along.x());
        double half = Math.sqrt(15 * 15 - aside * aside) - shortOf;
        Point middle = new Point(20, 20).plus(across.times(aside));
        Point from = middle.minus(along.times(half));
        Point to = middle.plus(along.times(half));
        Slice slice = KNIFE.cut(line(from.x(), from.y(), to.x(), to.y()), Knife.SNAP_MM);
        assertThat(slice.verdict()).isEqualTo(Verdict.THROUGH);
        AreaMap areas = areas(slice.cut().orElseThrow());
        assertThat(areas.enclosed()).hasSize(2);
        assertThat(KNIFE.parts(slice.cut().orElseThrow(), areas)).isTrue();
        List<Point> sides = KNIFE.sides(slice.cut().orElseThrow());
        assertThat(areas.at(sides.get(0).times(PX_PER_MM)))
                .isPresent()
                .isNotEqualTo(areas.at(sides.get(1).times(PX_PER_MM)));
    }

    @Test
    void aLineThatStopsShortSaysByHowMuch() {
        Slice slice = KNIFE.cut(line(4, 20, 31, 20), Knife.SNAP_MM);
        assertThat(slice.verdict()).isEqualTo(Verdict.STOPS_SHORT);
        assertThat(slice.shortMm()).isCloseTo(4, within(0.15));
        assertThat(slice.at().distance(new Point(31, 20))).isLessThan(0.2);
        // Asked to, it is run on all the same.
        assertThat(KNIFE.cut(line(4, 20, 31, 20), 5).verdict()).isEqualTo(Verdict.THROUGH);
    }

    @Test
    void whatCutsNothingIsTold() {
        assertThat(KNIFE.cut(line(20, 4.4, 20.6, 4.5), 1).verdict())
                .isEqualTo(Verdict.ALONG_A_LINE);
        assertThat(KNIFE.cut(line(-9, 5, -3, 9), 1).verdict()).isEqualTo(Verdict.OFF_THE_SHEET);
        assertThat(KNIFE.cut(line(20, 20, 20.1, 20), 1).verdict()).isEqualTo(Verdict.A_DOT);
        assertThat(KNIFE.cut(List.of(new Point(20, 20)), 1).verdict()).isEqualTo(Verdict.A_DOT);
    }

    @Test
    void aCutThroughThePageToOneLineOnlyPartsNothing() {
        // From the ring out to the sheet's edge: one cut across the paper round the drawing.
        Join out = KNIFE.cut(line(36, 20, 42, 20), 1).cut().orElseThrow();
        assertThat(KNIFE.parts(out, areas(out))).isFalse();
        assertThat(areas(out).enclosed()).hasSize(1);
    }

    @Test
    void aTremblingHandIsEvenedOut() {
        List<Point> drawn = new ArrayList<>();
        for (int k = 0; k <= 300; k++) {
            drawn.add(new Point(4.2 + 31.6 * k / 300, 20 + 0.12 * Math.sin(k * 0.9)));
        }
        Join cut = KNIFE.cut(drawn, 1).cut().orElseThrow();
        assertThat(cut.line()).hasSizeLessThan(20);
        assertThat(cut.line()).allSatisfy(at -> assertThat(at.y()).isCloseTo(20, within(0.06)));
    }
}
