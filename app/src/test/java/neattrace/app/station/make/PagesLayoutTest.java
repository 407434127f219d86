package neattrace.app.station.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import neattrace.geom.Point;
import neattrace.goods.made.Grip;
import neattrace.goods.made.Scene;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.print.PrintPlan;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Where pages lie in a view, and what of them is under the mouse. */
class PagesLayoutTest {

    private static Scene.Page page(double width, double height) {
        return new Scene.Page(
                new PrintPlan("Page", width, height, 0, List.of(), PressProfile.bundled()),
                Optional.of(Rgb.WHITE),
                new AffineTransformation());
    }

    private static List<Scene.Page> pages(int count, double width, double height) {
        List<Scene.Page> pages = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            pages.add(page(width, height));
        }
        return pages;
    }

    @RepeatedTest(20)
    void pagesLieWithinTheViewBesideOneAnother(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        int count = 1 + random.nextInt(9);
        double width = 50 + random.nextInt(300);
        double height = 50 + random.nextInt(300);
        PagesLayout layout = PagesLayout.of(pages(count, width, height), 900, 600);
        double scale = layout.scale();
        for (int i = 0; i < count; i++) {
            Point from = layout.origins().get(i);
            assertThat(from.x()).isGreaterThanOrEqualTo(20);
            assertThat(from.y()).isGreaterThanOrEqualTo(20);
            assertThat(from.x() + scale * width).isLessThanOrEqualTo(880);
            assertThat(from.y() + scale * height).isLessThanOrEqualTo(580);
            for (int k = 0; k < i; k++) {
                Point other = layout.origins().get(k);
                boolean apart =
                        Math.abs(from.x() - other.x()) >= scale * width
                                || Math.abs(from.y() - other.y()) >= scale * height;
                assertThat(apart).isTrue();
            }
        }
        // Somewhere there is no more room: either across or down it fills the view.
        double right = layout.origins().stream().mapToDouble(Point::x).max().orElseThrow();
        double low = layout.origins().stream().mapToDouble(Point::y).max().orElseThrow();
        boolean full = right + scale * width > 870 || low + scale * height > 570;
        assertThat(full).isTrue();
    }

    @Test
    void aWideViewHasPagesSideBySide() {
        PagesLayout layout = PagesLayout.of(pages(2, 100, 100), 1000, 300);
        assertThat(layout.origins().get(0).y()).isEqualTo(layout.origins().get(1).y());
        PagesLayout high = PagesLayout.of(pages(2, 100, 100), 300, 1000);
        assertThat(high.origins().get(0).x()).isEqualTo(high.origins().get(1).x());
    }

    @Test
    void placesAreSeenAndFoundAgain() {
        PagesLayout layout =
                PagesLayout.of(pages(3, 120, 80), 700, 500).zoomed(2.5, new Point(-90, 40));
        for (int page = 0; page < 3; page++) {
            Point mm = new Point(17 + page, 33);
            Point px = layout.seen(page, mm);
            assertThat(layout.place(page, px.x(), px.y()).distance(mm)).isLessThan(1e-9);
            assertThat(layout.pageAt(px.x(), px.y())).isEqualTo(page);
        }
        assertThat(layout.pageAt(-5000, 0)).isEqualTo(-1);
        assertThat(layout.holds(0, new Point(121, 5))).isFalse();
        assertThat(layout.holds(0, new Point(119, 5))).isTrue();
    }

    @Test
    void zoomedAboutAPlaceItStays() {
        PagesLayout fitted = PagesLayout.of(pages(1, 100, 100), 400, 400);
        Point about = fitted.seen(0, new Point(30, 60));
        PagesLayout zoomed = fitted.zoomed(3, about.minus(about.times(3)));
        assertThat(zoomed.seen(0, new Point(30, 60)).distance(about)).isLessThan(1e-9);
        assertThat(zoomed.scale()).isCloseTo(3 * fitted.scale(), within(1e-9));
    }

    @Test
    void withoutPagesThereIsNothing() {
        assertThat(PagesLayout.of(List.of(), 500, 500)).isEqualTo(PagesLayout.NONE);
        assertThat(PagesLayout.NONE.pageAt(10, 10)).isEqualTo(-1);
    }

    private static Grip grip(boolean closed, boolean moves, Point... outline) {
        return new Grip(
                0,
                outline[0],
                List.of(outline),
                closed,
                "Part",
                Grip.Look.PLAIN,
                Map.of(),
                moves ? Optional.of((goods, to) -> goods) : Optional.empty(),
                List::of);
    }

    private static double away(Grip grip, double xMm, double yMm) {
        PagesLayout layout = PagesLayout.of(pages(1, 100, 100), 552, 552);
        assertThat(layout.scale()).isCloseTo(5, within(1e-9));
        return GripDistance.px(grip, layout, layout.seen(0, new Point(xMm, yMm)));
    }

    @Test
    void whatMovesIsTakenAnywhereWithinIt() {
        Grip box =
                grip(
                        true,
                        true,
                        new Point(20, 20),
                        new Point(60, 20),
                        new Point(60, 50),
                        new Point(20, 50));
        assertThat(away(box, 40, 35)).isZero();
        assertThat(away(box, 62, 35)).isCloseTo(10, within(1e-6));
        assertThat(away(box, 40, 54)).isCloseTo(20, within(1e-6));
    }

    /** An area that is no thing to be moved would else hide all that lies in it. */
    @Test
    void whatStaysIsTakenAtItsOutline() {
        Grip area =
                grip(
                        true,
                        false,
                        new Point(20, 20),
                        new Point(60, 20),
                        new Point(60, 50),
                        new Point(20, 50));
        assertThat(away(area, 40, 35)).isCloseTo(75, within(1e-6));
        assertThat(away(area, 40, 21)).isCloseTo(5, within(1e-6));
    }

    @Test
    void anOpenLineIsNotClosedByTheMouse() {
        Grip line = grip(false, true, new Point(20, 20), new Point(60, 20), new Point(60, 50));
        assertThat(away(line, 60, 40)).isCloseTo(0, within(1e-6));
        // On the way back from the last to the first there is nothing.
        assertThat(away(line, 40, 35)).isGreaterThan(50);
    }
}
