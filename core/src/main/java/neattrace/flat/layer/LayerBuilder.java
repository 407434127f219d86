package neattrace.flat.layer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Attaches fills to areas and unites the areas of each swatch. */
public final class LayerBuilder {

    private LayerBuilder() {}

    /**
     * Which swatch each area has.
     *
     * @param map the areas, source px
     * @param fills the decisions, oldest first; of several in one area the last one counts
     * @param pxPerMm resolution
     * @return swatch ids by area label, and the fills that found no area of their own
     */
    public static Attachment attach(AreaMap map, List<Fill> fills, double pxPerMm) {
        Map<Integer, Integer> swatchOf = new TreeMap<>();
        Map<Integer, Fill> fillOf = new HashMap<>();
        List<Fill> lost = new ArrayList<>();
        for (Fill fill : fills) {
            Optional<Area> area = map.at(fill.anchor().times(pxPerMm));
            if (area.isEmpty()) {
                lost.add(fill);
                continue;
            }
            Fill earlier = fillOf.put(area.get().label(), fill);
            if (earlier != null && earlier.swatch() != fill.swatch()) {
                lost.add(earlier);
            }
            swatchOf.put(area.get().label(), fill.swatch());
        }
        return new Attachment(swatchOf, lost);
    }

    /**
     * What each swatch covers.
     *
     * @param outlines the areas' outlines in mm, by label
     */
    public static Map<Integer, List<MultiPolygon>> pieces(
            List<MultiPolygon> outlines, Attachment attachment) {
        Map<Integer, List<MultiPolygon>> pieces = new TreeMap<>();
        new TreeMap<>(attachment.swatchOf())
                .forEach(
                        (label, swatch) ->
                                pieces.computeIfAbsent(swatch, id -> new ArrayList<>())
                                        .add(outlines.get(label)));
        return pieces;
    }

    /**
     * The layers, in the palette's order; swatches that cover nothing have none.
     *
     * @param pieces what each swatch covers, mm
     * @param asOutlined the same before forms were laid on it; where it still is the same, pieces
     *     share their edges and are united along these
     * @param before layers built earlier, whose shapes are taken over where the pieces are the same
     */
    public static List<FlatLayer> build(
            Map<Integer, List<MultiPolygon>> pieces,
            Map<Integer, List<MultiPolygon>> asOutlined,
            List<Swatch> palette,
            List<FlatLayer> before) {
        List<FlatLayer> layers = new ArrayList<>();
        for (Swatch swatch : palette) {
            List<MultiPolygon> areas = pieces.getOrDefault(swatch.id(), List.of());
            if (!areas.isEmpty()) {
                boolean outlined = isSame(areas, asOutlined.getOrDefault(swatch.id(), List.of()));
                layers.add(layer(swatch, areas, outlined, before));
            }
        }
        return layers;
    }

    private static FlatLayer layer(
            Swatch swatch, List<MultiPolygon> areas, boolean outlined, List<FlatLayer> before) {
        for (FlatLayer old : before) {
            if (isSame(old.pieces(), areas)) {
                return old.swatch().equals(swatch)
                        ? old
                        : new FlatLayer(swatch, old.shape(), old.pieces());
            }
        }
        Geometry united =
                outlined
                        ? CoverageUnion.union(areas.toArray(Geometry[]::new))
                        : OverlayNGRobust.union(List.copyOf(areas));
        return new FlatLayer(swatch, united, areas);
    }

    /** The very same outlines: comparing their points would take as long as uniting them. */
    private static boolean isSame(List<MultiPolygon> old, List<MultiPolygon> now) {
        if (old.size() != now.size()) {
            return false;
        }
        for (int i = 0; i < old.size(); i++) {
            if (old.get(i) != now.get(i)) {
                return false;
            }
        }
        return true;
    }
}
