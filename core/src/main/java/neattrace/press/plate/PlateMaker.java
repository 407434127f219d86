package neattrace.press.plate;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import neattrace.press.Colorant;
import neattrace.press.Tints;
import neattrace.stage.Progress;

/**
 * Makes plates of what is laid on a page. Time grows with the pixels and with the edges that cross
 * a row; a page of 19 million pixels takes less than a second on two cores.
 */
public final class PlateMaker {

    /** The largest plates, px. */
    public static final long MOST_PIXELS = 1_000_000_000L;

    /** Lines that are looked at in each row. */
    private static final int LINES = 8;

    private static final double MM_PER_INCH = 25.4;

    private final List<Laid> objects;
    private final int width;
    private final int height;
    private final double pxPerMmX;
    private final double pxPerMmY;
    private final Composites composites;
    private final EdgeTable edges;

    private PlateMaker(List<Laid> objects, Rectangle2D window, int width, int height) {
        this.objects = objects;
        this.width = width;
        this.height = height;
        this.pxPerMmX = width / window.getWidth();
        this.pxPerMmY = height / window.getHeight();
        this.composites = new Composites(objects);
        AffineTransform toPixels = AffineTransform.getScaleInstance(pxPerMmX, pxPerMmY);
        toPixels.translate(-window.getX(), -window.getY());
        this.edges = new EdgeTable(objects, toPixels, height);
    }

    private static Rectangle2D page(double widthMm, double heightMm) {
        return new Rectangle2D.Double(0, 0, widthMm, heightMm);
    }

    /** How many pixels a length has, at least one. */
    public static int pixels(double mm, double ppi) {
        return (int) Math.max(1, Math.round(mm / MM_PER_INCH * ppi));
    }

    /** The inks of objects, process inks first as printers order them, then as they come. */
    public static List<Colorant> inks(List<Laid> objects) {
        Set<Colorant> used = new LinkedHashSet<>();
        for (Laid laid : objects) {
            laid.tints()
                    .percent()
                    .forEach(
                            (colorant, value) -> {
                                if (value > 0 && colorant.prints()) {
                                    used.add(colorant);
                                }
                            });
        }
        List<Colorant> inks = new ArrayList<>(Colorant.PROCESS);
        inks.retainAll(used);
        used.stream().filter(one -> !inks.contains(one)).forEach(inks::add);
        return List.copyOf(inks);
    }

    /**
     * The plates of a page.
     *
     * @param objects lowest first
     * @param inks which plates are made, of those that the objects have and of others, which are
     *     empty
     * @throws IllegalArgumentException if they would have more than {@value #MOST_PIXELS} px
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Plates of(
            List<Laid> objects,
            double widthMm,
            double heightMm,
            double ppi,
            List<Colorant> inks,
            Progress progress) {
        int width = pixels(widthMm, ppi);
        int height = pixels(heightMm, ppi);
        check(width, height);
        return new PlateMaker(objects, page(widthMm, heightMm), width, height)
                .plates(ppi, inks, progress);
    }

    /**
     * Which composite lies in the middle of each pixel.
     *
     * @throws IllegalArgumentException as {@link #of}
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PlateMap map(
            List<Laid> objects, double widthMm, double heightMm, double ppi, Progress progress) {
        int width = pixels(widthMm, ppi);
        int height = pixels(heightMm, ppi);
        check(width, height);
        return new PlateMaker(objects, page(widthMm, heightMm), width, height).map(ppi, progress);
    }

    /**
     * The same of a part of the plane, with so many pixels.
     *
     * @param window mm
     */
    public static PlateMap map(
            List<Laid> objects, Rectangle2D window, int width, int height, Progress progress) {
        check(width, height);
        double ppi = width / window.getWidth() * MM_PER_INCH;
        return new PlateMaker(objects, window, width, height).map(ppi, progress);
    }

    private static void check(int width, int height) {
        if ((long) width * height > MOST_PIXELS) {
            throw new IllegalArgumentException(
                    "Plates of more than a thousand million pixels are too large. Choose a lower"
                            + " resolution.");
        }
    }

    private PlateMap map(double ppi, Progress progress) {
        short[] numbers = new short[width * height];
        rows(
                progress,
                "Looking at the plates",
                (band, from, to) -> {
                    PlateLine line = line();
                    for (int y = from; y < to; y++) {
                        int row = y * width;
                        line.run(
                                band,
                                y + 0.5,
                                (left, right, composite) ->
                                        Arrays.fill(
                                                numbers,
                                                row + (int) Math.ceil(left - 0.5),
                                                row + (int) Math.ceil(right - 0.5),
                                                (short) composite));
                    }
                });
        return new PlateMap(width, height, ppi, numbers, composites.all());
    }

