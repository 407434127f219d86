package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import neattrace.flat.AreaGroup;
import neattrace.flat.FlatRecipe;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.raster.GreySheet;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

@Tag("thorough")
class SvgWriterTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static byte[] svg(Job job) throws IOException {
        Artwork art = Artwork.of(new Pipeline().run(job, Progress.SILENT), PRESS);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.write(Plans.of(art), out);
        return out.toByteArray();
    }

    private static Document parse(byte[] svg) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(svg));
    }

    private static List<Element> children(Element parent, String name) {
        List<Element> found = new ArrayList<>();
        for (Node n = parent.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n instanceof Element e && e.getLocalName().equals(name)) {
                found.add(e);
            }
        }
        return found;
    }

    @Test
    void thePageIsTheViewBoxInMillimetres() throws Exception {
        Element root = parse(svg(Jobs.plain())).getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("19.9813mm");
        assertThat(root.getAttribute("viewBox")).isEqualTo("0 0 19.9813 19.9813");
    }

    @Test
    void everySwatchIsATopLevelGroupNamedByNameAndHex() throws Exception {
        Element root = parse(svg(Jobs.coloured())).getDocumentElement();
        List<Element> groups = children(root, "g");
        assertThat(groups).hasSize(3);
        String innerHex = PRESS.preview(Jobs.INNER.build()).hex();
        Element inner = groups.get(0);
        assertThat(children(inner, "title").get(0).getTextContent())
                .isEqualTo("Bull & eye " + innerHex);
        assertThat(inner.getAttribute("fill")).isEqualTo(innerHex);
        assertThat(children(inner, "desc").get(0).getTextContent()).isEqualTo("C12 M88 Y72.5 K4");
        assertThat(groups)
                .extracting(g -> g.getAttribute("id"))
                .doesNotHaveDuplicates()
                .allMatch(id -> id.matches("[a-z][a-z0-9-]*"));
        assertThat(children(root, "title").get(0).getTextContent()).isEqualTo("Target <A&B>");
    }

    @Test
    void aGroupOfAreasIsAShapeOfItsNameWhereObjectsAreAskedFor() throws Exception {
        Job job = Jobs.coloured();
        Job named =
                job.withFlat(job.flat().withPieces(FlatRecipe.Pieces.BY_OBJECT))
                        .withGroups(
                                List.of(
                                        new AreaGroup(
                                                "Iris <left>",
                                                List.of(job.fills().get(0).anchor()))));
        Element root = parse(svg(named)).getDocumentElement();
        List<Element> paths =
                children(root, "g").stream().flatMap(g -> children(g, "path").stream()).toList();
        List<Element> titled =
                paths.stream().filter(path -> !children(path, "title").isEmpty()).toList();
        assertThat(titled).hasSize(1);
        assertThat(titled.get(0).getAttribute("id")).isEqualTo("iris-left");
        assertThat(children(titled.get(0), "title").get(0).getTextContent())
                .isEqualTo("Iris <left>");
    }

    @Test
    void linesLieOnTopEachPieceAPathOfItsOwn() throws Exception {
        Element root = parse(svg(Jobs.coloured())).getDocumentElement();
        Element lines = children(root, "g").get(2);
        assertThat(lines.getAttribute("id")).startsWith("lines");
        assertThat(children(lines, "path")).hasSize(2);
        assertThat(children(lines, "path").get(0).getAttribute("d")).startsWith("M").endsWith("Z");
        assertThat(new String(svg(Jobs.coloured()), StandardCharsets.UTF_8))
                .doesNotContain("transform");
    }

    /** Rendered by JSVG, an independent renderer, into pixels that lie exactly over the source. */
    private static BufferedImage render(byte[] svg, int width, int height) {
        SVGDocument document =
                new SVGLoader()
                        .load(
                                new ByteArrayInputStream(svg),
                                null,
                                LoaderContext.builder()
                                        .documentLimits(new DocumentLimits(10, 10, 20_000))
                                        .build());
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width, height);
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render((java.awt.Component) null, graphics, new ViewBox(0, 0, width, height));
        graphics.dispose();
        return image;
    }

    @Test
    void renderedItLiesExactlyOverTheSource() throws Exception {
        GreySheet scan = StandInScanner.scan(Drawings.of(SkerryMail.MOTH), ScanSettings.clean(150));
        Job job = Job.of(new neattrace.job.Source("moth.png", Pictures.png(scan, 150)));
        BufferedImage image = render(svg(job), scan.width(), scan.height());
        long sum = 0;
        int farOff = 0;
        for (int y = 0; y < scan.height(); y++) {
            for (int x = 0; x < scan.width(); x++) {
                int off = Math.abs((image.getRGB(x, y) & 0xff) - scan.at(x, y));
                sum += off;
                farOff += off > 128 ? 1 : 0;
            }
        }
        double pixels = (double) scan.width() * scan.height();
        assertThat(sum / pixels).as("mean difference of 255").isLessThan(2.0);
        assertThat(farOff / pixels).isLessThan(0.0002);
    }

    @Test
    void renderedColoursRunUnderTheLinesWithoutAHalo() throws Exception {
        BufferedImage image = render(svg(Jobs.coloured()), 944, 944);
        Color inner = new Color(image.getRGB(472, 472));
        Color outer = new Color(image.getRGB(472, 230));
        assertThat(inner.getRGB() & 0xffffff).isEqualTo(PRESS.preview(Jobs.INNER.build()).packed());
        assertThat(outer.getRGB() & 0xffffff).isEqualTo(PRESS.preview(Jobs.OUTER.build()).packed());
        // From the middle outwards: no pixel is lighter than both colours before the outer line.
        for (int y = 472; y > 130; y--) {
            Color c = new Color(image.getRGB(472, y));
            assertThat(c.getBlue())
                    .isLessThanOrEqualTo(Math.max(inner.getBlue(), outer.getBlue()) + 2);
        }
    }

    @Test
    void numbersAreShort() {
        assertThat(SvgNumber.text(1.23456)).isEqualTo("1.2346");
        assertThat(SvgNumber.text(-0.5)).isEqualTo("-0.5");
        assertThat(SvgNumber.text(-0.00001)).isEqualTo("0");
        assertThat(SvgNumber.text(12)).isEqualTo("12");
        assertThat(SvgNumber.text(3.0500)).isEqualTo("3.05");
        assertThat(Double.parseDouble(SvgNumber.text(203.20004))).isCloseTo(203.2, within(1e-9));
    }

    @Test
    void strokesDrawnWithTheirWidthsLieOverTheInk() throws IOException {
        neattrace.raster.InkMap map =
                neattrace.testing.DrawnInk.of(
                        400,
                        300,
                        neattrace.testing.DrawnInk.pen(
                                6,
                                new java.awt.geom.Ellipse2D.Double(60, 50, 180, 150),
                                new java.awt.geom.CubicCurve2D.Double(
                                        20, 280, 120, 220, 240, 320, 380, 220)));
        neattrace.trace.centre.StrokeArt art =
                neattrace.trace.centre.StrokeArt.of(
                        map,
                        neattrace.trace.centre.CentrelineFinder.find(map, Progress.SILENT),
                        new int[0],
                        0,
                        0.1);
        Artwork page =
                new Artwork(
                        "Strokes <1>",
                        40,
                        30,
                        FlatRecipe.Pieces.UNITED,
                        List.of(),
                        0,
                        0,
                        List.of(),
                        List.of(),
                        List.of(),
                        neattrace.press.BlackRule.K_ONLY,
                        PRESS);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.write(Plans.strokes(page, art), out);
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("fill=\"none\"", "Strokes &lt;1&gt;");
        assertThat(art.open()).allMatch(stroke -> Math.abs(stroke.widthMm() - 0.6) < 0.005);
        BufferedImage image = render(out.toByteArray(), 400, 300);
        double sum = 0;
        for (int i = 0; i < 400 * 300; i++) {
            int drawn = 255 - (image.getRGB(i % 400, i / 400) & 0xff);
            sum += Math.abs(drawn - (map.coverage()[i] & 0xff));
        }
        // As a share of all ink.
        double ink = 0;
        for (byte value : map.coverage()) {
            ink += value & 0xff;
        }
        assertThat(sum / ink).isLessThan(0.04);
    }

    /** Flats lie beneath strokes as beneath outlines, and lines in a colour keep it. */
    @Test
    void strokesKeepFlatsAndTheColoursOfLines() throws IOException {
        Job job = Jobs.coloured();
        Drawing drawing =
                new Pipeline()
                        .run(
                                job.withLine(
                                        job.line()
                                                .withColour(
                                                        job.line()
                                                                .colour()
                                                                .withSwatch(Jobs.OUTER.id())
                                                                .withBorderBlack(true))),
                                Progress.SILENT);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.write(
                Plans.strokes(
                        Artwork.of(drawing, PRESS),
                        new Pipeline().strokes(drawing.traced(), Progress.SILENT)),
                out);
        String svg = out.toString(StandardCharsets.UTF_8);
        String straw = PRESS.preview(Jobs.OUTER.build()).hex();
        assertThat(svg)
                .contains("fill=\"" + PRESS.preview(Jobs.INNER.build()).hex())
                .contains("<title>Strokes Straw &lt;2&gt; " + straw)
                .contains("stroke=\"" + straw)
                .contains("<title>Strokes</title>")
                .contains("stroke=\"#000000");
        assertThat(svg.indexOf("fill=\"" + straw)).isLessThan(svg.indexOf("stroke=\"" + straw));
        // The border is black, the ring within is straw: drawn so by another renderer.
        BufferedImage image = render(out.toByteArray(), 236, 236);
        assertThat(image.getRGB(118, 28) & 0xffffff).isZero();
        assertThat(image.getRGB(118, 78) & 0xffffff)
                .isEqualTo(PRESS.preview(Jobs.OUTER.build()).packed());
    }
}
