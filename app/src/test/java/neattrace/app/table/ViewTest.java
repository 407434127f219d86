package neattrace.app.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import javafx.geometry.Point2D;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ViewTest {

    private static final View VIEW = new View(new Point(40, 30), 5, false, 800, 600);

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void screenAndPageAreEachOthersInverse(boolean flipped) {
        View view = flipped ? VIEW.mirrored() : VIEW;
        Point page = new Point(12.5, 47);
        Point2D screen = view.toScreen(page);
        Point back = view.toPage(screen.getX(), screen.getY());
        assertThat(back.distance(page)).isLessThan(1e-9);
        AffineTransform transform = view.transform();
        double[] xy = {page.x(), page.y()};
        transform.transform(xy, 0, xy, 0, 1);
        assertThat(xy[0]).isCloseTo(screen.getX(), within(1e-9));
        assertThat(xy[1]).isCloseTo(screen.getY(), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void zoomingKeepsThePlaceUnderTheMouse(boolean flipped) {
        View view = flipped ? VIEW.mirrored() : VIEW;
        Point before = view.toPage(123, 456);
        Point after = view.zoomed(3.7, 123, 456).toPage(123, 456);
        assertThat(after.distance(before)).isLessThan(1e-9);
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void panningTakesThePageAlong(boolean flipped) {
        View view = flipped ? VIEW.mirrored() : VIEW;
        Point place = view.toPage(100, 100);
        Point2D moved = view.panned(30, -20).toScreen(place);
        assertThat(moved.distance(130, 80)).isLessThan(1e-9);
    }

    @Test
    void flippingExchangesLeftAndRight() {
        Point place = new Point(30, 30);
        assertThat(VIEW.toScreen(place).getX() + VIEW.mirrored().toScreen(place).getX())
                .isCloseTo(800, within(1e-9));
    }

    @Test
    void theWholePageFitsWithItsMarginAboveTheBar() {
        View fitted = VIEW.fitted(200, 100, 28, 64);
        Point2D topLeft = fitted.toScreen(new Point(0, 0));
        Point2D bottomRight = fitted.toScreen(new Point(200, 100));
        assertThat(topLeft.getX()).isGreaterThanOrEqualTo(28 - 1e-9);
        assertThat(topLeft.getY()).isGreaterThanOrEqualTo(28 - 1e-9);
        assertThat(bottomRight.getX()).isLessThanOrEqualTo(800 - 28 + 1e-9);
        assertThat(bottomRight.getY()).isLessThanOrEqualTo(600 - 64 + 1e-9);
    }

    @Test
    void zoomStaysWithinItsLimits() {
        assertThat(VIEW.zoomed(1e9, 0, 0).scale()).isLessThanOrEqualTo(800);
        assertThat(VIEW.zoomed(1e-9, 0, 0).scale()).isGreaterThanOrEqualTo(0.2);
    }
}
