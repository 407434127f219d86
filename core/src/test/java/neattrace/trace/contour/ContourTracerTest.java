package neattrace.trace.contour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import neattrace.geom.CubicLoop;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;
import neattrace.testing.Labels;
import neattrace.testing.Sheets;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("thorough")
class ContourTracerTest {

    private static List<Contour> trace(InkMap map) {
        return ContourTracer.trace(map, false, Progress.SILENT);
    }

    private static double area(Contour contour) {
        return CubicLoop.polygon(contour.xy()).signedArea();
    }

    @Property(tries = 40, seed = "20261")
    void followsADiscWithinATenthOfAPixel(
            @ForAll @DoubleRange(min = 14, max = 16) double cx,
            @ForAll @DoubleRange(min = 14, max = 16) double cy,
            @ForAll @DoubleRange(min = 4, max = 12) double radius) {
        List<Contour> contours = trace(Sheets.disc(30, cx, cy, radius));
        assertThat(contours).hasSize(1);
        double[] xy = contours.get(0).xy();
        double worst = 0;
        for (int i = 0; i < xy.length; i += 2) {
            worst = Math.max(worst, Math.abs(Math.hypot(xy[i] - cx, xy[i + 1] - cy) - radius));
        }
        assertThat(worst).isLessThan(0.12);
    }

    /**
     * Summing coverage across a straight edge gives its place exactly, whatever its slope (partial
     * area effect, Trujillo-Pino et al. 2013); interpolation between centres is up to 0.09 px off.
     */
    @Property(tries = 40, seed = "20261")
    void straightEdgesArePlacedToAHundredthOfAPixel(
            @ForAll @DoubleRange(min = -1, max = 1) double slope,
            @ForAll @DoubleRange(min = 18, max = 22) double height) {
        int side = 40;
        int fine = 32;
        byte[] coverage = new byte[side * side];
        for (int i = 0; i < coverage.length; i++) {
            double sum = 0;
            for (int k = 0; k < fine; k++) {
                double x = i % side + (k + 0.5) / fine;
                double y = height + slope * (x - 20);
                sum += Math.max(0, Math.min(1, i / side + 1 - y));
            }
            coverage[i] = (byte) Math.round(255 * sum / fine);
        }
        double[] xy = trace(new InkMap(side, side, coverage)).get(0).xy();
        for (int i = 0; i < xy.length; i += 2) {
            boolean inside = xy[i] > 5 && xy[i] < 35 && xy[i + 1] > 5 && xy[i + 1] < 35;
            double off = xy[i + 1] - height - slope * (xy[i] - 20);
            if (inside) {
                assertThat(Math.abs(off) / Math.hypot(1, slope)).isLessThan(0.02);
            }
        }
    }

    @Test
    void inkLiesToTheRightSoOuterEdgesTurnClockwiseOnScreen() {
        List<Contour> contours = trace(Sheets.map("....", ".##.", ".##.", "...."));
        assertThat(contours).hasSize(1);
        assertThat(contours.get(0).hole()).isFalse();
        assertThat(area(contours.get(0))).isPositive();
    }

    @Test
    void holesBelongToTheInkRoundThem() {
        List<Contour> contours =
                trace(Sheets.map("......", ".####.", ".#..#.", ".#..#.", ".####.", "......"));
        assertThat(contours).hasSize(2);
        assertThat(contours).filteredOn(Contour::hole).hasSize(1);
        assertThat(contours).extracting(Contour::part).containsOnly(0);
        assertThat(area(contours.get(1))).isNegative();
    }

    @Test
    void saddlesJoinInkAndPartPaper() {
        List<Contour> contours =
                trace(Sheets.map("......", ".##...", ".##...", "...##.", "...##.", "......"));
        assertThat(contours).hasSize(1);
    }

    @Test
    void inkAtTheSheetsEdgeIsClosedThere() {
        List<Contour> contours = trace(Sheets.map("###", "###", "###"));
        assertThat(contours).hasSize(1);
        assertThat(area(contours.get(0))).isCloseTo(9, within(0.6));
    }

    @Test
    void noInkNoContours() {
        assertThat(trace(Sheets.map("...", "..."))).isEmpty();
    }

    @Property(tries = 60, seed = "20261")
    void asManyOuterEdgesAsPiecesAndAsManyHolesAsEnclosedPaper(
            @ForAll long seed, @ForAll @DoubleRange(min = 0.1, max = 0.8) double share) {
        InkMap map = Sheets.blocks(seed, 32, share);
        List<Contour> contours = trace(map);
        int parts = RunLabels.of(map, true, true).count();
        assertThat(contours).filteredOn(c -> !c.hole()).hasSize(parts);
        assertThat(contours).filteredOn(Contour::hole).hasSize(enclosed(map));
    }

    /** Paper components of the map with a rim of paper, but for the one that touches the rim. */
    private static int enclosed(InkMap map) {
        int w = map.width() + 2;
        int h = map.height() + 2;
        return Labels.of(w, h, i -> !map.isInk(i % w - 1, i / w - 1), false).count() - 1;
    }

    /** Blots laid on, wiped off and set beside each other until pieces join, part and fill up. */
    @Property(tries = 100, seed = "20261")
    void whatIsFollowedAgainIsWhatTheWholeMapGives(
            @ForAll long seed, @ForAll boolean middles, @ForAll boolean soft) {
        Random random = new Random(seed);
        int width = 60 + random.nextInt(60);
        int height = 60 + random.nextInt(60);
        InkMap was = new InkMap(width, height, new byte[width * height]);
        List<Contour> contours = ContourTracer.trace(was, middles, Progress.SILENT);
        for (int round = 0; round < 8; round++) {
            InkMap now = withBlot(was, random, soft);
            RunLabels parts = RunLabels.of(now, true, true);
            contours = ContourTracer.retrace(now, parts, middles, was, contours, Progress.SILENT);
            List<Contour> whole = ContourTracer.trace(now, parts, middles, Progress.SILENT);
            assertThat(contours).usingRecursiveComparison().isEqualTo(whole);
            was = now;
        }
    }

    private static InkMap withBlot(InkMap map, Random random, boolean soft) {
        byte[] coverage = map.coverage().clone();
        double cx = random.nextDouble() * map.width();
        double cy = random.nextDouble() * map.height();
        double radius = 0.5 + random.nextDouble() * 20;
        double rim = soft ? 3 : 0.01;
        boolean wiped = random.nextInt(3) == 0;
        for (int i = 0; i < coverage.length; i++) {
            double away = Math.hypot(i % map.width() - cx, i / map.width() - cy);
            double cover = Math.max(0, Math.min(1, (radius - away) / rim));
            int ink = coverage[i] & 0xff;
            coverage[i] = (byte) (wiped ? ink * (1 - cover) : Math.max(ink, 255 * cover));
        }
        return new InkMap(map.width(), map.height(), coverage);
    }

    @Test
    void contoursAwayFromAChangeAreTakenOver() {
        InkMap was = Sheets.map("##" + ".".repeat(40), "##" + ".".repeat(40));
        InkMap now = Sheets.map("##" + ".".repeat(38) + "#.", "##" + ".".repeat(40));
        List<Contour> before = trace(was);
        List<Contour> after =
                ContourTracer.retrace(
                        now, RunLabels.of(now, true, true), false, was, before, Progress.SILENT);
        assertThat(after).hasSize(2);
        assertThat(after.get(0).xy()).isSameAs(before.get(0).xy());
    }
}
