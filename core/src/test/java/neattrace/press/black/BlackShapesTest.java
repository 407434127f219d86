package neattrace.press.black;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neattrace.press.Cmyk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class BlackShapesTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon bar(double width) {
        return (Polygon) FACTORY.toGeometry(new Envelope(0, 30, 0, width));
    }

    private static BlackRecipe recipe(BlackSchool school, double registerMm) {
        return BlackRecipe.of(school, BlackRecipe.USUAL_UNDERLAY, registerMm);
    }

    /** Kept back by the tolerance and a hair; lines that leave less than 0.2 mm are K only. */
    @ParameterizedTest
    @CsvSource({"0.2, 0.3, 0", "0.2, 0.59, 0", "0.2, 0.7, 0.28", "0.2, 5, 4.58", "0.1, 0.45, 0.23"})
    void coloursAreKeptBackAndThinLinesHaveNone(double register, double width, double left) {
        Geometry underlay =
                BlackShapes.underlay(List.of(bar(width)), recipe(BlackSchool.KEPT_BACK, register));
        double height = underlay.isEmpty() ? 0 : underlay.getEnvelopeInternal().getHeight();
        assertThat(height).isCloseTo(left, within(1e-3));
    }

    @Test
    void aThinTailOfASolidHasNone() {
        Polygon shape = (Polygon) bar(6).union(FACTORY.toGeometry(new Envelope(25, 60, 2.9, 3.2)));
        Geometry underlay =
                BlackShapes.underlay(List.of(shape), recipe(BlackSchool.KEPT_BACK, 0.2));
        assertThat(underlay.getEnvelopeInternal().getMaxX()).isLessThan(30);
        assertThat(shape.buffer(-0.2).buffer(1e-6).covers(underlay)).isTrue();
    }

    @Test
    void schoolsDoAsTheySay() {
        List<Polygon> black = List.of(bar(0.3));
        assertThat(BlackShapes.underlay(black, recipe(BlackSchool.AS_DRAWN, 0.2)).getArea())
                .isCloseTo(9, within(1e-9));
        assertThat(BlackShapes.underlay(black, recipe(BlackSchool.K_ONLY, 0.2)).isEmpty()).isTrue();
        assertThat(BlackShapes.core(List.of(bar(2)), 0.5).getArea()).isCloseTo(29, within(1e-6));
    }

    @Test
    void whatLiesBeneathBlackIsNotBlack() {
        assertThatThrownBy(
                        () -> BlackRecipe.of(BlackSchool.KEPT_BACK, new Cmyk(60, 40, 40, 1), 0.2))
                .hasMessageContaining("cyan");
    }
}
