package neattrace.goods.stencil;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;

/** Finds what an opening by the least width takes away of a sheet. */
final class WebFinder {

    /** Edges on a raster are so far off, px. */
    private static final double HALF = 0.5;

    private static final double SLACK_PX = 0.35;

    /** Shorter tips are corners, times the least width. */
    private static final double CORNER = 0.5;

    /** What is smaller is left where discs of an opening meet, times the least width squared. */
    private static final double CRUMB = 0.06;

    /** A web and the middles along it. */
    record Found(Web web, List<Point> middles) {}

    private final SheetRaster raster;
    private final double leastPx;
    private final DistanceTransform inside;
    private final boolean[] opened;

    private WebFinder(SheetRaster raster, double leastMm) {
        this.raster = raster;
        this.leastPx = leastMm * raster.pxPerMm();
        this.inside = DistanceTransform.of(raster.map(true));
        double half = leastPx / 2;
        // Compared as squares: there are millions of pixels.
        double deep = Math.max(0, half - SLACK_PX + HALF);
        int n = raster.piece().length;
        byte[] core = new byte[n];
        for (int i = 0; i < n; i++) {
            core[i] = (byte) (stays(i) && inside.squared(i) >= deep * deep ? 255 : 0);
        }
        DistanceTransform toCore =
                DistanceTransform.of(new InkMap(raster.width(), raster.height(), core));
        double reach = half + SLACK_PX;
        double far = reach * reach;
        opened = new boolean[n];
        for (int i = 0; i < n; i++) {
            opened[i] = core[i] != 0 || stays(i) && toCore.squared(i) <= far;
        }
    }

    /** All webs of a sheet that are narrower than the least width, the narrowest first. */
    static List<Found> of(SheetRaster raster, double leastMm) {
        return leastMm * raster.pxPerMm() < 2 ? List.of() : new WebFinder(raster, leastMm).webs();
    }

    private boolean stays(int pixel) {
        return raster.piece()[pixel] >= 0;
    }

    /** How far a pixel's middle lies from what is cut, px. */
    private double depth(int pixel) {
        int squared = inside.squared(pixel);
        return squared == DistanceTransform.FAR ? leastPx : Math.sqrt(squared) - HALF;
    }

    private List<Found> webs() {
        int width = raster.width();
        byte[] rest = new byte[opened.length];
        for (int i = 0; i < rest.length; i++) {
            rest[i] = (byte) (stays(i) && !opened[i] ? 255 : 0);
        }
        RunLabels labels = RunLabels.of(new InkMap(width, raster.height(), rest), true, true);
        int[] ends = new int[labels.count()];
        for (int k = 0, sum = 0; k < ends.length; k++) {
            sum += labels.size(k);
            ends[k] = sum;
        }
        // The pixels of each label one after another.
        int[] pixels = new int[ends.length == 0 ? 0 : ends[ends.length - 1]];
        int[] from = new int[ends.length];
        for (int k = 1; k < from.length; k++) {
            from[k] = ends[k - 1];
        }
        labels.forEachRun(
                (row, first, last, label) -> {
                    for (int x = first; x < last; x++) {
                        pixels[from[label]++] = row * width + x;
                    }
                });
        List<Found> found = new ArrayList<>();
        for (int k = 0; k < ends.length; k++) {
            web(Arrays.copyOfRange(pixels, k == 0 ? 0 : ends[k - 1], ends[k]), found);
        }
        found.sort(Comparator.comparingDouble(one -> one.web().widthMm()));
        return found;
    }

    private void web(int[] pixels, List<Found> found) {
        double sum = 0;
        List<Integer> ridge = new ArrayList<>();
        for (int pixel : pixels) {
            if (isRidge(pixel, false)) {
                ridge.add(pixel);
                sum += depth(pixel);
            }
        }
        if (ridge.isEmpty() || pixels.length < CRUMB * leastPx * leastPx) {
            return;
        }
        System.err.println(
                "DBGW " + pixels.length + " ridge " + ridge.size() + " least " + leastPx);
        // The place is where it is narrowest; the middle of a bow lies beside it.
        int at = -1;
        for (int pixel : ridge) {
            if ((at < 0 || depth(pixel) < depth(at)) && isRidge(pixel, true)) {
                at = pixel;
            }
        }
        double mean = Math.max(HALF, sum / ridge.size());
        double length = pixels.length / (2 * mean);
        // What has no cuts on both sides is a nook's edge.
        boolean holds = at >= 0 && contacts(pixels) > 1;
        if (!holds && length < CORNER * leastPx) {
            return;
        }
        at = at < 0 ? ridge.get(ridge.size() / 2) : at;
        double px = raster.pxPerMm();
        List<Point> middles = new ArrayList<>();
        for (int pixel : ridge) {
            middles.add(new Point(raster.x(pixel), raster.y(pixel)));
        }
        double widthMm = 2 * Math.max(0.25, depth(at)) / px;
        found.add(
                new Found(
                        new Web(
                                new Point(raster.x(at), raster.y(at)),
                                widthMm,
                                2 * mean / px,
                                length / px,
                                holds),
                        middles));
    }

