package neattrace.flat.rough;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neattrace.press.Rgb;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.region.Area;
import neattrace.region.AreaMap;

/** Counts the rough's colours beneath each area. */
final class AreaColours {

    private final Map<Integer, ColourCount> counts = new HashMap<>();

    private AreaColours() {}

    static AreaColours count(AreaMap areas, InkMap ink, Picture rough) {
        AreaColours colours = new AreaColours();
        int width = areas.width();
        int height = areas.height();
        int lastLabel = -1;
        ColourCount last = null;
        for (int y = 0; y < height; y++) {
            int roughY = (int) ((y + 0.5) * rough.height() / height);
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (ink.isInk(i)) {
                    continue;
                }
                int label = areas.label(i);
                if (label != lastLabel) {
                    lastLabel = label;
                    last = colours.counts.computeIfAbsent(label, id -> new ColourCount());
                }
                last.add(rough.rgbAt((int) ((x + 0.5) * rough.width() / width), roughY));
            }
        }
        return colours;
    }

    /** How much of the paper of some areas lies under its area's usual colour, 0 to 1. */
    double clearShare(List<Area> areas) {
        double clear = 0;
        long all = 0;
        for (Area area : areas) {
            ColourCount count = counts.get(area.label());
            if (count != null) {
                clear += count.share() * area.pixels();
                all += area.pixels();
            }
        }
        return all == 0 ? 1 : clear / all;
    }

    /** The colour that occurs most often beneath an area; empty if it has no paper. */
    Optional<Rgb> usual(int label) {
        return Optional.ofNullable(counts.get(label)).map(ColourCount::usual);
    }
}
