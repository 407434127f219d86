package neattrace.press.plate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neattrace.press.Colorant;
import neattrace.press.Tints;

/**
 * All composites of a page by number; 0 is bare. Objects that are laid down alike are of one kind,
 * and what comes of laying a kind over a composite is reckoned once. Safe for use by several
 * threads.
 */
final class Composites {

    private record Kind(Tints tints, boolean overprint) {}

    private final int[] kindOf;
    private final List<Kind> kinds = new ArrayList<>();
    private final List<Tints> known = new ArrayList<>();
    private final Map<Map<Colorant, Double>, Integer> numbers = new HashMap<>();

    /**
     * By composite, then by kind; -1 where it was not reckoned yet. Each place is written once; who
     * still sees the -1 asks again, one at a time.
     */
    private volatile int[][] over = new int[0][];

    Composites(List<Laid> objects) {
        Map<Kind, Integer> known = new HashMap<>();
        kindOf = new int[objects.size()];
        for (int i = 0; i < kindOf.length; i++) {
            Kind kind = new Kind(objects.get(i).tints(), objects.get(i).overprint());
            Integer number = known.putIfAbsent(kind, kinds.size());
            if (number == null) {
                kinds.add(kind);
            }
            kindOf[i] = known.get(kind);
        }
        number(Tints.NONE);
    }

    /** The composite of an object laid over another composite. */
    int over(int object, int below) {
        int[][] table = over;
        int kind = kindOf[object];
        return below < table.length && table[below][kind] >= 0
                ? table[below][kind]
                : reckon(kind, below);
    }

    /** Whether nothing beneath an object is left. */
    boolean knocksOut(int object) {
        return !kinds.get(kindOf[object]).overprint;
    }

    private synchronized int reckon(int kind, int below) {
        int[][] table = over;
        if (below < table.length && table[below][kind] >= 0) {
            return table[below][kind];
        }
        Kind laid = kinds.get(kind);
        int result = number(known.get(below).under(laid.tints, laid.overprint));
        int were = table.length;
        if (known.size() > were) {
            table = Arrays.copyOf(table, Math.max(known.size(), 2 * were));
            for (int i = were; i < table.length; i++) {
                table[i] = unknown();
            }
        }
        table[below][kind] = result;
        over = table;
        return result;
    }

    private int[] unknown() {
        int[] row = new int[kinds.size()];
        Arrays.fill(row, -1);
        return row;
    }

    private int number(Tints tints) {
        Map<Colorant, Double> ink = new LinkedHashMap<>();
        tints.percent()
                .forEach(
                        (colorant, value) -> {
                            if (value > 0 && colorant.prints()) {
                                ink.put(colorant, value);
                            }
                        });
        Integer number = numbers.get(ink);
        if (number != null) {
            return number;
        }
        known.add(new Tints(ink));
        numbers.put(ink, known.size() - 1);
        return known.size() - 1;
    }

    synchronized List<Tints> all() {
        return List.copyOf(known);
    }
}
