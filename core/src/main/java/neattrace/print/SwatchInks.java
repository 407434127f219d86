package neattrace.print;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import neattrace.flat.Swatch;
import neattrace.press.Colorant;
import neattrace.press.Tints;

/**
 * Which inks swatches are printed in: a build of process inks, or an ink of its own by the swatch's
 * name. No two inks share a name, and none is called as a process ink or as what files reserve (ISO
 * 32000-1, 8.6.6.4: All and None).
 */
public final class SwatchInks {

    /** Machines cut longer names short, bytes. */
    private static final int MOST_LETTERS = 48;

    private static final Set<String> RESERVED =
            Set.of("all", "none", "cyan", "magenta", "yellow", "black", "white", "varnish");

    private final Map<Integer, Colorant> spots = new HashMap<>();

    private SwatchInks() {}

    /**
     * The inks of swatches.
     *
     * @param swatches in the order in which names are given; of two with one name the first keeps
     *     it
     */
    public static SwatchInks of(List<Swatch> swatches) {
        SwatchInks inks = new SwatchInks();
        Map<Colorant, Colorant> same = new HashMap<>();
        Set<String> used = new HashSet<>(RESERVED);
        for (Swatch swatch : swatches) {
            if (swatch.spot().isEmpty() || inks.spots.containsKey(swatch.id())) {
                continue;
            }
            // Swatches of one name and look are one ink, such as those printed in another's.
            Colorant wanted = Colorant.spot(swatch.name(), swatch.spot().get());
            Colorant ink =
                    same.computeIfAbsent(
                            wanted,
                            one -> Colorant.spot(free(one.name(), used), one.look().orElseThrow()));
            inks.spots.put(swatch.id(), ink);
        }
        return inks;
    }

    private static String free(String wanted, Set<String> used) {
        String plain =
                Normalizer.normalize(wanted, Normalizer.Form.NFC)
                        .replaceAll("[\\p{Cntrl}\\p{Cf}\\p{Cs}\\p{Co}\\p{Cn}]", "")
                        .strip();
        plain = plain.isEmpty() ? "Ink" : cut(plain, MOST_LETTERS);
        String name = plain;
        if (RESERVED.contains(name.toLowerCase(Locale.ROOT))) {
            name = plain + " ink";
        }
        for (int k = 2; !used.add(name.toLowerCase(Locale.ROOT)); k++) {
            name = plain + " " + k;
        }
        return name;
    }

    private static String cut(String text, int letters) {
        int count = text.codePointCount(0, text.length());
        return count <= letters
                ? text
                : text.substring(0, text.offsetByCodePoints(0, letters)).strip();
    }

    /** What a swatch is printed in. */
    public Tints tints(Swatch swatch) {
        Colorant spot = spots.get(swatch.id());
        return spot == null ? Tints.of(swatch.build()) : Tints.full(spot);
    }

    /** The same in words. */
    String words(Swatch swatch) {
        Colorant spot = spots.get(swatch.id());
        return spot == null ? swatch.build().toString() : spot.name();
    }
}