    /**
     * Whether a pixel is farther from what is cut than those on two of its opposite sides.
     *
     * @param between whether cuts must lie on both of these sides about as far off: steps of an
     *     edge have ridges of their own, with a cut on one side alone
     */
    private boolean isRidge(int pixel, boolean between) {
        int width = raster.width();
        int x = pixel % width;
        int y = pixel / width;
        if (x == 0 || y == 0 || x == width - 1 || y == raster.height() - 1) {
            return false;
        }
        double here = depth(pixel);
        return isOver(here, x, y, 1, 0, between)
                || isOver(here, x, y, 0, 1, between)
                || isOver(here, x, y, 1, 1, between)
                || isOver(here, x, y, -1, 1, between);
    }

    private boolean isOver(double here, int x, int y, int dx, int dy, boolean between) {
        double a = depthAt(x - dx, y - dy);
        double b = depthAt(x + dx, y + dy);
        if (!(here >= a && here >= b && here > Math.min(a, b))) {
            return false;
        }
        if (!between) {
            return true;
        }
        // The next of four directions is half of 45 degrees off at most.
        double step = dx != 0 && dy != 0 ? Math.sqrt(2) : 1;
        int far = (int) Math.ceil((1.1 * here + 1.5) / step);
        return isCut(x - far * dx, y - far * dy) && isCut(x + far * dx, y + far * dy);
    }

    private double depthAt(int x, int y) {
        int pixel = y * raster.width() + x;
        return stays(pixel) ? depth(pixel) : -HALF;
    }

    private boolean isCut(int x, int y) {
        boolean inside = x >= 0 && y >= 0 && x < raster.width() && y < raster.height();
        return !inside || !stays(y * raster.width() + x);
    }

    /** At how many separate places it goes over into what is wide enough. */
    private int contacts(int[] pixels) {
        int width = raster.width();
        int left = width;
        int right = 0;
        for (int pixel : pixels) {
            left = Math.min(left, pixel % width);
            right = Math.max(right, pixel % width);
        }
        int top = pixels[0] / width;
        int bottom = pixels[pixels.length - 1] / width;
        // What lies beside it, in a box with room for steps beyond.
        Box edge = new Box(left - 3, top - 3, right - left + 7, bottom - top + 7);
        for (int pixel : pixels) {
            for (int k = 0; k < 8; k++) {
                int beside = neighbour(pixel, k);
                if (beside >= 0 && opened[beside]) {
                    edge.set(beside % width, beside / width);
                }
            }
        }
        return edge.parts();
    }

    /** Pixels of a small part of a raster. */
    private static final class Box {
        private final int left;
        private final int top;
        private final int width;
        private final boolean[] is;
        private final int[] stack;

        Box(int left, int top, int width, int height) {
            this.left = left;
            this.top = top;
            this.width = width;
            this.is = new boolean[width * height];
            this.stack = new int[width * height];
        }

        void set(int x, int y) {
            is[(y - top) * width + x - left] = true;
        }

        /** How many parts there are; gaps of a pixel are the raster's. Forgets all of them. */
        int parts() {
            int parts = 0;
            for (int i = 0; i < is.length; i++) {
                if (!is[i]) {
                    continue;
                }
                parts++;
                int size = 0;
                is[i] = false;
                stack[size++] = i;
                while (size > 0) {
                    int at = stack[--size];
                    for (int dy = -2; dy <= 2; dy++) {
                        for (int dx = -2; dx <= 2; dx++) {
                            int beside = at + dy * width + dx;
                            if (is[beside]) {
                                is[beside] = false;
                                stack[size++] = beside;
                            }
                        }
                    }
                }
            }
            return parts;
        }
    }

    private int neighbour(int pixel, int k) {
        int width = raster.width();
        int direction = k < 4 ? k : k + 1;
        int x = pixel % width + direction % 3 - 1;
        int y = pixel / width + direction / 3 - 1;
        return x < 0 || y < 0 || x >= width || y >= raster.height() ? -1 : y * width + x;
    }
}
