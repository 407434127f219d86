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

    private final ColourGraph graph;
    private final int[] colourOf;
    private final Map<Integer, Tone> byHand;
    private final List<List<ColourGraph.Edge>> around;
    private final double darkest;
    private final double lightest;

    private OneColour(ColourGraph graph, int[] colourOf, Map<Integer, Tone> byHand) {
        this.graph = graph;
        this.colourOf = colourOf;
        this.byHand = byHand;
        this.around = graph.around();
        this.darkest = graph.colours().stream().mapToDouble(one -> one.l()).min().orElse(0);
        this.lightest = graph.colours().stream().mapToDouble(one -> one.l()).max().orElse(100);
    }

    /**
     * The tones.
     *
     * @param graph of single areas
     * @param colourOf a number for each area; areas with the same one need not differ
     * @param byHand tones that are wanted, by area
     * @return a tone for each area
     */
    public static List<Tone> of(ColourGraph graph, int[] colourOf, Map<Integer, Tone> byHand) {
        OneColour search = new OneColour(graph, colourOf.clone(), Map.copyOf(byHand));
        Tone[] tones = new Tone[graph.size()];
        search.start(tones);
        search.together(tones);
        search.apart(tones);
        return List.of(tones);
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

    private void start(Tone[] tones) {
        for (int i = 0; i < tones.length; i++) {
            int at = i;
            Tone own = byHand.get(i);
            tones[i] =
                    own != null
                            ? own
                            : Arrays.stream(TONES)
                                    .min((a, b) -> Double.compare(wrong(at, a), wrong(at, b)))
                                    .orElseThrow();
        }
    }

    /** How wrong a tone is for an area: the square of how far its darkness is off. */
    private double wrong(int area, Tone tone) {
        double span = Math.max(1, lightest - darkest);
        double dark = (lightest - graph.colours().get(area).l()) / span;
        double off = dark - tone.percent() / 100;
        return off * off;
    }

    /** Whole colours change their tone while that helps. */
    private void together(Tone[] tones) {
        int[] colours = Arrays.stream(colourOf).distinct().toArray();
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            boolean better = false;
            for (int colour : colours) {
                int[] areas =
                        IntStream.range(0, tones.length)
                                .filter(i -> colourOf[i] == colour && !byHand.containsKey(i))
                                .toArray();
                better |= change(areas, tones);
            }
            if (!better) {
                return;
            }
        }
    }

    /** Single areas change theirs, and neighbours that stand in the way with them. */
    private void apart(Tone[] tones) {
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            boolean better = false;
            for (int i = 0; i < tones.length; i++) {
                if (hidden(i, tones) > 0) {
                    better |= !byHand.containsKey(i) && change(new int[] {i}, tones);
                    better |= hidden(i, tones) > 0 && chain(i, tones);
                }
            }
            if (!better) {
                return;
            }
        }
    }

    private boolean change(int[] areas, Tone[] tones) {
        if (areas.length == 0) {
            return false;
        }
        Tone now = tones[areas[0]];
        Tone best = now;
        double least = cost(areas, tones);
        for (Tone tone : TONES) {
            set(areas, tone, tones);
            double cost = cost(areas, tones);
            if (cost < least - 1e-9) {
                least = cost;
                best = tone;
            }
        }
        set(areas, best, tones);
        return best != now;
    }

    /** Two areas change at once (a chain of Kempe's of two). */
    private boolean chain(int area, Tone[] tones) {
        for (ColourGraph.Edge edge : around.get(area)) {
            int other = edge.a() == area ? edge.b() : edge.a();
            if (byHand.containsKey(other)) {
                continue;
            }
            int[] both = byHand.containsKey(area) ? new int[] {other} : new int[] {area, other};
            Tone[] was = IntStream.of(both).mapToObj(i -> tones[i]).toArray(Tone[]::new);
            double before = cost(both, tones);
            for (Tone first : TONES) {
                for (Tone second : TONES) {
                    tones[both[0]] = first;
                    tones[both[both.length - 1]] = second;
                    if (cost(both, tones) < before - 1e-9) {
                        return true;
                    }
                }
            }
            for (int k = 0; k < both.length; k++) {
                tones[both[k]] = was[k];
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
