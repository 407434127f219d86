package neattrace.flat.rough;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neattrace.array.IntList;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;

/**
 * Stretches of one colour within one area. One that is not its area's usual colour was meant unless
 * it is a sliver, or, in a rough dabbed on loosely, a strip that goes on beyond the line beside it.
 */
final class Patches {

    /** Thinner patches are slivers, px, and share of the sheet's longer side. */
    private static final double THIN_PX = 4;

    private static final double THIN_SHARE = 0.006;

    /** Dabs run over lines by no more, share of the sheet's longer side. */
    private static final double RAN_OVER_SHARE = 0.03;

    /** A patch goes on beyond the lines if it does so along this share of the lines it touches. */
    private static final double GOES_ON = 0.5;

    /** A patch ends at the lines if it goes on beyond no more of those it touches. */
    private static final double GOES_ON_LITTLE = 0.1;

    /**
     * A rough whose dabs ran over so much of the lines was dabbed loosely. Measured: 40 coloured
     * twins of line drawings come to 0 to 0.19, four others smeared by 1 to 2 % of the side to 0.3
     * to 0.5.
     */
    private static final double LOOSE = 0.2;

    /** The patch of each pixel, -1 where there is no colour. */
    final int[] patchOf;

    private final ColourField field;
    private final int width;
    private final int side;
    private boolean isLoose;

    /**
     * Places along lines with colour beside them, and those with the usual colours of both beside
     * them.
     */
    private long compared;

    private long usualOnBothSides;

    /** The colour of the bare page; none on a drawing that fills its sheet. */
    private int page = ColourField.NONE;

    private final IntList open = new IntList();
    private final List<Patch> patches = new ArrayList<>();

    private Patches(ColourField field, InkMap ink) {
        this.field = field;
        this.width = ink.width();
        this.side = Math.max(ink.width(), ink.height());
        this.patchOf = new int[field.colours.length];
        Arrays.fill(patchOf, -1);
    }

    private static final class Patch {
        private final int colour;
        private final int area;
        private long pixels;
        private long edge;
        private boolean meetsOthers;
        private boolean usual;
        private long lines;
        private long goesOn;

        Patch(int colour, int area) {
            this.colour = colour;
            this.area = area;
        }

        /** A long strip is about as wide as twice its area by its edge. */
        boolean isThinner(double px) {
            return 2.0 * pixels < px * edge;
        }
    }

    static Patches of(ColourField field, InkMap ink, DistanceTransform side, AreaMap areas) {
        Patches all = new Patches(field, ink);
        for (int i = 0; i < all.patchOf.length; i++) {
            if (field.colours[i] != ColourField.NONE && all.patchOf[i] < 0) {
                all.follow(i, areas.label(i));
            }
        }
        all.markUsual();
        all.lookForThePage(areas);
        all.lookBeyondLines(ink, side);
        all.isLoose = all.looseness() > LOOSE;
        return all;
    }

    private void follow(int start, int area) {
        Patch patch = new Patch(field.colours[start], area);
        int id = patches.size();
        patches.add(patch);
        patchOf[start] = id;
        open.add(start);
        while (open.size() > 0) {
            int i = open.removeLast();
            patch.pixels++;
            int x = i % width;
            step(patch, id, i, x > 0 ? i - 1 : -1);
            step(patch, id, i, x < width - 1 ? i + 1 : -1);
            step(patch, id, i, i - width);
            step(patch, id, i, i + width < patchOf.length ? i + width : -1);
        }
    }

    private void step(Patch patch, int id, int from, int to) {
        if (to < 0 || field.colours[to] == ColourField.NONE || !field.isOneArea(from, to)) {
            patch.edge++;
        } else if (field.colours[to] != patch.colour) {
            patch.edge++;
            patch.meetsOthers = true;
        } else if (patchOf[to] < 0) {
            patchOf[to] = id;
            open.add(to);
        }
    }

