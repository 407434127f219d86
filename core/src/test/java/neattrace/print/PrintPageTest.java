package neattrace.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import neattrace.press.Colorant;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.press.plate.PlateMaker;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/** Drawings on one page. */
class PrintPageTest {

    private static PrintPlan square(Colorant ink) {
        PrintObject object =
                PrintObject.of(
                        new PrintShape.Filled(
                                new GeometryFactory().toGeometry(new Envelope(0, 10, 0, 10))),
                        Tints.full(ink));
        PrintLayer layer =
                new PrintLayer(
                        ink.name(),
                        PrintLayer.Kind.FLAT,
                        new Rgb(0, 80, 120),
                        ink.name(),
                        List.of(object),
                        List.of());
        return new PrintPlan("Square", 10, 10, 0, List.of(layer), PressProfile.bundled());
    }

    /** Presses know inks by their names (ISO 32000-1, 8.6.6.4): two of one name are one plate. */
    @Test
    void inksOfOneNameAreOnePlateHoweverTheyWereMeasured() {
        PrintPlan one = square(Colorant.spot("Sea", new Lab(42, -20, -25)));
        PrintPlan other = square(Colorant.spot("sea", new Lab(45, -18, -25)));
        PrintPlan page =
                new PrintPage(
                                "Both",
                                30,
                                10,
                                0,
                                List.of(Placement.whole(one), new Placement(other, 25, 5, 0, 1)))
                        .plan(PressProfile.bundled());
        Set<Colorant> inks =
                page.layers().stream()
                        .flatMap(layer -> layer.objects().stream())
                        .flatMap(object -> object.tints().percent().keySet().stream())
                        .collect(Collectors.toSet());
        assertThat(inks).containsExactly(Colorant.spot("Sea", new Lab(42, -20, -25)));
        assertThat(PlateMaker.inks(PlateWork.of(page)))
                .extracting(Colorant::name)
                .containsOnlyOnce("Sea")
                .doesNotContain("sea");
    }
}
