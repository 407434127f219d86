package neattrace.region.tree;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.tree.ColourRun.Target;
import neattrace.stage.Progress;
import org.junit.jupiter.api.Test;

class RunFinderTest {

    private static final double PX_PER_MM = 10;

    /**
     * Three rooms of 10 x 11 mm in a row. The first has a door of 1.4 mm to the second and a slit
     * of 0.4 mm to the page; the second has a door of 0.6 mm to the third, and that one none.
     */
    private static final InkMap ROOMS = rooms();

    private static InkMap rooms() {
        int width = 40 + 3 * 106 + 6;
        byte[] coverage = new byte[width * 160];
        for (int y = 20; y < 140; y++) {
            for (int x = 20; x < width - 20; x++) {
                int wall = (x - 20) / 106;
                boolean side = (x - 20) % 106 < 6;
                double away = Math.abs(y + 0.5 - 80);
                boolean door = wall == 1 && away < 7 || wall == 2 && away < 3;
                boolean slit = wall == 0 && y < 25 && Math.abs(x + 0.5 - 80) < 2;
                boolean edge = y < 25 || y >= 135;
                coverage[y * width + x] = edge && !slit || side && !door ? (byte) 255 : 0;
            }
        }
        return new InkMap(width, 160, coverage);
    }

    private static ColourRun from(Point place, CloseSettings settings) {
        AreaTree tree = AreaFinder.tree(ROOMS, settings, PX_PER_MM, Progress.SILENT);
        return new RunFinder(ROOMS, tree, settings, tree.at(settings)).from(place);
    }

    private static CloseSettings gap(double mm) {
        return CloseSettings.automatic().withGapMm(mm);
    }

    private static final Point SECOND = new Point(190, 70);
    private static final Point THIRD = new Point(300, 70);

    @Test
    void colourRunsThroughTheTightestOpenGapToThePage() {
        ColourRun run = from(THIRD, gap(0.1));
        assertThat(run.target()).isEqualTo(Target.PAGE);
        assertThat(run.open()).isTrue();
        assertThat(run.tightest().orElseThrow().widthPx()).isCloseTo(3, within(1.0));
        assertThat(run.tightest().orElseThrow().place().distance(new Point(80, 22))).isLessThan(4);
        assertThat(run.way().get(0)).isEqualTo(THIRD);
        Point end = run.way().get(run.way().size() - 1);
        assertThat(end.y()).as("the sheet's upper edge is nearest").isLessThan(1);
        for (Point at : run.way()) {
            assertThat(ROOMS.isInk((int) at.x(), (int) at.y())).as("no ink at %s", at).isFalse();
        }
    }

    @Test
    void whatIsClosedIsSaidToHold() {
        ColourRun run = from(THIRD, gap(1));
        assertThat(run.target()).isEqualTo(Target.AREA);
        assertThat(run.open()).isFalse();
        assertThat(run.tightest().orElseThrow().widthPx()).isCloseTo(6, within(1.5));
        // The second room runs into the first; the widest of what holds both is 0.6 mm, to the
        // third.
        ColourRun second = from(SECOND, gap(1));
        assertThat(second.target()).isEqualTo(Target.AREA);
        assertThat(second.tightest().orElseThrow().widthPx()).isCloseTo(6, within(1.5));
    }

    @Test
    void thePageIsThePageAndAClosedRoomIsClosed() {
        assertThat(from(new Point(5, 5), gap(1)).target()).isEqualTo(Target.OUTSIDE);
        assertThat(from(new Point(-5, 5), gap(1)).target()).isEqualTo(Target.NOTHING);
        byte[] coverage = new byte[100 * 100];
        for (int i = 0; i < coverage.length; i++) {
            double r = Math.hypot(i % 100 + 0.5 - 50, i / 100 + 0.5 - 50);
            coverage[i] = r >= 30 && r < 36 ? (byte) 255 : 0;
        }
        InkMap ring = new InkMap(100, 100, coverage);
        AreaTree tree = AreaFinder.tree(ring, gap(1), PX_PER_MM, Progress.SILENT);
        ColourRun run = new RunFinder(ring, tree, gap(1), tree.at(gap(1))).from(new Point(50, 50));
        assertThat(run.target()).isEqualTo(Target.NOWHERE);
        assertThat(run.way()).isEmpty();
    }

    @Test
    void withAFrameThereIsNoPageToRunOutTo() {
        ColourRun run = from(THIRD, gap(0.1).withFrameMm(0));
        assertThat(run.target()).isEqualTo(Target.NOWHERE);
        ColourRun held = from(THIRD, gap(1).withFrameMm(0));
        assertThat(held.target()).isEqualTo(Target.AREA);
    }
}
