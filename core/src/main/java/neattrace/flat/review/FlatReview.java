package neattrace.flat.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.Gap;
import neattrace.region.Join;
import neattrace.region.tree.Knife;

/** Looks through flats. Linear in areas, square in swatches. */
public final class FlatReview {

    /** Colours nearer than this are told apart only side by side (common practice, no source). */
    public static final double ALIKE = 3;

    /** Closed gaps wider than this that hold two colours apart are worth a look, mm. */
    private static final double WIDE_MM = 1;

    /** A colour is crowded if all its areas lie within this share of the drawing. */
    private static final double PART = 0.45;

    /** Fewer areas than these say nothing about how a colour is spread. */
    private static final int SPREAD_AREAS = 3;

    private final AreaMap map;
    private final Map<Integer, Integer> swatchOf;
    private final List<Swatch> palette;
    private final double mmPerPx;
    private final Map<Integer, List<Area>> areasOf = new TreeMap<>();

    private FlatReview(
            AreaMap map, Map<Integer, Integer> swatchOf, List<Swatch> palette, double mmPerPx) {
        this.map = map;
        this.swatchOf = swatchOf;
        this.palette = palette;
        this.mmPerPx = mmPerPx;
        for (Area area : map.areas()) {
            Integer swatch = swatchOf.get(area.label());
            if (swatch != null && swatch != Fill.PAPER) {
                areasOf.computeIfAbsent(swatch, id -> new ArrayList<>()).add(area);
            }
        }
    }

    /**
     * Looks through.
     *
     * @param map the areas
     * @param swatchOf which swatch each area has, by label
     * @param palette the swatches
     * @param mmPerPx of the sheet
     * @param press how builds look
     */
    public static List<FlatFinding> of(
            AreaMap map,
            Map<Integer, Integer> swatchOf,
            List<Swatch> palette,
            double mmPerPx,
            PressProfile press) {
        FlatReview review = new FlatReview(map, swatchOf, palette, mmPerPx);
        List<FlatFinding> findings = new ArrayList<>();
        findings.addAll(review.alike(press));
        findings.addAll(review.wideLeaks());
        findings.addAll(review.crowded());
        findings.addAll(review.usedOnce());
        return findings;
    }

    /**
     * Knife cuts that have one colour on both sides.
     *
     * @param cuts the cuts
     * @param knife of the sheet
     */
    public static List<FlatFinding> acrossCuts(
            AreaMap map,
            Map<Integer, Integer> swatchOf,
            List<Swatch> palette,
            double mmPerPx,
            List<Join> cuts,
            Knife knife) {
        List<FlatFinding> found = new ArrayList<>();
        for (Join cut : cuts) {
            List<Point> sides = knife.sides(cut);
            for (int i = 0; i + 1 < sides.size(); i += 2) {
                Point at = sides.get(i).times(1 / mmPerPx);
                var one = map.at(at);
                var two = map.at(sides.get(i + 1).times(1 / mmPerPx));
                if (one.isEmpty() || two.isEmpty() || one.equals(two)) {
                    continue;
                }
                Integer first = swatchOf.get(one.get().label());
                Integer second = swatchOf.get(two.get().label());
                if (first != null && first.equals(second) && first != Fill.PAPER) {
                    palette.stream()
                            .filter(swatch -> swatch.id() == first)
                            .forEach(
                                    swatch ->
                                            found.add(
                                                    new FlatFinding.SameAcrossCut(
                                                            cut, swatch, at)));
                    break;
                }
            }
        }
        return found;
    }

