package neattrace.bench;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import neattrace.export.SvgWriter;
import neattrace.goods.GoodsKind;
import neattrace.goods.page.ColouringPage;
import neattrace.goods.page.PageArea;
import neattrace.goods.page.PageAreas;
import neattrace.goods.page.PagePlan;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.change.RoughFlats;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Geometry;

/**
 * Colour by numbers on an open set of drawings with coloured twins: whether a number touches a
 * line, told by rendering lines and numbers apart with another library (JSVG), whether one stands
 * in another area than its own, and whether every area of 4 mm has one.
 */
public final class Pages {

    private static final int DRAWINGS = 300;
    private static final int SIDE_PX = 1000;
    private static final double ACROSS_MM = 4;
    private static final int PX_PER_MM = 10;

    /** Pixels that are so dark are touched. */
    private static final int DARK = 128;

    private int drawings;
    private int numbers;
    private int touching;
    private int outside;
    private int wanted;
    private int without;
    private double millis;

    private Pages() {}

    /** Directory of black drawings, directory of their coloured twins, optionally how many. */
    public static void main(String[] arguments) throws IOException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        Pages pages = new Pages();
        for (int i = 0; i < files.size() && pages.drawings < count; i++) {
            // Spread over the set: steps of a number that shares no divisor with its size.
            Path black = files.get((int) ((long) i * 1_000_003 % files.size()));
            Path colour = Path.of(arguments[1]).resolve(black.getFileName());
            if (Files.exists(colour)) {
                pages.look(black, colour);
            }
        }
        pages.print();
    }

    private void look(Path black, Path colour) throws IOException {
        byte[] lines = SvgPicture.png(black, SIDE_PX);
        byte[] twin = SvgPicture.png(colour, SIDE_PX / 2);
        if (lines.length == 0 || twin.length == 0) {
            return;
        }
        Picture rough = PictureReader.read(twin, "rough.png");
        Job job = Job.of(new Source("lines.png", lines)).withPpi(300);
        Pipeline pipeline = new Pipeline();
        Traced traced = pipeline.trace(job, Progress.SILENT);
        Drawing drawing =
                RoughFlats.of(
                                pipeline,
                                traced,
                                rough,
                                false,
                                PressProfile.bundled(),
                                Progress.SILENT)
                        .drawing();
        WantedGoods goods = GoodsSection.UNDECIDED.firstOf(GoodsKind.COLOURING_PAGE);
        goods = goods.withMaking(goods.making().withPage(goods.making().page().withNumbers(true)));
        PageAreas areas = PageAreas.of(pipeline, drawing, Progress.SILENT);
        long start = System.nanoTime();
        ColouringPage page = ColouringPage.of(drawing, areas, goods, true, Progress.SILENT);
        millis += (System.nanoTime() - start) / 1e6;
        if (!page.numbers().isEmpty()) {
            drawings++;
            measure(black, page);
        }
    }

    private void measure(Path file, ColouringPage page) throws IOException {
        PrintPlan plan = PagePlan.of(page, PressProfile.bundled());
        List<Geometry> printed = new ArrayList<>();
        for (PrintLayer layer : plan.of(PrintLayer.Kind.NUMBERS)) {
            for (PrintObject object : layer.objects()) {
                printed.add(((PrintShape.Filled) object.shape()).polygons());
            }
        }
        numbers += printed.size();
        int touched = touching(plan);
        touching += touched > 0 ? 1 : 0;
        List<Geometry> coloured = new ArrayList<>();
        for (PageArea area : page.areas().areas()) {
            if (area.swatch() == 0) {
                continue;
            }
            Geometry there = page.onPage().transform(area.paper());
            coloured.add(there);
            if (2 * area.radiusMm() * page.room().factor() >= ACROSS_MM) {
                wanted++;
                if (printed.stream().noneMatch(there::covers)) {
                    without++;
                    System.out.println("no number: " + file.getFileName() + " " + area.middle());
                }
            }
        }
        for (Geometry one : printed) {
            if (coloured.stream().noneMatch(area -> area.covers(one))) {
                outside++;
                System.out.println("outside: " + file.getFileName());
            }
        }
        if (touched > 0) {
            System.out.println("touching: " + file.getFileName() + " " + touched + " px");
        }
    }

    /** Pixels that lines and numbers, leaders aside, both darken. */
    private static int touching(PrintPlan plan) throws IOException {
        BufferedImage lines = rendered(plan, PrintLayer.Kind.LINES);
        BufferedImage numbers = rendered(plan, PrintLayer.Kind.NUMBERS);
        int both = 0;
        for (int y = 0; y < lines.getHeight(); y++) {
            for (int x = 0; x < lines.getWidth(); x++) {
                boolean dark =
                        (lines.getRGB(x, y) >> 8 & 0xff) < DARK
                                && (numbers.getRGB(x, y) >> 8 & 0xff) < 255 - DARK / 2;
                both += dark ? 1 : 0;
            }
        }
        return both;
    }

    private static BufferedImage rendered(PrintPlan plan, PrintLayer.Kind kind) throws IOException {
        ByteArrayOutputStream svg = new ByteArrayOutputStream();
        SvgWriter.writeGoods(plan.with(plan.of(kind)), svg);
        SVGDocument document =
                new SVGLoader()
                        .load(
                                new ByteArrayInputStream(svg.toByteArray()),
                                null,
                                LoaderContext.createDefault());
        int width = (int) Math.ceil(plan.widthMm() * PX_PER_MM);
        int height = (int) Math.ceil(plan.heightMm() * PX_PER_MM);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        double scale = width / (double) document.size().width;
        g.scale(scale, scale);
        document.render(null, g);
        g.dispose();
        return image;
    }

    private void print() {
        System.out.printf(
                Locale.ROOT,
                "%d coloured drawings, %d numbers: %d drawings with one that touches a line, %d"
                        + " outside its area%n",
                drawings,
                numbers,
                touching,
                outside);
        System.out.printf(
                Locale.ROOT,
                "%d areas of %.0f mm: %d without a number; %.0f ms each%n",
                wanted,
                ACROSS_MM,
                without,
                millis / Math.max(1, drawings));
    }
}