    /** The colour with most pixels in an area is its usual one. */
    private void markUsual() {
        Map<Integer, Map<Integer, Long>> counts = new HashMap<>();
        for (Patch patch : patches) {
            counts.computeIfAbsent(patch.area, area -> new HashMap<>())
                    .merge(patch.colour, patch.pixels, Long::sum);
        }
        for (Patch patch : patches) {
            Map<Integer, Long> colours = counts.get(patch.area);
            long own = colours.get(patch.colour);
            patch.usual = colours.values().stream().allMatch(count -> count <= own);
        }
    }

    /** The usual colour round the drawing is that of the bare page. */
    private void lookForThePage(AreaMap areas) {
        for (Patch patch : patches) {
            if (patch.usual && patch.area >= 0 && areas.areas().get(patch.area).outside()) {
                page = patch.colour;
            }
        }
    }

    /** Compares what lies on both sides of every line between two areas. */
    private void lookBeyondLines(InkMap ink, DistanceTransform paper) {
        for (int y = 0; y + 1 < ink.height(); y++) {
            for (int x = 0; x + 1 < width; x++) {
                int i = y * width + x;
                if (ink.isInk(i)) {
                    compare(ink, paper, i, i + 1);
                    compare(ink, paper, i, i + width);
                }
            }
        }
    }

    private void compare(InkMap ink, DistanceTransform paper, int i, int next) {
        if (!ink.isInk(next)) {
            return;
        }
        int a = paper.nearestPaper(i);
        int b = paper.nearestPaper(next);
        if (a < 0 || b < 0 || patchOf[a] < 0 || patchOf[b] < 0 || field.isOneArea(a, b)) {
            return;
        }
        Patch first = patches.get(patchOf[a]);
        Patch second = patches.get(patchOf[b]);
        int goesOn = first.colour == second.colour ? 1 : 0;
        if (first.colour != page || second.colour != page) {
            compared++;
            usualOnBothSides += first.usual && second.usual ? 1 : 0;
        }
        first.lines++;
        first.goesOn += goesOn;
        second.lines++;
        second.goesOn += goesOn;
    }

    /** Along which share of all lines between areas dabs ran over, 0 to 1. */
    private double looseness() {
        long all = 0;
        long over = 0;
        for (Patch patch : patches) {
            all += patch.lines;
            over += ranOver(patch) ? patch.goesOn : 0;
        }
        return all == 0 ? 0 : 2.0 * over / all;
    }

    /**
     * How much of all that touches lines, and is neither its area's usual colour nor the bare page,
     * ends at these lines, 0 to 1: a cross that reaches its frame, and no farther. What lies amid
     * open paper says nothing of how a rough was made. Nothing at all is 0.
     */
    double endsAtLines() {
        long all = 0;
        long ends = 0;
        for (Patch patch : patches) {
            boolean tells = patch.lines > 0 && patch.colour != page;
            if (tells && !patch.usual && patch.meetsOthers && !isSliver(patch)) {
                all += patch.pixels;
                ends += patch.goesOn < GOES_ON_LITTLE * patch.lines ? patch.pixels : 0;
            }
        }
        return all == 0 ? 0 : (double) ends / all;
    }

    /**
     * Along which share of all lines that have colour beside them both areas have their usual
     * colours there, 0 to 1; 0 without such lines. Lines amid bare paper say nothing.
     */
    double usualAtLines() {
        return compared == 0 ? 0 : (double) usualOnBothSides / compared;
    }

    private boolean isSliver(Patch patch) {
        return patch.meetsOthers && patch.isThinner(Math.max(THIN_PX, THIN_SHARE * side));
    }

    private boolean ranOver(Patch patch) {
        return !patch.usual
                && patch.meetsOthers
                && patch.isThinner(RAN_OVER_SHARE * side)
                && patch.lines > 0
                && patch.goesOn >= GOES_ON * patch.lines;
    }

    /** Whether a patch was meant. */
    boolean isMeant(int id) {
        Patch patch = patches.get(id);
        return !isSliver(patch) && !(isLoose && ranOver(patch));
    }
}