    private PlateLine line() {
        return new PlateLine(edges, composites, objects.size(), width);
    }

    private Plates plates(double ppi, List<Colorant> inks, Progress progress) {
        List<byte[]> coverage =
                inks.stream().map(ink -> new byte[Math.multiplyExact(width, height)]).toList();
        List<double[]> areas = new ArrayList<>();
        rows(
                progress,
                "Making the plates",
                (band, from, to) -> {
                    Strip strip = new Strip(inks, coverage);
                    strip.run(band, from, to);
                    synchronized (areas) {
                        areas.add(strip.areas);
                    }
                });
        List<Tints> known = composites.all();
        List<Composite> found = new ArrayList<>();
        double squareMm = 1 / (pxPerMmX * pxPerMmY * LINES);
        for (int i = 1; i < known.size(); i++) {
            double sum = 0;
            for (double[] area : areas) {
                sum += i < area.length ? area[i] : 0;
            }
            if (sum > 0) {
                found.add(new Composite(known.get(i), sum * squareMm));
            }
        }
        return new Plates(width, height, ppi, inks, coverage, Composite.heaviest(found));
    }

    /** Rows of a band. */
    private interface Rows {
        void run(int band, int from, int to);
    }

    private void rows(Progress progress, String what, Rows each) {
        AtomicInteger done = new AtomicInteger();
        int bands = edges.bands();
        progress.report(what, 0);
        IntStream.range(0, bands)
                .parallel()
                .forEach(
                        band -> {
                            int from = band * EdgeTable.BAND;
                            each.run(band, from, Math.min(height, from + EdgeTable.BAND));
                            progress.report(what, (double) done.incrementAndGet() / bands);
                        });
    }

    /** Some rows of all plates. For one thread. */
    private final class Strip implements PlateLine.Span {

        private final List<Colorant> inks;
        private final List<byte[]> coverage;
        private final float[][] sums;
        private float[][] shares = new float[0][];
        private double[] areas = new double[16];

        Strip(List<Colorant> inks, List<byte[]> coverage) {
            this.inks = inks;
            this.coverage = coverage;
            this.sums = new float[inks.size()][width + 2];
        }

        void run(int band, int from, int to) {
            PlateLine line = line();
            for (int y = from; y < to; y++) {
                for (int k = 0; k < LINES; k++) {
                    line.run(band, y + (k + 0.5) / LINES, this);
                }
                for (int p = 0; p < sums.length; p++) {
                    settle(sums[p], coverage.get(p), y * width);
                }
            }
        }

        /** Sums hold how coverage changes from pixel to pixel. */
        @Override
        public void span(double from, double to, int composite) {
            area(composite, to - from);
            float[] share = share(composite);
            int first = (int) from;
            int last = (int) to;
            float head = (float) (from - first);
            float tail = (float) (to - last);
            for (int p = 0; p < sums.length; p++) {
                float much = share[p];
                if (much == 0) {
                    continue;
                }
                float[] sum = sums[p];
                sum[first] += much * (1 - head);
                sum[first + 1] += much * head;
                sum[last] -= much * (1 - tail);
                sum[last + 1] -= much * tail;
            }
        }

        private void area(int composite, double px) {
            if (composite >= areas.length) {
                areas = Arrays.copyOf(areas, 2 * composite);
            }
            areas[composite] += px;
        }

        private float[] share(int composite) {
            if (composite >= shares.length || shares[composite] == null) {
                List<Tints> known = composites.all();
                shares = Arrays.copyOf(shares, known.size());
                float[] share = new float[inks.size()];
                for (int p = 0; p < share.length; p++) {
                    share[p] = (float) (known.get(composite).of(inks.get(p)) * 2.55 / LINES);
                }
                shares[composite] = share;
            }
            return shares[composite];
        }

        private void settle(float[] sum, byte[] row, int at) {
            float level = 0;
            for (int x = 0; x < width; x++) {
                level += sum[x];
                row[at + x] = (byte) (int) (Math.max(0, Math.min(255, level)) + 0.5f);
            }
            Arrays.fill(sum, 0);
        }
    }
}
