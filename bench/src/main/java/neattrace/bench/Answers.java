package neattrace.bench;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import neattrace.export.PlanPainter;
import neattrace.flat.StarterColours;
import neattrace.flat.review.AlikeAreas;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.change.Colouring;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.raster.PngFile;
import neattrace.raster.Resolution;
import neattrace.region.Area;
import neattrace.region.tree.RunFinder;
import neattrace.stage.Progress;
import neattrace.standin.scanner.StandInScanner;
import neattrace.trace.InkEdit;
import neattrace.trace.InkShape;

/**
 * How long a hand waits at Line, Close and Flats, on the dense page and on pages of thousands of
 * areas: the first analysis, then another closing width, a click, what lights up, where colour
 * would run, a stroke drawn at Line.
 */
public final class Answers {

    private static final int ROUNDS = 9;
    private static final PressProfile PRESS = PressProfile.bundled();
    private static final double PX_PER_MM = 350 / Resolution.MM_PER_INCH;

    private Answers() {}

    /** Prints one row for each page; medians in ms. */
    public static void main(String[] arguments) throws Exception {
        System.out.printf(
                Locale.ROOT,
                "%-22s %7s %9s %7s %7s %7s %7s %7s %7s%n",
                "page",
                "areas",
                "analysis",
                "width",
                "click",
                "hover",
                "alike",
                "run",
                "edit");
        for (double megapixels : new double[] {5, 19}) {
            DensePage page = DensePage.of(megapixels);
            double ppi = page.pxPerMm() * Resolution.MM_PER_INCH;
            row("glasshouse " + (int) megapixels + " MP", StandInScanner.png(page.sheet(), ppi));
        }
        for (int areas : new int[] {1000, 5000, 50_000}) {
            row("cells 19 MP", cells(areas));
        }
    }

    private static void row(String name, byte[] png) throws Exception {
        Job job =
                Job.of(new Source("page.png", png))
                        .withSwatches(List.of(StarterColours.swatch(1), StarterColours.swatch(2)));
        Pipeline pipeline = new Pipeline();
        Traced traced = pipeline.trace(job, Progress.SILENT);
        double analysis = median(3, () -> pipeline.apart().colour(traced, Progress.SILENT));
        Drawing first = pipeline.colour(traced, Progress.SILENT);
        List<Area> enclosed = first.areas().enclosed();
        Job half = Colouring.fill(job, first, enclosed.subList(0, enclosed.size() / 2), 1);
        Drawing drawing = pipeline.run(half, Progress.SILENT);
        Random random = new Random(3);
        double[] mm = {0.6};
        double width =
                median(
                        ROUNDS,
                        () -> {
                            mm[0] = 2.2 - mm[0];
                            return pipeline.apart()
                                    .run(
                                            half.withClose(half.close().withGapMm(mm[0])),
                                            Progress.SILENT);
                        });
        double click =
                median(
                        ROUNDS,
                        () -> {
                            Area area = enclosed.get(random.nextInt(enclosed.size()));
                            return pipeline.apart()
                                    .run(
                                            Colouring.fill(half, drawing, List.of(area), 2),
                                            Progress.SILENT);
                        });
        double hover = median(ROUNDS, () -> drawing.areaAt(place(drawing, random)));
        double like =
                median(
                        ROUNDS,
                        () ->
                                new AlikeAreas(drawing.areas().areas(), drawing.areaOutlines())
                                        .like(enclosed.get(random.nextInt(enclosed.size()))));
        double run =
                median(
                        ROUNDS,
                        () ->
                                new RunFinder(
                                                traced.ink(),
                                                drawing.tree(),
                                                half.close(),
                                                drawing.areas())
                                        .from(
                                                enclosed.get(random.nextInt(enclosed.size()))
                                                        .anchor()));
        double edit =
                median(
                        2 * ROUNDS,
                        () -> edited(half, pipeline.apart(), drawing, place(drawing, random)));
        System.out.printf(
                Locale.ROOT,
                "%-22s %7d %9.0f %7.1f %7.1f %7.3f %7.2f %7.1f %7.1f%n",
                name,
                enclosed.size(),
                analysis,
                width,
                click,
                hover,
                like,
                run,
                edit);
    }

