package neattrace.print.ready;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.SharedEdges;
import neattrace.press.InkLook;
import neattrace.press.Lab;
import neattrace.press.separate.ColourGraph;
import neattrace.print.Artwork;
import neattrace.print.SwatchInks;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * The swatches of art that are used, and along how much they meet.
 *
 * @param swatches each once, by its number in the graph
 * @param graph areas of flats alone; lines lie over them
 */
public record SwatchGraph(List<Swatch> swatches, ColourGraph graph) {

    public SwatchGraph {
        swatches = List.copyOf(swatches);
    }

    /** The swatches of art. */
    public static SwatchGraph of(Artwork art) {
        List<Swatch> swatches = new ArrayList<>();
        List<Double> areas = new ArrayList<>();
        List<MultiPolygon> pieces = new ArrayList<>();
        List<Integer> swatchOf = new ArrayList<>();
        for (FlatLayer layer : art.layers()) {
            int number = number(layer.swatch(), swatches, areas);
            areas.set(number, areas.get(number) + layer.shape().getArea());
            for (MultiPolygon piece : layer.pieces()) {
                pieces.add(piece);
                swatchOf.add(number);
            }
        }
        for (LineLayer lines : art.colouredLines()) {
            number(lines.swatch(), swatches, areas);
        }
        Map<Long, Double> lengths = new TreeMap<>();
        SharedEdges shared = SharedEdges.of(pieces);
        double[] bare = shared.open();
        Double[] open = new Double[swatches.size()];
        Arrays.fill(open, 0.0);
        for (int i = 0; i < bare.length; i++) {
            open[swatchOf.get(i)] += bare[i];
        }
        for (SharedEdges.Meeting one : shared.meetings()) {
            int a = Math.min(swatchOf.get(one.a()), swatchOf.get(one.b()));
            int b = Math.max(swatchOf.get(one.a()), swatchOf.get(one.b()));
            if (a != b) {
                lengths.merge((long) a << 32 | b, one.lengthMm(), Double::sum);
            }
        }
        List<ColourGraph.Edge> edges = new ArrayList<>();
        lengths.forEach(
                (key, length) ->
                        edges.add(new ColourGraph.Edge((int) (key >> 32), key.intValue(), length)));
        return new SwatchGraph(
                swatches, new ColourGraph(looks(art, swatches), areas, List.of(open), edges));
    }

    private static int number(Swatch swatch, List<Swatch> swatches, List<Double> areas) {
        for (int i = 0; i < swatches.size(); i++) {
            if (swatches.get(i).id() == swatch.id()) {
                return i;
            }
        }
        swatches.add(swatch);
        areas.add(0.0);
        return swatches.size() - 1;
    }

    static List<Lab> looks(Artwork art, List<Swatch> swatches) {
        InkLook look = new InkLook(art.press());
        SwatchInks inks = SwatchInks.of(swatches);
        return swatches.stream().map(one -> look.of(inks.tints(one))).toList();
    }
}
