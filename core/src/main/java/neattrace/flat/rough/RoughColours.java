package neattrace.flat.rough;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.flat.exchange.ColourNames;
import neattrace.flat.review.FlatReview;
import neattrace.press.Cmyk;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.region.Area;
import neattrace.region.AreaMap;

/** Reads the colours of areas off a loosely coloured picture. */
public final class RoughColours {

    /** Colours nearer than this (CIEDE2000) were meant to be one. */
    public static final double SAME_COLOUR = 6;

    /** Lighter than this with less chroma than {@link #GREY_CHROMA} is bare paper. */
    private static final double PAPER_LIGHTNESS = 95;

    private static final double GREY_CHROMA = 5;

    private RoughColours() {}

    /**
     * The palette and the fills.
     *
     * @param swatches the given palette, and one more for each colour it lacks, most paper first
     * @param fills one for each coloured area, anchors in mm
     * @param clearShare how much of the paper of enclosed areas lies under its area's usual colour,
     *     0 to 1: a rough that was made for another drawing has many colours in each area
     */
    public record Result(List<Swatch> swatches, List<Fill> fills, double clearShare) {}

    /**
     * Reads the colours. Areas whose usual colour is paper white stay empty.
     *
     * @param areas the areas of the drawing
     * @param ink the drawing's ink, which is not looked beneath
     * @param rough same proportion as the drawing, any size
     * @param mmPerPx of the drawing
     * @param palette the swatches there are
     * @param onlyThese whether each colour takes the nearest of these; else a colour that none of
     *     them has becomes a swatch of its own
     * @param freeId the id of the first new swatch, those after it are free as well
     * @param press for the swatches' builds
     */
    public static Result read(
            AreaMap areas,
            InkMap ink,
            Picture rough,
            double mmPerPx,
            List<Swatch> palette,
            boolean onlyThese,
            int freeId,
            PressProfile press) {
        AreaColours colours = AreaColours.count(areas, ink, rough);
        List<Cluster> clusters = new ArrayList<>();
        List<Area> bySize =
                areas.areas().stream()
                        .sorted(Comparator.comparingLong(Area::pixels).reversed())
                        .toList();
        for (Area area : bySize) {
            Optional<Rgb> usual = colours.usual(area.label());
            if (usual.isPresent() && !isPaper(usual.get().toLab())) {
                join(clusters, area, usual.get());
            }
        }
        clusters.sort(Comparator.comparingLong(Cluster::pixels).reversed());
        List<Swatch> swatches = new ArrayList<>(palette);
        List<Lab> looks = palette.stream().map(one -> FlatReview.look(one, press)).toList();
        List<Fill> fills = new ArrayList<>();
        ColourNames names = new ColourNames().taken(palette.stream().map(Swatch::name).toList());
        int next = freeId;
        for (Cluster cluster : clusters) {
            int swatch;
            Cmyk build = press.nearest(cluster.rgb);
            Optional<Swatch> same =
                    palette.stream().filter(one -> one.build().equals(build)).findFirst();
            if (onlyThese) {
                swatch = palette.get(nearest(cluster.lab, looks)).id();
            } else if (same.isPresent()) {
                swatch = same.get().id();
            } else {
                swatch = next++;
                swatches.add(
                        new Swatch(swatch, names.name(cluster.lab), build)
                                .withWish(Optional.of(cluster.rgb)));
            }
            for (Area area : cluster.areas) {
                fills.add(new Fill(area.anchor().times(mmPerPx), swatch));
            }
        }
        return new Result(
                List.copyOf(swatches), List.copyOf(fills), colours.clearShare(areas.enclosed()));
    }

    private static int nearest(Lab lab, List<Lab> looks) {
        int best = 0;
        for (int i = 1; i < looks.size(); i++) {
            if (DeltaE2000.between(looks.get(i), lab) < DeltaE2000.between(looks.get(best), lab)) {
                best = i;
            }
        }
        return best;
    }

    private static boolean isPaper(Lab colour) {
        return colour.l() > PAPER_LIGHTNESS && colour.chroma() < GREY_CHROMA;
    }

    private static void join(List<Cluster> clusters, Area area, Rgb rgb) {
        Lab lab = rgb.toLab();
        Cluster nearest = null;
        double least = SAME_COLOUR;
        for (Cluster cluster : clusters) {
            double difference = DeltaE2000.between(cluster.lab, lab);
            if (difference < least) {
                least = difference;
                nearest = cluster;
            }
        }
        if (nearest == null) {
            nearest = new Cluster(rgb, lab);
            clusters.add(nearest);
        }
        nearest.areas.add(area);
    }

    /** Areas that share a colour; the largest, which comes first, gives it. */
    private static final class Cluster {
        private final Rgb rgb;
        private final Lab lab;
        private final List<Area> areas = new ArrayList<>();

        Cluster(Rgb rgb, Lab lab) {
            this.rgb = rgb;
            this.lab = lab;
        }

        long pixels() {
            return areas.stream().mapToLong(Area::pixels).sum();
        }
    }
}
