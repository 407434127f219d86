package neattrace.goods.stencil;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.Deque;
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

    /** A web and the middles along it. */
    record Found(Web web, List<Point> middles) {}

    private final SheetRaster raster;
    private final double leastPx;
    private final DistanceTransform inside;
    private final boolean[] opened;

    private WebFinder(SheetRaster raster, double leastMm) {
        this.raster = raster;
        this.leastPx = leastMm * raster.pxPerMm();
        this.inside = DistanceTransform.of(raster.map(false));
        double half = leastPx / 2;
        int n = raster.piece().length;
        byte[] core = new byte[n];
        for (int i = 0; i < n; i++) {
            core[i] = (byte) (stays(i) && depth(i) >= half - SLACK_PX ? 255 : 0);
        }
        DistanceTransform toCore =
                DistanceTransform.of(new InkMap(raster.width(), raster.height(), core));
        double reach = half + SLACK_PX;
        opened = new boolean[n];
        for (int i = 0; i < n; i++) {
            opened[i] = core[i] != 0 || stays(i) && toCore.squared(i) <= reach * reach;
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
        int squared = inside.squaredToPaper(pixel);
        return squared == DistanceTransform.FAR ? leastPx : Math.sqrt(squared) - HALF;
    }

    private List<Found> webs() {
        int width = raster.width();
        byte[] rest = new byte[opened.length];
        for (int i = 0; i < rest.length; i++) {
            rest[i] = (byte) (stays(i) && !opened[i] ? 255 : 0);
        }
        RunLabels labels = RunLabels.of(new InkMap(width, raster.height(), rest), true, true);
        List<List<Integer>> members = new ArrayList<>();
        for (int k = 0; k < labels.count(); k++) {
            members.add(new ArrayList<>());
        }
        labels.forEachRun(
                (row, from, to, label) -> {
                    for (int x = from; x < to; x++) {
                        members.get(label).add(row * width + x);
                    }
                });
        List<Found> found = new ArrayList<>();
        for (List<Integer> one : members) {
            web(one, found);
        }
        found.sort(Comparator.comparingDouble(one -> one.web().widthMm()));
        return found;
    }

    private void web(List<Integer> pixels, List<Found> found) {
        int contacts = contacts(pixels);
        double narrowest = Double.MAX_VALUE;
        double sum = 0;
        List<Integer> ridge = new ArrayList<>();
        for (int pixel : pixels) {
            if (isRidge(pixel)) {
                ridge.add(pixel);
                narrowest = Math.min(narrowest, depth(pixel));
                sum += depth(pixel);
            }
        }
        if (ridge.isEmpty()) {
            return;
        }
        double mean = Math.max(HALF, sum / ridge.size());
        double length = pixels.size() / (2 * mean);
        boolean holds = contacts > 1;
        if (!holds && length < CORNER * leastPx) {
            return;
        }
        double px = raster.pxPerMm();
        List<Point> middles = new ArrayList<>();
        for (int pixel : ridge) {
            middles.add(new Point(raster.x(pixel), raster.y(pixel)));
        }
        // The place is where it is narrowest; the middle of a bow lies beside it.
        int at = ridge.get(0);
        for (int pixel : ridge) {
            at = depth(pixel) < depth(at) ? pixel : at;
        }
        double widthMm = 2 * Math.max(0.25, narrowest) / px;
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

    /** At how many separate places it goes over into what is wide enough. */
    private int contacts(List<Integer> pixels) {
        int width = raster.width();
        BitSet edge = new BitSet();
        for (int pixel : pixels) {
            for (int k = 0; k < 8; k++) {
                int beside = neighbour(pixel, k);
                if (beside >= 0 && opened[beside]) {
                    edge.set(beside);
                }
            }
        }
        int contacts = 0;
        Deque<Integer> open = new ArrayDeque<>();
        for (int i = edge.nextSetBit(0); i >= 0; i = edge.nextSetBit(i)) {
            contacts++;
            edge.clear(i);
            open.push(i);
            while (!open.isEmpty()) {
                int pixel = open.pop();
                // Gaps of a pixel are the raster's.
                for (int dy = -2; dy <= 2; dy++) {
                    for (int dx = -2; dx <= 2; dx++) {
                        int beside = pixel + dy * width + dx;
                        if (beside >= 0 && edge.get(beside)) {
                            edge.clear(beside);
                            open.push(beside);
                        }
                    }
                }
            }
        }
        return contacts;
    }

    private int neighbour(int pixel, int k) {
        int width = raster.width();
        int direction = k < 4 ? k : k + 1;
        int x = pixel % width + direction % 3 - 1;
        int y = pixel / width + direction / 3 - 1;
        return x < 0 || y < 0 || x >= width || y >= raster.height() ? -1 : y * width + x;
    }
}
