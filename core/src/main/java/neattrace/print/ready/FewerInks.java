package neattrace.print.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.separate.ColourGraph;
import neattrace.press.separate.InkMerger;
import neattrace.press.separate.Merging;

/**
 * Fewer inks for a drawing.
 *
 * @param swatches all that are used
 * @param looks what each looks like on the job's press
 * @param merging which are printed in another one's ink
 */
public record FewerInks(List<Swatch> swatches, List<Lab> looks, Merging merging) {

    /**
     * One swatch printed in another one's ink.
     *
     * @param from the swatch
     * @param into the other
     * @param difference between them, CIEDE2000
     */
    public record Merge(Swatch from, Swatch into, double difference) {}

    public FewerInks {
        swatches = List.copyOf(swatches);
        looks = List.copyOf(looks);
    }

    /**
     * The best way to so many inks.
     *
     * @param inks how many screens there are, black lines included
     */
    public static FewerInks of(PressArt art, int inks) {
        return ofColours(art, inks - (art.art().lines().isEmpty() ? 0 : 1));
    }

    /**
     * The best way to so many inks besides those of black lines.
     *
     * @param inks at least one is left
     */
    public static FewerInks ofColours(PressArt art, int inks) {
        SwatchGraph known = graph(art);
        return new FewerInks(
                known.swatches(),
                known.graph().colours(),
                InkMerger.of(known.graph(), Set.of(), Math.max(1, inks)));
    }

    /** Every single merge, those that harm least first. */
    public static List<FewerInks> ranked(PressArt art) {
        SwatchGraph known = graph(art);
        return InkMerger.ranked(known.graph(), Set.of()).stream()
                .map(one -> new FewerInks(known.swatches(), known.graph().colours(), one))
                .toList();
    }

    /** Swatches that the job merged already count as one; cloth is none. */
    private static SwatchGraph graph(PressArt art) {
        PressSection press = art.press();
        SwatchGraph all = SwatchGraph.of(art.inInks());
        List<Swatch> kept = new ArrayList<>();
        List<Integer> numberOf = new ArrayList<>();
        List<Double> areas = new ArrayList<>();
        List<Double> open = new ArrayList<>();
        List<Lab> seen = new ArrayList<>();
        Map<Integer, Integer> byInk = new TreeMap<>();
        for (int i = 0; i < all.swatches().size(); i++) {
            Swatch swatch = all.swatches().get(i);
            if (press.cloth().contains(swatch.id())) {
                numberOf.add(-1);
                continue;
            }
            int ink = PressPalette.ink(swatch.id(), press.merged());
            Integer number = byInk.get(ink);
            if (number == null) {
                number = kept.size();
                byInk.put(ink, number);
                kept.add(art.swatch(ink).orElse(swatch));
                areas.add(0.0);
                open.add(0.0);
                seen.add(all.graph().colours().get(i));
            }
            numberOf.add(number);
            areas.set(number, areas.get(number) + all.graph().squareMm().get(i));
            open.set(number, open.get(number) + all.graph().openMm().get(i));
        }
        List<ColourGraph.Edge> edges = new ArrayList<>();
        for (ColourGraph.Edge edge : all.graph().edges()) {
            int a = numberOf.get(edge.a());
            int b = numberOf.get(edge.b());
            if (a >= 0 && b >= 0 && a != b) {
                edges.add(new ColourGraph.Edge(a, b, edge.lengthMm()));
            }
        }
        return new SwatchGraph(kept, new ColourGraph(seen, areas, open, edges));
    }

    /** What is merged. */
    public List<Merge> merges() {
        List<Merge> merges = new ArrayList<>();
        for (int i = 0; i < swatches.size(); i++) {
            int into = merging.into().get(i);
            if (into != i) {
                merges.add(
                        new Merge(
                                swatches.get(i),
                                swatches.get(into),
                                DeltaE2000.between(looks.get(i), looks.get(into))));
            }
        }
        return merges;
    }

    /** The job with these merges besides those it has. */
    public Job in(Job job) {
        return job.withPress(in(job.press()));
    }

    /** What is decided about printing, with these merges besides those it has. */
    public PressSection in(PressSection press) {
        Map<Integer, Integer> all = new TreeMap<>(press.merged());
        merges().forEach(one -> all.put(one.from().id(), one.into().id()));
        return press.withMerged(all);
    }
}
