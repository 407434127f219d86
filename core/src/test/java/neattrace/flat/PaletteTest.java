package neattrace.flat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import neattrace.press.Cmyk;
import neattrace.press.Lab;
import neattrace.press.Rgb;
import org.junit.jupiter.api.Test;

/** Colourways keep all that prints a swatch, each its own. */
class PaletteTest {

    private static final Lab SEA = new Lab(42, -20, -25);
    private static final Lab NIGHT = new Lab(20, 5, -30);
    private static final Swatch SWATCH =
            new Swatch(1, "Sea", new Cmyk(80, 30, 10, 0)).withSpot(Optional.of(SEA));

    private static final Palette FIRST = new Palette(List.of(SWATCH), List.of(), Palette.FIRST, 1);

    @Test
    void aColourwayStartsInTheSameInks() {
        assertThat(FIRST.withColourway("Night").now()).containsExactly(SWATCH);
    }

    @Test
    void anInkOfItsOwnIsAnotherInAnotherColourway() {
        Palette night = FIRST.withColourway("Night");
        Palette other = night.with(List.of(SWATCH.withSpot(Optional.of(NIGHT))));
        assertThat(other.now().get(0).spot()).contains(NIGHT);
        assertThat(other.of(Palette.FIRST).get(0).spot()).contains(SEA);
        Palette process = night.with(List.of(SWATCH.withSpot(Optional.empty())));
        assertThat(process.now().get(0).spot()).isEmpty();
        assertThat(process.of(Palette.FIRST).get(0).spot()).contains(SEA);
    }

    @Test
    void whatWasWishedForInAColourwayIsKeptThere() {
        Rgb wish = new Rgb(0, 255, 48);
        Swatch bright = SWATCH.withBuild(new Cmyk(70, 0, 90, 0)).withWish(Optional.of(wish));
        Palette night = FIRST.withColourway("Night").with(List.of(bright));
        assertThat(night.now().get(0).wish()).contains(wish);
        assertThat(night.showing(Palette.FIRST).now().get(0).wish()).isEmpty();
        assertThat(night.showing(Palette.FIRST).now().get(0).build()).isEqualTo(SWATCH.build());
    }
}
