package neattrace.print;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neattrace.press.PressProfile;
import org.locationtech.jts.geom.Geometry;

/**
 * A page or a sheet with art on it, once or many times.
 *
 * @param title of the page
 * @param widthMm of the page
 * @param heightMm of the page
 * @param trimMm how much is cropped from every side in the end
 * @param placements what lies on it, lowest first
 */
public record PrintPage(
        String title, double widthMm, double heightMm, double trimMm, List<Placement> placements) {

    public PrintPage {
        placements = List.copyOf(placements);
    }

    /** The art alone on a page of its own size. */
    public static PrintPage of(PrintPlan art) {
        return new PrintPage(
                art.title(),
                art.widthMm(),
                art.heightMm(),
                art.trimMm(),
                List.of(Placement.whole(art)));
    }

    /**
     * The page as one plan: layers of a name and a colour become one, flats lie beneath all lines,
     * inks of their own that share a name are one ink, and look as the lowest of them. Time grows
     * with the points of all that is placed.
     *
     * @param press how colorants look
     */
    public PrintPlan plan(PressProfile press) {
        List<PrintLayer> layers = new ArrayList<>();
        PageSpots spots = new PageSpots();
        for (Placement placement : placements) {
            for (PrintLayer layer : placement.art().layers()) {
                lay(placed(spots.of(layer), placement.placing()), layers);
            }
        }
        layers.sort(Comparator.comparingInt(layer -> layer.kind().rank()));
        return new PrintPlan(title, widthMm, heightMm, trimMm, layers, press);
    }

    /**
     * A plan laid on another page by any similarity, mirrors included.
     *
     * @param map from the plan's places to the page's, mm
     */
    public static PrintPlan mapped(
            PrintPlan art,
            AffineTransform map,
            double widthMm,
            double heightMm,
            PressProfile press) {
        return new PrintPlan(
                art.title(),
                widthMm,
                heightMm,
                0,
                art.layers().stream().map(layer -> placed(layer, map)).toList(),
                press);
    }

    private static void lay(PrintLayer layer, List<PrintLayer> layers) {
        Optional<PrintLayer> same = layers.stream().filter(layer::isSameAs).findFirst();
        if (same.isEmpty()) {
            layers.add(layer);
            return;
        }
        List<PrintObject> objects = new ArrayList<>(same.get().objects());
        objects.addAll(layer.objects());
        List<Geometry> areas = new ArrayList<>(same.get().areas());
        areas.addAll(layer.areas());
        layers.set(layers.indexOf(same.get()), layer.with(objects, areas));
    }

    private static PrintLayer placed(PrintLayer layer, AffineTransform placing) {
        if (placing.isIdentity()) {
            return layer;
        }
        return layer.with(
                layer.objects().stream().map(object -> object.placed(placing)).toList(),
                layer.areas().stream()
                        .map(area -> new PrintShape.Filled(area).placed(placing).polygons())
                        .toList());
    }
}
