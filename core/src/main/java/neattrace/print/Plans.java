package neattrace.print;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.flat.FlatRecipe;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.NamedShape;
import neattrace.flat.layer.ObjectShapes;
import neattrace.geom.Outline;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.print.PrintLayer.Kind;
import neattrace.raster.InkMap;
import neattrace.raster.Resolution;
import neattrace.trace.centre.StrokeArt;
import org.locationtech.jts.geom.Geometry;

/** Plans of art. From below: flats, lines in swatches, what deepens the black, black lines. */
public final class Plans {

    /** Black ink on screen and in files for screens. */
    public static final Rgb SCREEN_BLACK = new Rgb(0, 0, 0);

    /** What a machine cuts along, as plotters' files call it. */
    public static final String OUTLINES = "OUTLINES";

    /** What a pen runs along. */
    public static final String STROKES = "STROKES";

    /** What a pen would have to fill. */
    public static final String SOLIDS = "SOLID_BLACKS";

    private Plans() {}

    /** Art as shapes: what most files are made of. */
    public static PrintPlan of(Artwork art) {
        List<PrintLayer> layers = flats(art);
        SwatchInks inks = inks(art);
        boolean black = !art.lines().isEmpty() || art.colouredLines().isEmpty();
        for (LineLayer lines : art.colouredLines()) {
            Swatch swatch = lines.swatch();
            layers.add(
                    lines(
                            "Lines " + name(art, swatch),
                            screen(art, swatch),
                            inks.words(swatch),
                            inks.tints(swatch),
                            false,
                            lines.shapes()));
        }
        if (black && art.black() == BlackRule.RICH) {
            layers.add(underBlack(art));
        }
        if (black) {
            layers.add(
                    lines(
                            "Lines " + SCREEN_BLACK.hex(),
                            SCREEN_BLACK,
                            art.black().build().toString(),
                            Tints.of(art.black().over()),
                            true,
                            art.lines()));
        }
        return plan(art, layers);
    }

    /** The same for pixels, which are of one piece whatever files of shapes are made of. */
    public static PrintPlan forPixels(Artwork art) {
        return of(art.withPieces(FlatRecipe.Pieces.UNITED));
    }

    /** The same with lines as strokes along their middles. */
    public static PrintPlan strokes(Artwork art, StrokeArt strokes) {
        List<PrintLayer> layers = flats(art);
        List<Integer> swatches = new ArrayList<>(strokes.swatches());
        if (swatches.isEmpty()) {
            swatches.add(0);
        }
        // Black lies over lines in colours, as everywhere.
        Collections.reverse(swatches);
        for (int id : swatches) {
            strokes(art, strokes, id, layers);
        }
        return plan(art, layers);
    }

    /** Outlines for a machine that cuts along them; no flats, no colours. */
    public static PrintPlan cut(List<Outline> outlines, double widthMm, double heightMm) {
        return technical(
                widthMm,
                heightMm,
                List.of(technical(OUTLINES, shapes(outlines, Tints.full(Colorant.CUT)))));
    }

    /**
     * Strokes for a machine that runs along them with a pen or a blade: a layer for each colour,
     * one pen after another, each in the order in which it travels little while it is lifted.
     */
    public static PrintPlan cut(Artwork art, StrokeArt strokes) {
        Tints cut = Tints.full(Colorant.CUT);
        List<PrintLayer> layers = new ArrayList<>();
        for (int id : strokes.swatches()) {
            Optional<Swatch> swatch = swatch(art, id);
            String ending = swatch.map(one -> " " + one.name()).orElse("");
            Rgb screen = swatch.map(one -> screen(art, one)).orElse(SCREEN_BLACK);
            List<PrintObject> paths =
                    drawn(strokes, id).stream().map(one -> PrintObject.of(one, cut)).toList();
            if (!paths.isEmpty()) {
                layers.add(technical(STROKES + ending, paths).withScreen(screen));
            }
            if (!strokes.solids().isEmpty() && strokes.solidSwatch() == id) {
                layers.add(
                        technical(SOLIDS + ending, shapes(strokes.solids(), cut))
                                .withScreen(screen));
            }
        }
        return technical(art.widthMm(), art.heightMm(), layers);
    }

    private static Optional<Swatch> swatch(Artwork art, int id) {
        return art.colouredLines().stream()
                .map(LineLayer::swatch)
                .filter(one -> one.id() == id)
                .findFirst();
    }

    /** The strokes of a swatch in the order in which a pen draws them. */
    private static List<PrintShape.Stroked> drawn(StrokeArt strokes, int id) {
        List<PrintShape.Stroked> drawn = new ArrayList<>();
        for (StrokeArt.OpenStroke one : strokes.open()) {
            if (one.swatch() == id) {
                drawn.add(new PrintShape.Stroked(one.path(), false, one.widthMm(), one.widthsMm()));
            }
        }
        for (StrokeArt.ClosedStroke one : strokes.closed()) {
            if (one.swatch() == id) {
                drawn.add(new PrintShape.Stroked(one.path(), true, one.widthMm(), one.widthsMm()));
            }
        }
        return PenOrder.of(drawn);
    }

    /** A sheet's ink as pixels in black, for film and plate. */
    public static PrintPlan oneBit(InkMap ink, double ppi) {
        double mmPerPx = Resolution.MM_PER_INCH / ppi;
        PrintObject bitmap =
                PrintObject.of(new PrintShape.Bitmap(ink, ppi), Tints.of(BlackRule.K_ONLY.over()));
        PrintLayer layer =
                new PrintLayer(
                        "Lines " + SCREEN_BLACK.hex(),
                        Kind.LINES,
                        SCREEN_BLACK,
                        BlackRule.K_ONLY.over().toString(),
                        List.of(bitmap),
                        List.of());
        return technical(ink.width() * mmPerPx, ink.height() * mmPerPx, List.of(layer));
    }

