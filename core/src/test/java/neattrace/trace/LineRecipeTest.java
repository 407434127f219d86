package neattrace.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import org.junit.jupiter.api.Test;

class LineRecipeTest {

    private static InkEdit edit(double x) {
        return new InkEdit(
                "Line drawn",
                new Point(x, 0),
                List.of(),
                List.of(new InkShape.Stroke(new double[] {x}, new double[] {0}, new double[] {1})));
    }

    @Test
    void editsAndPointsAreKeptInTheirOrder() {
        LineRecipe recipe =
                LineRecipe.AS_DRAWN
                        .with(edit(1))
                        .with(edit(2))
                        .with(new PointEdit.Add(new Point(3, 3)))
                        .with(new PointEdit.Delete(new Point(4, 4)));
        assertThat(recipe.edits()).containsExactly(edit(1), edit(2));
        assertThat(recipe.points())
                .containsExactly(
                        new PointEdit.Add(new Point(3, 3)), new PointEdit.Delete(new Point(4, 4)));
        assertThat(LineRecipe.AS_DRAWN.edits()).isEmpty();
    }

    @Test
    void everythingWithAPlaceMovesWithTheSheet() {
        UnaryOperator<Point> shift = p -> new Point(p.x() + 10, p.y() - 5);
        LineRecipe recipe =
                LineRecipe.AS_DRAWN
                        .with(edit(1))
                        .with(
                                new PointEdit.Move(
                                        new Point(1, 1),
                                        new Point(2, 2),
                                        new Point(1, 2),
                                        new Point(3, 2)))
                        .withWeight(
                                WeightRecipe.AS_DRAWN
                                        .withOutsideMm(1)
                                        .withOutsideParts(List.of(new Point(5, 5))))
                        .withColour(LineColour.BLACK.with(new LineColour.Hold(new Point(6, 6), 2)));
        LineRecipe moved = recipe.moved(shift, 1);
        assertThat(moved.edits().get(0).at()).isEqualTo(new Point(11, -5));
        PointEdit.Move point = (PointEdit.Move) moved.points().get(0);
        assertThat(point.at()).isEqualTo(new Point(11, -4));
        assertThat(point.to()).isEqualTo(new Point(12, -3));
        assertThat(point.in()).isEqualTo(new Point(11, -3));
        assertThat(point.out()).isEqualTo(new Point(13, -3));
        assertThat(moved.weight().outsideParts()).containsExactly(new Point(15, 0));
        assertThat(moved.colour().held().get(0).at()).isEqualTo(new Point(16, 1));
        assertThat(moved.maxErrorPx()).isEqualTo(recipe.maxErrorPx());
        UnaryOperator<Point> back = p -> new Point(p.x() - 10, p.y() + 5);
        assertThat(moved.moved(back, 1)).isEqualTo(recipe);
    }

    @Test
    void curvesCanBeNeitherTooCloseNorTooLoose() {
        for (double wrong : new double[] {0, 0.04, 5.1, -1, Double.NaN}) {
            assertThatThrownBy(() -> LineRecipe.AS_DRAWN.withMaxErrorPx(wrong))
                    .isInstanceOf(IllegalArgumentException.class);
        }
        assertThat(LineRecipe.AS_DRAWN.withMaxErrorPx(0.05).maxErrorPx()).isEqualTo(0.05);
    }

    @Test
    void onlyWeightsThatChangeSomethingNeedLines() {
        WeightRecipe none = WeightRecipe.AS_DRAWN;
        assertThat(none.isAsDrawn()).isTrue();
        assertThat(none.withOutsideParts(List.of(new Point(1, 1))).isAsDrawn()).isTrue();
        assertThat(none.withAllMm(0.1).isAsDrawn()).isFalse();
        assertThat(none.withAllMm(0.1).needsLines()).isFalse();
        assertThat(none.withAllMm(-0.1).needsLines()).isTrue();
        assertThat(none.withEvenMm(0.4).needsLines()).isTrue();
        assertThat(none.withTaperShare(0.4).needsLines()).isTrue();
        assertThat(none.withOutsideMm(0.4).needsLines()).isFalse();
    }

    @Test
    void linesAreBlackUntilOneIsNot() {
        LineColour black = LineColour.BLACK;
        assertThat(black.isBlack()).isTrue();
        assertThat(black.withBorderBlack(true).isBlack()).isTrue();
        assertThat(black.with(new LineColour.Hold(new Point(1, 1), 0)).isBlack()).isTrue();
        assertThat(black.with(new LineColour.Hold(new Point(1, 1), 3)).isBlack()).isFalse();
        assertThat(black.withSwatch(3).isBlack()).isFalse();
    }

    @Test
    void aSwatchThatGoesTakesItsLinesBackToBlack() {
        LineColour colour =
                LineColour.BLACK
                        .withSwatch(3)
                        .with(new LineColour.Hold(new Point(1, 1), 3))
                        .with(new LineColour.Hold(new Point(2, 2), 4));
        LineColour without = colour.without(3);
        assertThat(without.swatch()).isZero();
        assertThat(without.held()).containsExactly(new LineColour.Hold(new Point(2, 2), 4));
        assertThat(colour.without(5)).isEqualTo(colour);
        assertThatThrownBy(() -> LineColour.BLACK.withSwatch(-1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aLineNeedsTwoSamplesAndAllOfThem() {
        double[] one = {1};
        double[] two = {1, 2};
        assertThatThrownBy(() -> new InkLine(one, one, one, false, 0, 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new InkLine(two, one, two, false, 0, 1))
                .isInstanceOf(IllegalArgumentException.class);
        InkLine line =
                new InkLine(
                        new double[] {0, 3, 3},
                        new double[] {0, 4, 9},
                        new double[] {1, 5, 3},
                        false,
                        0,
                        1);
        assertThat(line.length()).isEqualTo(10);
        assertThat(line.way()).containsExactly(0, 5, 10);
        assertThat(line.usualWidth()).isEqualTo(3);
        InkLine ring = new InkLine(line.x(), line.y(), line.width(), true, -1, -1);
        assertThat(ring.length()).isCloseTo(10 + Math.hypot(3, 9), within(1e-12));
    }

    @Test
    void aSolidKnowsItsLargestDisc() {
        SolidBlack solid =
                new SolidBlack(
                        new double[] {1, 2, 3}, new double[] {4, 5, 6}, new double[] {7, 9, 8});
        assertThat(solid.at()).isEqualTo(new Point(2, 5));
        assertThat(solid.largestRadius()).isEqualTo(9);
    }
}