    private List<FlatFinding> alike(PressProfile press) {
        List<Swatch> used =
                palette.stream().filter(swatch -> areasOf.containsKey(swatch.id())).toList();
        List<Lab> looks = used.stream().map(swatch -> look(swatch, press)).toList();
        List<FlatFinding.Alike> found = new ArrayList<>();
        for (int i = 0; i < used.size(); i++) {
            for (int j = i + 1; j < used.size(); j++) {
                double difference = DeltaE2000.between(looks.get(i), looks.get(j));
                if (difference < ALIKE) {
                    boolean first = pixels(used.get(i)) >= pixels(used.get(j));
                    found.add(
                            new FlatFinding.Alike(
                                    used.get(first ? i : j), used.get(first ? j : i), difference));
                }
            }
        }
        found.sort(Comparator.comparingDouble(FlatFinding.Alike::difference));
        return List.copyOf(found);
    }

    /** How a swatch looks: a spot ink as it was measured, process inks by the profile. */
    public static Lab look(Swatch swatch, PressProfile press) {
        return swatch.spot().orElseGet(() -> press.preview(swatch.build()).toLab());
    }

    private long pixels(Swatch swatch) {
        return areasOf.get(swatch.id()).stream().mapToLong(Area::pixels).sum();
    }

    private List<FlatFinding> wideLeaks() {
        List<FlatFinding> found = new ArrayList<>();
        for (Gap gap : map.gaps()) {
            double mm = gap.widthPx() * mmPerPx;
            if (gap.closed() && mm > WIDE_MM && holdsColoursApart(gap)) {
                found.add(new FlatFinding.WideLeak(gap, mm));
            }
        }
        return found;
    }

    /** Whether the areas to the two sides of a gap have different colours. */
    private boolean holdsColoursApart(Gap gap) {
        Point along = gap.to().minus(gap.from()).unit();
        Point across = new Point(-along.y(), along.x()).times(Math.max(3, gap.widthPx()));
        var one = map.at(gap.place().plus(across));
        var two = map.at(gap.place().minus(across));
        if (one.isEmpty() || two.isEmpty() || one.equals(two)) {
            return false;
        }
        Integer first = swatchOf.get(one.get().label());
        Integer second = swatchOf.get(two.get().label());
        return first != null && !first.equals(second) || second != null && first == null;
    }

    private List<FlatFinding> usedOnce() {
        return palette.stream()
                .filter(swatch -> areasOf.getOrDefault(swatch.id(), List.of()).size() == 1)
                .map(
                        swatch ->
                                (FlatFinding)
                                        new FlatFinding.UsedOnce(
                                                swatch, areasOf.get(swatch.id()).get(0)))
                .toList();
    }

    /** With three colours or more, one whose areas all lie in one part of what is coloured. */
    private List<FlatFinding> crowded() {
        List<FlatFinding> found = new ArrayList<>();
        if (areasOf.size() < 3) {
            return found;
        }
        double[] all = box(areasOf.values().stream().flatMap(List::stream).toList());
        for (Swatch swatch : palette) {
            List<Area> areas = areasOf.getOrDefault(swatch.id(), List.of());
            if (areas.size() < SPREAD_AREAS) {
                continue;
            }
            double[] own = box(areas);
            String where = part(own, all);
            if (!where.isEmpty()) {
                found.add(new FlatFinding.Crowded(swatch, areas, where));
            }
        }
        return found;
    }

    private static String part(double[] own, double[] all) {
        double width = all[2] - all[0];
        double height = all[3] - all[1];
        if (own[1] > all[3] - PART * height) {
            return "at the bottom";
        }
        if (own[3] < all[1] + PART * height) {
            return "at the top";
        }
        if (own[2] < all[0] + PART * width) {
            return "to the left";
        }
        return own[0] > all[2] - PART * width ? "to the right" : "";
    }

    /** Left, top, right, bottom of the areas' anchors. */
    private static double[] box(List<Area> areas) {
        double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Area area : areas) {
            box[0] = Math.min(box[0], area.anchor().x());
            box[1] = Math.min(box[1], area.anchor().y());
            box[2] = Math.max(box[2], area.anchor().x());
            box[3] = Math.max(box[3], area.anchor().y());
        }
        return box;
    }
}
