package neattrace.press.trap;

import java.util.List;

/**
 * What is laid down besides the shapes themselves.
 *
 * @param traps where two colours run over one another
 * @param strips what is laid in all of them, also where they cross
 * @param runOn colours that run on beneath thin black lines, so that no paper shows beside the
 *     black when it lies off; beneath all shapes
 * @param lightened parts of colours and traps beneath black, with so much less ink that the limit
 *     holds with the black over them
 */
public record Trapping(
        List<Trap> traps, List<Inked> strips, List<Inked> runOn, List<Inked> lightened) {

    /** Nothing. */
    public static final Trapping NONE = new Trapping(List.of(), List.of(), List.of(), List.of());

    public Trapping {
        traps = List.copyOf(traps);
        strips = List.copyOf(strips);
        runOn = List.copyOf(runOn);
        lightened = List.copyOf(lightened);
    }
}
