package neattrace.press.plate;

import java.util.List;
import java.util.Map;
import java.util.Set;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Rgb;
import neattrace.press.Tints;

/**
 * How plates are looked at.
 *
 * @param shown inks that are seen; empty for all
 * @param grey whether a single plate is seen in grey, as its film is, instead of in its ink
 * @param total whether how much ink lies anywhere is seen instead of colours
 * @param limit the most ink, percent, where all ink is seen; 0 for none
 * @param ground paper or cloth
 */
public record PlateView(
        Set<Colorant> shown, boolean grey, boolean total, double limit, Rgb ground) {

    /** All inks as they print on white paper. */
    public static final PlateView PRINTED = new PlateView(Set.of(), false, false, 0, Rgb.WHITE);

    private static final Rgb OVER = new Rgb(214, 62, 42);

    public PlateView {
        shown = Set.copyOf(shown);
    }

    /** What tints look like. */
    public Rgb colour(Tints tints, InkLook look) {
        if (total) {
            return heat(tints.total());
        }
        Tints seen = seen(tints);
        if (grey && shown.size() == 1) {
            int value = (int) Math.round(255 - 2.55 * seen.of(shown.iterator().next()));
            return new Rgb(value, value, value);
        }
        if (shown.size() == 1 && seen.of(Colorant.WHITE) > 0 && ground.equals(Rgb.WHITE)) {
            // White ink alone would not be seen on white.
            return new Rgb(196, 205, 212);
        }
        return look.screen(seen, ground);
    }

    /** From pale to deep by how much ink lies there; what is over the limit in another colour. */
    private Rgb heat(double percent) {
        if (limit > 0 && percent > limit + 1e-6) {
            return OVER;
        }
        double share = Math.min(1, percent / Math.max(1, limit > 0 ? limit : 400));
        return new Rgb(
                (int) Math.round(250 - 215 * share),
                (int) Math.round(248 - 165 * share),
                (int) Math.round(240 - 130 * share));
    }

    private Tints seen(Tints tints) {
        if (shown.isEmpty()) {
            return tints;
        }
        Tints seen = Tints.NONE;
        for (Map.Entry<Colorant, Double> one : tints.percent().entrySet()) {
            if (shown.contains(one.getKey())) {
                seen = seen.with(one.getKey(), one.getValue());
            }
        }
        return seen;
    }

    /** Colours of composites, by number. */
    int[] colours(List<Tints> composites, InkLook look) {
        return composites.stream().mapToInt(one -> colour(one, look).packed()).toArray();
    }
}
