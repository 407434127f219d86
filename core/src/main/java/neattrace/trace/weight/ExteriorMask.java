package neattrace.trace.weight;

import java.util.Arrays;
import java.util.BitSet;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;

/** Paper that lies outside the drawing: what a disc can reach from the border. Linear in pixels. */
public final class ExteriorMask {

    private static final int[] DX = {1, 0, -1, 0};
    private static final int[] DY = {0, 1, 0, -1};

    /** An edge lies between the centres of two pixels. */
    private static final double HALF = 0.5;

    private final InkMap map;
    private final int block;

    /** The pixels of it. */
    private final BitSet pixels;

    private ExteriorMask(InkMap map, int block) {
        this.map = map;
        this.block = block;
        this.pixels = new BitSet(map.width() * map.height());
    }

    /**
     * Finds it.
     *
     * @param gapPx gaps up to this width let nothing in
     */
    public static ExteriorMask of(InkMap map, double gapPx) {
        ExteriorMask outside = new ExteriorMask(map, (int) Math.max(1, Math.min(4, gapPx / 4)));
        outside.reachIn(gapPx);
        outside.creepUpToTheInk();
        return outside;
    }

    /** On a grid of blocks, where ink anywhere in a block closes it. */
    private void reachIn(double gapPx) {
        // A rim of bare paper all round lets the disc in from everywhere.
        int rim = (int) Math.ceil(gapPx / 2 / block) + 2;
        int width = (map.width() + block - 1) / block + 2 * rim;
        int height = (map.height() + block - 1) / block + 2 * rim;
        BitSet ink = new BitSet(width * height);
        for (int y = 0; y < map.height(); y++) {
            for (int x = 0; x < map.width(); x++) {
                if (map.isInk(y * map.width() + x)) {
                    ink.set((y / block + rim) * width + x / block + rim);
                }
            }
        }
        double radius = gapPx / 2 / block;
        DistanceTransform side = DistanceTransform.of(sheet(ink, width, height));
        BitSet wide = new BitSet(width * height);
        for (int i = 0; i < width * height; i++) {
            wide.set(i, side.squared(i) > radius * radius);
        }
        BitSet reached = flood(wide, width, height);
        DistanceTransform back = DistanceTransform.of(sheet(reached, width, height));
        for (int y = 0; y < map.height(); y++) {
            for (int x = 0; x < map.width(); x++) {
                int i = (y / block + rim) * width + x / block + rim;
                if (!ink.get(i) && back.squared(i) <= radius * radius) {
                    pixels.set(y * map.width() + x);
                }
            }
        }
    }

    /** The pixels as the ink of a sheet. */
    private static InkMap sheet(BitSet pixels, int width, int height) {
        byte[] coverage = new byte[width * height];
        pixels.stream().forEach(i -> coverage[i] = (byte) 255);
        return new InkMap(width, height, coverage);
    }

    private static BitSet flood(BitSet wide, int width, int height) {
        BitSet reached = new BitSet(width * height);
        int[] open = new int[1024];
        int count = 0;
        reached.set(0);
        open[count++] = 0;
        while (count > 0) {
            int i = open[--count];
            int x = i % width;
            int y = i / width;
            for (int d = 0; d < 4; d++) {
                int nx = x + DX[d];
                int ny = y + DY[d];
                int next = ny * width + nx;
                boolean inside = nx >= 0 && ny >= 0 && nx < width && ny < height;
                if (inside && wide.get(next) && !reached.get(next)) {
                    reached.set(next);
                    if (count == open.length) {
                        open = Arrays.copyOf(open, 2 * count);
                    }
                    open[count++] = next;
                }
            }
        }
        return reached;
    }

    /** From pixel to pixel through bare paper, as far as blocks are coarse. */
    private void creepUpToTheInk() {
        int width = map.width();
        BitSet front = (BitSet) pixels.clone();
        for (int step = 0; step < 2 * block; step++) {
            BitSet next = new BitSet(pixels.size());
            for (int i = front.nextSetBit(0); i >= 0; i = front.nextSetBit(i + 1)) {
                int x = i % width;
                int y = i / width;
                for (int d = 0; d < 4; d++) {
                    int nx = x + DX[d];
                    int ny = y + DY[d];
                    boolean inside = nx >= 0 && ny >= 0 && nx < width && ny < map.height();
                    int beside = ny * width + nx;
                    if (inside && !map.isInk(beside) && !pixels.get(beside)) {
                        next.set(beside);
                    }
                }
            }
            pixels.or(next);
            front = next;
        }
    }

    /** Whether a pixel of paper lies outside. */
    public boolean has(int x, int y) {
        boolean beyond = x < 0 || y < 0 || x >= map.width() || y >= map.height();
        return beyond || pixels.get(y * map.width() + x);
    }

    /** Whether an edge at a place, between two pixels, has outside paper beside it. */
    public boolean isBeside(double x, double y) {
        int left = (int) Math.floor(x - HALF);
        int right = (int) Math.floor(x + HALF);
        int top = (int) Math.floor(y - HALF);
        int low = (int) Math.floor(y + HALF);
        return has(left, top) || has(right, top) || has(left, low) || has(right, low);
    }
}
