package neattrace.press.separate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Tints;

/**
 * In which order inks are printed: white first, then from light to dark, gloss last; or as a person
 * says.
 */
public final class InkOrder {

    private InkOrder() {}

    /**
     * The inks in the order of printing (light to dark: common practice, no source).
     *
     * @param wished names of inks in an order of their own: they take turns in the places that they
     *     would have among all; the others stay where they are
     */
    public static List<Colorant> of(List<Colorant> inks, InkLook look, List<String> wished) {
        List<Colorant> order = new ArrayList<>(inks);
        order.sort(
                Comparator.comparingInt(InkOrder::rank)
                        .thenComparing(
                                ink -> look.of(Tints.full(ink)).l(), Comparator.reverseOrder()));
        List<Colorant> named =
                order.stream()
                        .filter(ink -> wished.contains(ink.name()))
                        .sorted(Comparator.comparingInt(ink -> wished.indexOf(ink.name())))
                        .toList();
        Iterator<Colorant> next = named.iterator();
        order.replaceAll(ink -> wished.contains(ink.name()) ? next.next() : ink);
        return List.copyOf(order);
    }

    private static int rank(Colorant ink) {
        return switch (ink.kind()) {
            case UNDERBASE -> 0;
            case VARNISH -> 2;
            default -> 1;
        };
    }
}
