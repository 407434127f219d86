package neattrace.print.ready;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.SharedEdges;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.separate.ColourGraph;
import neattrace.press.separate.OneColour;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.separate.Tone;
import neattrace.print.Artwork;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Art in one ink.
 *
 * @param art its areas in tones of black, lines solid
 * @param keptShare how much of the edges between colours that differed still differs, 0 to 1
 * @param areas what became of each area
 */
public record OneColourArt(Artwork art, double keptShare, List<ToneArea> areas) {

    /**
     * An area and its tone.
     *
     * @param shape mm on the drawing's page
     */
    public record ToneArea(MultiPolygon shape, Tone tone) {

        /** Whether a place lies in it. */
        boolean holds(Point at) {
            return shape.isWithinDistance(
                    FACTORY.createPoint(new Coordinate(at.x(), at.y())), NEAR_MM);
        }
    }

    public OneColourArt {
        areas = List.copyOf(areas);
    }

    /** A recipe in which the area at a place on the page, mm, is the next darker tone. */
    OneColourRecipe darker(OneColourRecipe recipe, Point at) {
        Optional<ToneArea> area = areas.stream().filter(one -> one.holds(at)).findFirst();
        if (area.isEmpty()) {
            return recipe;
        }
        List<OneColourRecipe.Toned> byHand = new ArrayList<>(recipe.byHand());
        byHand.removeIf(one -> area.get().holds(one.at()));
        byHand.add(new OneColourRecipe.Toned(at, OneColour.next(area.get().tone())));
        return recipe.withByHand(byHand);
    }

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Hatching has so many lines to a mm on the finished thing. */
    private static final double PITCH_MM = 0.9;

    private static final Lab PAPER = new Lab(100, 0, 0);

    /** Colours that differ from paper by less are as bare as it is (CIEDE2000). */
    private static final double LIKE_PAPER = 8;

    /** A place this near to an area means it, mm. */
    private static final double NEAR_MM = 0.05;

    /**
     * Art in one ink.
     *
     * @param factor how many times as large the art comes out, for the pitch of hatching
     */
    static OneColourArt of(Artwork art, OneColourRecipe recipe, double factor) {
        List<MultiPolygon> pieces = new ArrayList<>();
        List<Integer> colours = new ArrayList<>();
        List<Lab> looks = new ArrayList<>();
        List<Lab> known =
                SwatchGraph.looks(art, art.layers().stream().map(FlatLayer::swatch).toList());
        for (int k = 0; k < art.layers().size(); k++) {
            for (MultiPolygon piece : art.layers().get(k).pieces()) {
                pieces.add(piece);
                colours.add(art.layers().get(k).swatch().id());
                looks.add(known.get(k));
            }
        }
        // Paper is an area, too, and stays bare.
        int paper = pieces.size();
        SharedEdges shared = SharedEdges.of(pieces);
        List<ColourGraph.Edge> edges = new ArrayList<>();
        shared.meetings()
                .forEach(one -> edges.add(new ColourGraph.Edge(one.a(), one.b(), one.lengthMm())));
        double[] open = shared.open();
        for (int i = 0; i < paper; i++) {
            if (open[i] > 0 && DeltaE2000.between(looks.get(i), PAPER) > LIKE_PAPER) {
                edges.add(new ColourGraph.Edge(i, paper, open[i]));
            }
        }
        looks.add(PAPER);
        colours.add(Integer.MIN_VALUE);
        List<Double> areas = new ArrayList<>(pieces.stream().map(Geometry::getArea).toList());
        areas.add(0.0);
        ColourGraph graph = new ColourGraph(looks, areas, edges);
        int[] colourOf = colours.stream().mapToInt(Integer::intValue).toArray();
        Map<Integer, Tone> byHand = byHand(pieces, recipe);
        byHand.put(paper, Tone.BARE);
        List<Tone> tones = OneColour.of(graph, colourOf, !art.lines().isEmpty(), byHand);
        Map<Tone, List<MultiPolygon>> toned = new EnumMap<>(Tone.class);
        for (int i = 0; i < pieces.size(); i++) {
            toned.computeIfAbsent(tones.get(i), tone -> new ArrayList<>()).add(pieces.get(i));
        }
        List<FlatLayer> layers = new ArrayList<>();
        toned.forEach(
                (tone, own) -> {
                    if (tone != Tone.BARE) {
                        layers.add(layer(tone, own, recipe.style(), PITCH_MM / factor));
                    }
                });
        List<Outline> lines = new ArrayList<>(art.lines());
        art.colouredLines().forEach(layer -> lines.addAll(layer.shapes()));
        return new OneColourArt(
                art.inInk(layers, lines, BlackRule.K_ONLY),
                OneColour.kept(graph, colourOf, tones),
                IntStream.range(0, paper)
                        .mapToObj(i -> new ToneArea(pieces.get(i), tones.get(i)))
                        .toList());
    }

