package neattrace.goods.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.stream.Stream;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.making.ClothRecipe.Place;
import neattrace.goods.making.ClothRecipe.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Garments of ours, and where usual prints come to lie on them (common practice, no source). */
class GarmentShapeTest {

    static Stream<ClothRecipe> recipes() {
        return Stream.of(Place.values())
                .flatMap(
                        place ->
                                Stream.of(Size.values())
                                        .map(
                                                size ->
                                                        ClothRecipe.USUAL
                                                                .withPlace(place)
                                                                .withSize(size)));
    }

    private static Area cloth(GarmentShape shape) {
        Area all = new Area();
        for (Outline one : shape.cloth()) {
            all.add(new Area(one.toPath()));
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void aUsualPrintLiesOnTheClothWithAllItsCorners(ClothRecipe recipe) {
        GarmentShape shape = GarmentShape.of(recipe);
        double wide =
                ClothPlaces.widthMm(recipe.place())
                        * ClothPlaces.step(recipe.size(), recipe.place());
        Point at = shape.print(wide, ClothPlaces.belowMm(recipe));
        assertThat(cloth(shape).contains(at.x(), at.y(), wide, 0.9 * wide)).isTrue();
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void theWholeLiesWithinItsPageAndIsAsWideOnBothSides(ClothRecipe recipe) {
        GarmentShape shape = GarmentShape.of(recipe);
        Rectangle2D box = cloth(shape).getBounds2D();
        assertThat(box.getMinX()).isGreaterThanOrEqualTo(0);
        assertThat(box.getMinY()).isGreaterThanOrEqualTo(0);
        assertThat(box.getMaxX()).isLessThanOrEqualTo(shape.widthMm());
        assertThat(box.getMaxY()).isLessThanOrEqualTo(shape.heightMm());
        assertThat(box.getCenterX()).isCloseTo(shape.widthMm() / 2, within(0.01));
        assertThat(shape.seams()).isNotEmpty();
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void largerGarmentsAreLarger(Place place) {
        double before = 0;
        for (Size size : Size.values()) {
            GarmentShape shape = GarmentShape.of(ClothRecipe.USUAL.withPlace(place).withSize(size));
            if (place == Place.TOTE) {
                assertThat(shape.widthMm()).isGreaterThanOrEqualTo(before);
            } else {
                assertThat(shape.widthMm()).isGreaterThan(before);
            }
            before = shape.widthMm();
        }
    }

    @Test
    void theLeftChestIsOnTheWearersLeft() {
        ClothRecipe left = ClothRecipe.USUAL.withPlace(Place.LEFT_CHEST);
        GarmentShape shape = GarmentShape.of(left);
        Point at = shape.print(90, ClothPlaces.belowMm(left));
        // Who looks sees the wearer's left on the right.
        assertThat(at.x() + 45).isCloseTo(shape.widthMm() / 2 + 100, within(1e-9));
    }

    @Test
    void aPrintLiesAsFarBelowAsItIsLaid() {
        GarmentShape shape = GarmentShape.of(ClothRecipe.USUAL);
        double usual = shape.print(280, ClothPlaces.belowMm(ClothRecipe.USUAL)).y();
        double lower =
                shape.print(280, ClothPlaces.belowMm(ClothRecipe.USUAL.withBelowMm(120))).y();
        assertThat(lower - usual).isCloseTo(120 - 85, within(1e-9));
    }

    /** Chest 280 mm and 75 to 100 mm below the collar, back 320, left chest 90 and about 190. */
    @Test
    void usualPlacesAreThoseOfTheTrade() {
        assertThat(ClothPlaces.widthMm(Place.CHEST)).isEqualTo(280);
        assertThat(ClothPlaces.belowMm(Place.CHEST)).isBetween(75.0, 100.0);
        assertThat(ClothPlaces.widthMm(Place.BACK)).isEqualTo(320);
        assertThat(ClothPlaces.belowMm(Place.BACK)).isBetween(75.0, 100.0);
        assertThat(ClothPlaces.widthMm(Place.LEFT_CHEST)).isEqualTo(90);
        assertThat(ClothPlaces.belowMm(Place.LEFT_CHEST)).isEqualTo(190);
        assertThat(ClothPlaces.step(Size.L_XL, Place.CHEST)).isEqualTo(1);
        assertThat(ClothPlaces.step(Size.S_M, Place.CHEST)).isLessThan(1);
        assertThat(ClothPlaces.step(Size.XXL, Place.CHEST)).isGreaterThan(1);
        assertThat(ClothPlaces.step(Size.XXL, Place.TOTE)).isEqualTo(1);
    }
}
