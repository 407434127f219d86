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
            if (isRidge(pixel)) {
                ridge.add(pixel);
                sum += depth(pixel);
            }
        }
        if (ridge.isEmpty() || pixels.length < CRUMB * leastPx * leastPx) {
            return;
        }
        double mean = Math.max(HALF, sum / ridge.size());
        double length = pixels.length / (2 * mean);
        WebNeck neck =
                WebNeck.of(
                        pixels,
                        raster.width(),
                        pixel -> pixel < opened.length && opened[pixel],
                        inside::squared);
        boolean holds = neck.places() > 1;
        if (!holds && length < CORNER * leastPx) {
            return;
        }
        int at = holds ? neck.neck() : ridge.get(ridge.size() / 2);
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

    /** Whether a pixel is farther from what is cut than those on two of its opposite sides. */
    private boolean isRidge(int pixel) {
        int width = raster.width();
        int x = pixel % width;
        int y = pixel / width;
        if (x == 0 || y == 0 || x == width - 1 || y == raster.height() - 1) {
            return false;
        }
        double here = depth(pixel);
        return isOver(here, pixel - 1, pixel + 1)
                || isOver(here, pixel - width, pixel + width)
                || isOver(here, pixel - width - 1, pixel + width + 1)
                || isOver(here, pixel - width + 1, pixel + width - 1);
    }

    private boolean isOver(double here, int one, int other) {
        double a = stays(one) ? depth(one) : -HALF;
        double b = stays(other) ? depth(other) : -HALF;
        return here >= a && here >= b && here > Math.min(a, b);
    }
}