    private static Map<Integer, Tone> byHand(List<MultiPolygon> pieces, OneColourRecipe recipe) {
        Map<Integer, Tone> byHand = new HashMap<>();
        for (OneColourRecipe.Toned one : recipe.byHand()) {
            for (int i = 0; i < pieces.size(); i++) {
                if (new ToneArea(pieces.get(i), one.tone()).holds(one.at())) {
                    byHand.put(i, one.tone());
                    break;
                }
            }
        }
        return byHand;
    }

    private static FlatLayer layer(
            Tone tone, List<MultiPolygon> pieces, OneColourRecipe.Style style, double pitchMm) {
        boolean hatched = style == OneColourRecipe.Style.HATCHING && tone != Tone.INK;
        List<MultiPolygon> shapes =
                hatched
                        ? pieces.parallelStream().map(one -> hatched(one, tone, pitchMm)).toList()
                        : pieces;
        String name = tone == Tone.INK ? "Solid" : hatched ? "Hatching" : "Tint";
        String label = tone == Tone.INK ? name : name + " " + Math.round(tone.percent()) + " %";
        Cmyk build = new Cmyk(0, 0, 0, hatched ? 100 : tone.percent());
        Geometry all = OverlayNGRobust.union(List.copyOf(shapes));
        return new FlatLayer(new Swatch(1 + tone.ordinal(), label, build), all, shapes);
    }

    /** Lines of solid ink at 45 degrees that cover as much of a shape as its tone says. */
    private static MultiPolygon hatched(MultiPolygon shape, Tone tone, double pitchMm) {
        Envelope box = shape.getEnvelopeInternal();
        AffineTransformation turn = AffineTransformation.rotationInstance(Math.PI / 4);
        double reach = box.getDiameter();
        Coordinate middle = box.centre();
        Coordinate turned = new Coordinate();
        AffineTransformation.rotationInstance(-Math.PI / 4).transform(middle, turned);
        double half = pitchMm * tone.percent() / 200;
        List<Polygon> lines = new ArrayList<>();
        long first = (long) Math.floor((turned.y - reach / 2) / pitchMm);
        long last = (long) Math.ceil((turned.y + reach / 2) / pitchMm);
        for (long k = first; k <= last; k++) {
            Envelope line =
                    new Envelope(
                            turned.x - reach,
                            turned.x + reach,
                            k * pitchMm - half,
                            k * pitchMm + half);
            lines.add((Polygon) turn.transform(FACTORY.toGeometry(line)));
        }
        Geometry cut =
                OverlayNGRobust.overlay(
                        FACTORY.createMultiPolygon(lines.toArray(Polygon[]::new)),
                        shape,
                        OverlayNG.INTERSECTION);
        List<Polygon> all = new ArrayList<>();
        for (int i = 0; i < cut.getNumGeometries(); i++) {
            if (cut.getGeometryN(i) instanceof Polygon one && !one.isEmpty()) {
                all.add(one);
            }
        }
        return FACTORY.createMultiPolygon(all.toArray(Polygon[]::new));
    }
}
