package neattrace.job.file;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.flat.Swatch;
import neattrace.job.colouring.Colouring;

/** Jobs once told darker and lighter sisters of a swatch by the ending of their names alone. */
final class FormerTones {

    private FormerTones() {}

    static List<Swatch> known(List<Swatch> swatches) {
        List<Swatch> known = new ArrayList<>();
        for (Swatch swatch : swatches) {
            boolean lit = swatch.name().endsWith(Colouring.LIGHTER);
            boolean dark = swatch.name().endsWith(Colouring.DARKER);
            Optional<Swatch> base =
                    swatch.tone().isPresent() || !lit && !dark
                            ? Optional.empty()
                            : swatches.stream()
                                    .filter(
                                            one ->
                                                    Swatch.named(
                                                                    one.name(),
                                                                    lit
                                                                            ? Colouring.LIGHTER
                                                                            : Colouring.DARKER)
                                                            .equals(swatch.name()))
                                    .findFirst();
            known.add(base.map(b -> swatch.withTone(new Swatch.Tone(b.id(), lit))).orElse(swatch));
        }
        return known;
    }
}
