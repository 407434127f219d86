package neattrace.press.separate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Tints;

/** In which order inks are printed: white first, then from light to dark, gloss last. */
public final class InkOrder {

    private InkOrder() {}

    /** The inks in the order of printing (light to dark: common practice, no source). */
    public static List<Colorant> of(List<Colorant> inks, InkLook look) {
        List<Colorant> order = new ArrayList<>(inks);
        order.sort(
                Comparator.comparingInt(InkOrder::rank)
                        .thenComparing(
                                ink -> look.of(Tints.full(ink)).l(), Comparator.reverseOrder()));
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