    /** A short stroke drawn somewhere, until the part of the page round it is painted anew. */
    private static BufferedImage edited(Job job, Pipeline pipeline, Drawing drawing, Point at)
            throws IOException {
        double[] x = {at.x(), at.x() + 1, at.x() + 2};
        double[] y = {at.y(), at.y() + 0.5, at.y()};
        InkShape stroke = new InkShape.Stroke(x, y, new double[] {0.6, 0.8, 0.4});
        InkEdit edit = new InkEdit("Stroke", at, List.of(), List.of(stroke));
        Job next = job.withLine(job.line().with(edit));
        Traced now = pipeline.trace(next, Progress.SILENT);
        Artwork art = Artwork.of(drawing.withLines(now), PRESS);
        BufferedImage view = new BufferedImage(1000, 700, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = view.createGraphics();
        AffineTransform toPx = AffineTransform.getTranslateInstance(500, 350);
        toPx.scale(12, 12);
        toPx.translate(-at.x(), -at.y());
        Rectangle bounds = new Rectangle(0, 0, view.getWidth(), view.getHeight());
        new PlanPainter(Plans.forPixels(art)).paint(g, toPx, bounds, true, true);
        g.dispose();
        return view;
    }

    private static Point place(Drawing drawing, Random random) {
        return new Point(
                random.nextDouble() * drawing.widthMm(), random.nextDouble() * drawing.heightMm());
    }

    /** The median time of some rounds after as many to warm up, ms. */
    private static double median(int rounds, Callable<?> work) throws Exception {
        double[] times = new double[rounds];
        for (int k = -rounds; k < rounds; k++) {
            long start = System.nanoTime();
            work.call();
            times[Math.max(0, k)] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(times);
        return times[rounds / 2];
    }

    /** A page of 11 x 14 in full of four-sided cells with uneven walls, every seventh one open. */
    private static byte[] cells(int count) throws IOException {
        int width = 3850;
        int height = 4900;
        double side = Math.sqrt((width - 200.0) * (height - 200.0) / count);
        int columns = (int) ((width - 200) / side);
        int rows = (int) ((height - 200) / side);
        Random random = new Random(11);
        double[][] x = new double[rows + 1][columns + 1];
        double[][] y = new double[rows + 1][columns + 1];
        for (int r = 0; r <= rows; r++) {
            for (int c = 0; c <= columns; c++) {
                x[r][c] = 100 + side * (c + 0.3 * (random.nextDouble() - 0.5));
                y[r][c] = 100 + side * (r + 0.3 * (random.nextDouble() - 0.5));
            }
        }
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke((float) Math.max(3, side / 14)));
        for (int r = 0; r <= rows; r++) {
            for (int c = 0; c <= columns; c++) {
                if (c < columns) {
                    wall(g, x[r][c], y[r][c], x[r][c + 1], y[r][c + 1], random);
                }
                if (r < rows) {
                    wall(g, x[r][c], y[r][c], x[r + 1][c], y[r + 1][c], random);
                }
            }
        }
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        PngFile.write(image, PX_PER_MM * Resolution.MM_PER_INCH, png);
        return png.toByteArray();
    }

    private static void wall(
            Graphics2D g, double ax, double ay, double bx, double by, Random random) {
        Path2D line = new Path2D.Double();
        line.moveTo(ax, ay);
        if (random.nextInt(7) == 0) {
            line.lineTo(ax + 0.42 * (bx - ax), ay + 0.42 * (by - ay));
            line.moveTo(ax + 0.58 * (bx - ax), ay + 0.58 * (by - ay));
        }
        line.lineTo(bx, by);
        g.draw(line);
    }
}
