package neattrace.print.ready;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.Tints;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/** Names of inks on films: on the page, apart from one another and from every mark. */
class FilmNamesTest {

    private static List<Colorant> inks(int count) {
        List<Colorant> inks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            inks.add(Colorant.spot("Harbour blue " + "in the morning".substring(0, i % 14)));
        }
        return inks;
    }

    @ParameterizedTest
    @CsvSource({
        "2, 50, 0",
        "4, 24, 0",
        "7, 60, 3",
        "7, 30, 3",
        "12, 90, 0",
        "12, 12, 0",
        "30, 355, 3"
    })
    void eachStandsAlone(int count, double side, double trim) {
        List<Colorant> inks = inks(count);
        PrintPlan plan = new PrintPlan("Test", side, side, trim, List.of(), PressProfile.bundled());
        PrintPlan film = FilmPage.of(plan, inks, false);
        PrintLayer marks = film.of(PrintLayer.Kind.MARKS).get(0);
        List<Geometry> names = new ArrayList<>();
        List<Geometry> others = new ArrayList<>();
        for (PrintObject object : marks.objects()) {
            Geometry shape = ((PrintShape.Filled) object.shape()).polygons();
            boolean lettering =
                    inks.stream().anyMatch(ink -> object.tints().equals(Tints.full(ink)))
                            && shape.getNumGeometries() > 1;
            (lettering ? names : others).add(shape);
        }
        assertThat(names.size()).isEqualTo(count);
        Geometry page = names.get(0).getFactory().toGeometry(box(film));
        for (int i = 0; i < count; i++) {
            assertThat(page.contains(names.get(i))).isTrue();
            for (int k = 0; k < i; k++) {
                assertThat(names.get(i).getEnvelope().intersects(names.get(k).getEnvelope()))
                        .as(i + " " + k)
                        .isFalse();
            }
            for (Geometry other : others) {
                assertThat(names.get(i).intersects(other)).isFalse();
            }
        }
    }

    private static Envelope box(PrintPlan film) {
        return new Envelope(0, film.widthMm(), 0, film.heightMm());
    }
}
