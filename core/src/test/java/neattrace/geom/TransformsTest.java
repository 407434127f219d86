package neattrace.geom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Maps of one library are those of the other, and lead back. */
class TransformsTest {

    private static AffineTransform map(double turn, double scale, double x, double y) {
        AffineTransform map = AffineTransform.getTranslateInstance(x, y);
        map.rotate(turn);
        map.scale(-scale, scale);
        return map;
    }

    @Property(tries = 100, seed = "20261")
    void bothLibrariesTakeAPointToTheSamePlace(
            @ForAll @DoubleRange(min = -3, max = 3) double turn,
            @ForAll @DoubleRange(min = 0.1, max = 9) double scale,
            @ForAll @DoubleRange(min = -100, max = 100) double x,
            @ForAll @DoubleRange(min = -100, max = 100) double y) {
        AffineTransform java = map(turn, scale, x, y);
        AffineTransformation jts = Transforms.toJts(java);
        Point at = new Point(y / 3, x / 2);
        Point2D there = java.transform(new Point2D.Double(at.x(), at.y()), null);
        assertThat(Transforms.apply(jts, at).distance(new Point(there.getX(), there.getY())))
                .isLessThan(1e-9);
        Point2D again = Transforms.toAwt(jts).transform(new Point2D.Double(at.x(), at.y()), null);
        assertThat(again.distance(there)).isLessThan(1e-9);
        assertThat(
                        Transforms.apply(Transforms.inverse(jts), Transforms.apply(jts, at))
                                .distance(at))
                .isLessThan(1e-7);
    }

    @Test
    void whatLeavesNoAreaCannotBeUndone() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Transforms.inverse(AffineTransformation.scaleInstance(2, 0)));
    }

    @Test
    void aPointStaysWhereItIsUnderNothing() {
        Point at = new Point(3, 4);
        assertThat(Transforms.apply(new AffineTransformation(), at).distance(at))
                .isCloseTo(0, within(0.0));
    }
}