    private static PrintPlan plan(Artwork art, List<PrintLayer> layers) {
        return new PrintPlan(
                art.title(), art.widthMm(), art.heightMm(), art.trimMm(), layers, art.press());
    }

    private static PrintPlan technical(double widthMm, double heightMm, List<PrintLayer> layers) {
        return new PrintPlan("", widthMm, heightMm, 0, layers, PressProfile.bundled());
    }

    private static PrintLayer technical(String name, List<PrintObject> objects) {
        return new PrintLayer(name, Kind.TECHNICAL, SCREEN_BLACK, "", objects, List.of());
    }

    private static List<PrintLayer> flats(Artwork art) {
        List<PrintLayer> layers = new ArrayList<>();
        SwatchInks inks = inks(art);
        for (FlatLayer layer : art.layers()) {
            Tints tints = inks.tints(layer.swatch());
            List<PrintObject> objects =
                    shapes(art, layer).stream()
                            .map(
                                    shape ->
                                            new PrintObject(
                                                    shape.name(),
                                                    new PrintShape.Filled(shape.shape()),
                                                    tints,
                                                    false,
                                                    art.spreadMm()))
                            .toList();
            layers.add(
                    new PrintLayer(
                            name(art, layer.swatch()),
                            Kind.FLAT,
                            screen(art, layer.swatch()),
                            inks.words(layer.swatch()),
                            objects,
                            List.copyOf(layer.pieces())));
        }
        return layers;
    }

    /** The shapes of a layer: one, one for each area, or one for each object. */
    private static List<NamedShape> shapes(Artwork art, FlatLayer layer) {
        FlatRecipe.Pieces pieces = art.pieces();
        return switch (pieces) {
            case UNITED -> List.of(new NamedShape("", layer.shape()));
            case BY_AREA ->
                    layer.pieces().stream().map(piece -> new NamedShape("", piece)).toList();
            case BY_OBJECT -> ObjectShapes.of(layer, art.groups());
        };
    }

    /** A swatch's layer: its name and its colour on screen. */
    private static String name(Artwork art, Swatch swatch) {
        return swatch.name() + " " + screen(art, swatch).hex();
    }

    private static SwatchInks inks(Artwork art) {
        return SwatchInks.of(
                Stream.concat(
                                art.layers().stream().map(FlatLayer::swatch),
                                art.colouredLines().stream().map(LineLayer::swatch))
                        .toList());
    }

    private static Rgb screen(Artwork art, Swatch swatch) {
        // An ink of its own may be shown in a colour of its own: some shine as no screen does.
        return swatch.spot()
                .map(ink -> swatch.wish().orElseGet(ink::toScreen))
                .orElseGet(() -> art.press().preview(swatch.build()));
    }

    private static PrintLayer underBlack(Artwork art) {
        Cmyk under = art.black().underlay();
        return new PrintLayer(
                "Under the black " + under,
                Kind.UNDER_BLACK,
                art.press().preview(under),
                under.toString(),
                shapes(art.lines(), Tints.of(under)),
                List.of());
    }

    private static PrintLayer lines(
            String name,
            Rgb screen,
            String altogether,
            Tints tints,
            boolean overprint,
            List<Outline> outlines) {
        return new PrintLayer(
                name,
                Kind.LINES,
                screen,
                altogether,
                outlines.stream()
                        .map(
                                outline ->
                                        new PrintObject(
                                                "",
                                                new PrintShape.Curved(outline),
                                                tints,
                                                overprint,
                                                0))
                        .toList(),
                List.of());
    }

    private static List<PrintObject> shapes(List<Outline> outlines, Tints tints) {
        return outlines.stream()
                .map(outline -> PrintObject.of(new PrintShape.Curved(outline), tints))
                .toList();
    }

    private static void strokes(Artwork art, StrokeArt strokes, int id, List<PrintLayer> layers) {
        Optional<Swatch> swatch = swatch(art, id);
        Rgb screen = swatch.map(one -> screen(art, one)).orElse(SCREEN_BLACK);
        SwatchInks known = inks(art);
        Tints tints = swatch.map(known::tints).orElse(Tints.of(art.black().build()));
        String ending = swatch.map(one -> " " + name(art, one)).orElse("");
        String inks = swatch.map(known::words).orElse(art.black().build().toString());
        List<PrintObject> objects = new ArrayList<>();
        List<PrintObject> outlines = new ArrayList<>();
        for (PrintShape.Stroked stroke : drawn(strokes, id)) {
            objects.add(PrintObject.of(stroke, tints));
            if (!stroke.widthsMm().isEmpty()) {
                Geometry wide = StrokeWidths.outline(stroke);
                outlines.add(PrintObject.of(new PrintShape.Filled(wide), tints));
            }
        }
        if (!outlines.isEmpty()) {
            // Beside the strokes and beneath them, for whoever wants lines as wide as drawn.
            layers.add(
                    new PrintLayer(
                            "Stroke widths" + ending,
                            Kind.GUIDE,
                            screen,
                            inks,
                            outlines,
                            List.of()));
        }
        layers.add(
                new PrintLayer("Strokes" + ending, Kind.STROKES, screen, inks, objects, List.of()));
        if (!strokes.solids().isEmpty() && strokes.solidSwatch() == id) {
            layers.add(
                    new PrintLayer(
                            (swatch.isPresent() ? "Solids" : "Solid blacks") + ending,
                            Kind.LINES,
                            screen,
                            inks,
                            shapes(strokes.solids(), tints),
                            List.of()));
        }
    }
}
