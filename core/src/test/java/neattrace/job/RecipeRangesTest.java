package neattrace.job;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Form;
import neattrace.goods.Detail;
import neattrace.goods.Edges;
import neattrace.goods.Printing;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.raster.Resolution;
import neattrace.raster.reading.Opening;
import neattrace.sheet.DecisionRecipe;
import neattrace.sheet.SharpenRecipe;
import neattrace.sheet.SpeckRecipe;
import neattrace.trace.WeightRecipe;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The bounds that fields and slides offer are those that recipes take: nothing that can be typed is
 * refused, and nothing that a file holds is out of a field's reach.
 */
class RecipeRangesTest {

    private static final Detail DETAIL = UsualGoods.UNDECIDED.detail();

    private static final double A_LITTLE = 1e-6;

    private static Arguments bounds(String name, double least, double most, DoubleConsumer make) {
        return Arguments.of(name, least, most, make);
    }

    static Stream<Arguments> bounds() {
        DecisionRecipe decision = DecisionRecipe.AUTOMATIC;
        return Stream.of(
                bounds("dust", 0, SpeckRecipe.MOST_MM, SpeckRecipe.AUTOMATIC::withDustMm),
                bounds("pinholes", 0, SpeckRecipe.MOST_MM, SpeckRecipe.AUTOMATIC::withPinholeMm),
                bounds(
                        "threshold",
                        DecisionRecipe.LEAST_PERCENT,
                        DecisionRecipe.MOST_PERCENT,
                        decision::withInkPercent),
                bounds(
                        "window",
                        DecisionRecipe.LEAST_WINDOW_MM,
                        DecisionRecipe.MOST_WINDOW_MM,
                        mm -> decision.withWindow(mm, 0.3)),
                bounds(
                        "strength",
                        0,
                        SharpenRecipe.MOST_PERCENT,
                        v -> new SharpenRecipe(1, v, 0.1, 8)),
                bounds(
                        "radius",
                        SharpenRecipe.LEAST_RADIUS_MM,
                        SharpenRecipe.MOST_RADIUS_MM,
                        v -> new SharpenRecipe(1, 100, v, 8)),
                bounds(
                        "grain",
                        0,
                        SharpenRecipe.MOST_GRAIN,
                        v -> new SharpenRecipe(1, 100, 0.1, v)),
                bounds(
                        "page",
                        Opening.LEAST_PPI,
                        Opening.MOST_PPI,
                        ppi -> new Opening(0, true, ppi)),
                bounds(
                        "resolution",
                        Resolution.LEAST_PPI,
                        Resolution.MOST_PPI,
                        Job.of(new Source("a.png", new byte[0]))::withPpi),
                bounds("area", 0, Detail.MOST_MM, DETAIL::withAreaMm),
                bounds("spread", 0, FlatRecipe.MOST_SPREAD_MM, FlatRecipe.USUAL::withSpreadMm),
                bounds("cast", A_LITTLE, Form.FARTHEST_MM, mm -> new Form.Cast(mm, 1)),
                bounds("line", 0, Detail.MOST_MM, DETAIL::withLineMm),
                bounds("gap", 0, Detail.MOST_MM, DETAIL::withGapMm),
                bounds("distance", Detail.NEAREST_MM, Detail.FARTHEST_MM, DETAIL::withViewingMm),
                bounds(
                        "width",
                        Sizing.LEAST_MM,
                        Sizing.MOST_MM,
                        UsualGoods.UNDECIDED.sizing()::withWidthMm),
                bounds("border", 0, Edges.MOST_MM, UsualGoods.UNDECIDED.edges()::withBorderMm),
                bounds("ink", 0, Printing.MOST_INK, UsualGoods.UNDECIDED.printing()::withInkLimit),
                bounds(
                        "all lines",
                        -WeightRecipe.MOST_MM,
                        WeightRecipe.MOST_MM,
                        WeightRecipe.AS_DRAWN::withAllMm));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("bounds")
    void whatFieldsOfferIsWhatRecipesTake(
            String name, double least, double most, DoubleConsumer make) {
        assertThatCode(() -> make.accept(least)).doesNotThrowAnyException();
        assertThatCode(() -> make.accept(most)).doesNotThrowAnyException();
        for (double beyond : new double[] {least - 2 * A_LITTLE, most + 2 * A_LITTLE, Double.NaN}) {
            assertThatIllegalArgumentException().isThrownBy(() -> make.accept(beyond));
        }
    }
}
