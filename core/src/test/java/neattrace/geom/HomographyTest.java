package neattrace.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class HomographyTest {

    private static final List<Point> ASKEW =
            List.of(new Point(12, 8), new Point(190, 20), new Point(205, 140), new Point(3, 120));

    private static void assertNear(Point actual, Point expected) {
        assertThat(actual.distance(expected)).isLessThan(1e-8);
    }

    @Test
    void cornersOfTheRectangleGoToTheCornersGiven() {
        Homography map = Homography.fromRectangle(200, 100, ASKEW);
        assertNear(map.apply(new Point(0, 0)), ASKEW.get(0));
        assertNear(map.apply(new Point(200, 0)), ASKEW.get(1));
        assertNear(map.apply(new Point(200, 100)), ASKEW.get(2));
        assertNear(map.apply(new Point(0, 100)), ASKEW.get(3));
    }

    /** Straight lines stay straight and meet where their images meet: here the diagonals. */
    @Test
    void theMiddleGoesToWhereTheDiagonalsCross() {
        Point middle = Homography.fromRectangle(200, 100, ASKEW).apply(new Point(100, 50));
        Point diagonal = ASKEW.get(2).minus(ASKEW.get(0)).unit();
        Point other = ASKEW.get(3).minus(ASKEW.get(1)).unit();
        assertThat(middle.minus(ASKEW.get(0)).cross(diagonal)).isCloseTo(0, within(1e-9));
        assertThat(middle.minus(ASKEW.get(1)).cross(other)).isCloseTo(0, within(1e-9));
    }

    @Property(seed = "20261")
    void thereAndBackIsWhereItStarted(
            @ForAll @DoubleRange(min = -50, max = 300) double x,
            @ForAll @DoubleRange(min = -50, max = 200) double y) {
        Homography map = Homography.fromRectangle(200, 100, ASKEW);
        assertNear(map.inverse().apply(map.apply(new Point(x, y))), new Point(x, y));
    }

    /** The JDK's affine transform is the reference. */
    @Property(seed = "20261")
    void turnsAsTheJdkDoes(@ForAll @DoubleRange(min = -45, max = 45) double degrees) {
        AffineTransform jdk = AffineTransform.getRotateInstance(Math.toRadians(degrees), 70, 40);
        Point2D expected = jdk.transform(new Point2D.Double(13, 99), null);
        Point actual = Homography.rotation(degrees, new Point(70, 40)).apply(new Point(13, 99));
        assertNear(actual, new Point(expected.getX(), expected.getY()));
    }

    @Test
    void oneAfterTheOtherIsTheirProduct() {
        Homography turn = Homography.rotation(20, new Point(5, 5));
        Homography map = Homography.fromRectangle(10, 10, ASKEW);
        Point place = new Point(3, 7);
        assertNear(map.after(turn).apply(place), map.apply(turn.apply(place)));
    }

    @Test
    void scaleIsTheRootOfTheAreasFactor() {
        assertThat(Homography.scaling(3).scaleAt(new Point(4, 4))).isCloseTo(3, within(1e-12));
        assertThat(Homography.rotation(33, new Point(1, 2)).scaleAt(new Point(9, 9)))
                .isCloseTo(1, within(1e-12));
    }

    @Test
    void knowsWholeShifts() {
        assertThat(Homography.translation(-3, 8).isWholeShift()).isTrue();
        assertThat(Homography.translation(0.5, 0).isWholeShift()).isFalse();
        assertThat(Homography.scaling(2).isWholeShift()).isFalse();
    }

    @Test
    void refusesCornersThatCrossOrDent() {
        List<Point> crossed = List.of(ASKEW.get(0), ASKEW.get(2), ASKEW.get(1), ASKEW.get(3));
        assertThatThrownBy(() -> Homography.fromRectangle(10, 10, crossed))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Homography.fromRectangle(10, 10, ASKEW.subList(0, 3)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
