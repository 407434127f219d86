package neattrace.press.separate;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Gives each area of a drawing a tone of one ink, so that neighbours of different colours still
 * differ; among all such ways one that keeps light areas light and dark ones dark. A maximum cut
 * into as many parts as there are tones, by local search from the colours' lightness; areas of a
 * colour have one tone unless that would hide an edge.
 */
public final class OneColour {

    private static final int SWEEPS = 60;

    /** An edge that vanishes weighs as much as a tone that is quite wrong on so many mm2 a mm. */
    private static final double EDGE = 400;

    private static final Tone[] TONES = Tone.values();
    private static final List<Tone> OPEN = List.of(Tone.BARE, Tone.LIGHT, Tone.MIDDLE, Tone.DARK);

    private final ColourGraph graph;
    private final int[] colourOf;
    private final Map<Integer, Tone> byHand;
    private final List<Tone> tones;
    private final List<List<ColourGraph.Edge>> around;
    private final double darkest;

    private OneColour(
            ColourGraph graph, int[] colourOf, List<Tone> tones, Map<Integer, Tone> byHand) {
        this.graph = graph;
        this.colourOf = colourOf;
        this.tones = tones;
        this.byHand = byHand;
        this.around = graph.around();
        this.darkest = graph.colours().stream().mapToDouble(one -> one.l()).min().orElse(0);
    }

    /**
     * The tones.
     *
     * @param graph of single areas
     * @param colourOf a number for each area; areas with the same one need not differ
     * @param lines whether black lines lie between areas: solid ink would swallow them, so no area
     *     gets it but by hand
     * @param byHand tones that are wanted, by area
     * @return a tone for each area
     */
    public static List<Tone> of(
            ColourGraph graph, int[] colourOf, boolean lines, Map<Integer, Tone> byHand) {
        List<Tone> allowed = lines ? OPEN : List.of(TONES);
        OneColour search = new OneColour(graph, colourOf.clone(), allowed, Map.copyOf(byHand));
        Tone[] found = new Tone[graph.size()];
        search.start(found);
        search.together(found);
        search.apart(found);
        return List.of(found);
    }

    /** How much of the edges between colours that differed still differs, 0 to 1; 1 if none did. */
    public static double kept(ColourGraph graph, int[] colourOf, List<Tone> tones) {
        double all = 0;
        double kept = 0;
        for (ColourGraph.Edge edge : graph.edges()) {
            if (colourOf[edge.a()] != colourOf[edge.b()]) {
                all += edge.lengthMm();
                kept += tones.get(edge.a()) != tones.get(edge.b()) ? edge.lengthMm() : 0;
            }
        }
        return all == 0 ? 1 : kept / all;
    }

    private void start(Tone[] found) {
        for (int i = 0; i < found.length; i++) {
            int at = i;
            Tone own = byHand.get(i);
            found[i] =
                    own != null
                            ? own
                            : tones.stream()
                                    .min((a, b) -> Double.compare(wrong(at, a), wrong(at, b)))
                                    .orElseThrow();
        }
    }

    /** How wrong a tone is for an area: the square of how far its darkness is off. */
    private double wrong(int area, Tone tone) {
        double dark = (100 - graph.colours().get(area).l()) / Math.max(1, 100 - darkest);
        double off = dark - tone.percent() / tones.get(tones.size() - 1).percent();
        return off * off;
    }

    /** Whole colours change their tone while that helps. */
    private void together(Tone[] found) {
        int[] colours = Arrays.stream(colourOf).distinct().toArray();
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            boolean better = false;
            for (int colour : colours) {
                int[] areas =
                        IntStream.range(0, found.length)
                                .filter(i -> colourOf[i] == colour && !byHand.containsKey(i))
                                .toArray();
                better |= change(areas, found);
            }
            if (!better) {
                return;
            }
        }
    }

    /** Single areas change theirs, and neighbours that stand in the way with them. */
    private void apart(Tone[] found) {
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            boolean better = false;
            for (int i = 0; i < found.length; i++) {
                if (hidden(i, found) > 0) {
                    better |= !byHand.containsKey(i) && change(new int[] {i}, found);
                    better |= hidden(i, found) > 0 && chain(i, found);
                }
            }
            if (!better) {
                return;
            }
        }
    }

    private boolean change(int[] areas, Tone[] found) {
        if (areas.length == 0) {
            return false;
        }
        Tone now = found[areas[0]];
        Tone best = now;
        double least = cost(areas, found);
        for (Tone tone : tones) {
            set(areas, tone, found);
            double cost = cost(areas, found);
            if (cost < least - 1e-9) {
                least = cost;
                best = tone;
            }
        }
        set(areas, best, found);
        return best != now;
    }

    /** Two areas change at once (a chain of Kempe's of two). */
    private boolean chain(int area, Tone[] found) {
        for (ColourGraph.Edge edge : around.get(area)) {
            int other = edge.a() == area ? edge.b() : edge.a();
            if (byHand.containsKey(other)) {
                continue;
            }
            int[] both = byHand.containsKey(area) ? new int[] {other} : new int[] {area, other};
            Tone[] was = IntStream.of(both).mapToObj(i -> found[i]).toArray(Tone[]::new);
            double before = cost(both, found);
            for (Tone first : tones) {
                for (Tone second : tones) {
                    found[both[0]] = first;
                    found[both[both.length - 1]] = second;
                    if (cost(both, found) < before - 1e-9) {
                        return true;
                    }
                }
            }
            for (int k = 0; k < both.length; k++) {
                found[both[k]] = was[k];
            }
        }
        return false;
    }

    private static void set(int[] areas, Tone tone, Tone[] tones) {
        for (int i : areas) {
            tones[i] = tone;
        }
    }

    private double cost(int[] areas, Tone[] tones) {
        double cost = 0;
        for (int i : areas) {
            cost += EDGE * hidden(i, tones) + wrong(i, tones[i]) * graph.squareMm().get(i);
        }
        return cost;
    }

    /** Along how much an area meets neighbours that differed and no longer do, mm. */
    private double hidden(int area, Tone[] tones) {
        double hidden = 0;
        for (ColourGraph.Edge edge : around.get(area)) {
            int other = edge.a() == area ? edge.b() : edge.a();
            if (colourOf[other] != colourOf[area] && tones[other] == tones[area]) {
                hidden += edge.lengthMm();
            }
        }
        return hidden;
    }

    /** What a click makes of a tone: the next darker one, and from solid ink to bare. */
    public static Tone next(Tone tone) {
        return TONES[(tone.ordinal() + 1) % TONES.length];
    }
}
