package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Plans;
import neattrace.stage.Progress;
import neattrace.standin.skerry.SkerryJobs;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * No halo and no peep-out, proved by two renderers that know nothing of this program, JSVG and
 * PDFBox, at 300 ppi and 4 and 16 times that: windows round places where two colours meet are
 * rendered on a transparent ground. Wherever colours or ink lie, not a pixel may show the ground;
 * beyond both, not a pixel may be painted.
 */
@Tag("thorough")
class NoHaloTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final PressProfile PRESS = PressProfile.bundled();
    private static final int WINDOW_PX = 120;
    private static final int WINDOWS = 12;

    private static Artwork art;
    private static List<Coordinate> places;

    @BeforeAll
    static void colour() throws IOException {
        Job job = SkerryJobs.job(SkerryMail.PUFFIN, Drawings.of(SkerryMail.PUFFIN));
        Drawing drawing = new Pipeline().run(job, Progress.SILENT);
        art = Artwork.of(drawing, PRESS).forFiles();
        places = meetings(art.layers());
    }

    /** Places on edges that two layers share. */
    private static List<Coordinate> meetings(List<FlatLayer> layers) {
        List<Coordinate> all = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            for (int j = i + 1; j < layers.size(); j++) {
                Geometry shared =
                        layers.get(i)
                                .shape()
                                .getBoundary()
                                .intersection(layers.get(j).shape().getBoundary());
                all.addAll(List.of(shared.getCoordinates()));
            }
        }
        assertThat(all).hasSizeGreaterThan(WINDOWS);
        Random random = new Random(5);
        List<Coordinate> some = new ArrayList<>();
        for (int k = 0; k < WINDOWS; k++) {
            some.add(all.get(random.nextInt(all.size())));
        }
        return some;
    }

    @FunctionalInterface
    private interface Renderer {
        void render(Graphics2D graphics, double pxPerMm);
    }

    @ParameterizedTest
    @CsvSource({"1, true", "4, true", "16, true", "1, false", "4, false", "16, false"})
    void noWindowShowsTheGroundBetweenColoursOrColourBeyondTheInk(int zoom, boolean withLines)
            throws Exception {
        Artwork shown = withLines ? art : without(art);
        double pxPerMm = zoom * 300 / 25.4;
        SVGDocument svg = svg(shown);
        check(
                shown,
                pxPerMm,
                (graphics, scale) ->
                        svg.render(
                                (java.awt.Component) null,
                                graphics,
                                new ViewBox(
                                        0,
                                        0,
                                        (float) (shown.widthMm() * scale),
                                        (float) (shown.heightMm() * scale))));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        PdfWriter.write(Plans.of(shown), pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
            PDFRenderer renderer = new PDFRenderer(document);
            check(
                    shown,
                    pxPerMm,
                    (graphics, scale) -> {
                        try {
                            graphics.setBackground(new java.awt.Color(0, 0, 0, 0));
                            renderer.renderPageToGraphics(0, graphics, (float) (scale * 25.4 / 72));
                        } catch (IOException e) {
                            throw new IllegalStateException(e);
                        }
                    });
        }
    }

    /** The same with its lines taken away, as where they are printed in half strength. */
    private static Artwork without(Artwork art) {
        return new Artwork(
                art.title(),
                art.widthMm(),
                art.heightMm(),
                art.pieces(),
                art.groups(),
                art.spreadMm(),
                art.trimMm(),
                art.layers(),
                List.of(),
                List.of(),
                art.black(),
                art.press());
    }

    private static SVGDocument svg(Artwork shown) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.write(Plans.of(shown), out);
        return new SVGLoader()
                .load(
                        new ByteArrayInputStream(out.toByteArray()),
                        null,
                        LoaderContext.builder()
                                .documentLimits(new DocumentLimits(10, 10, 200_000))
                                .build());
    }

    private static void check(Artwork shown, double pxPerMm, Renderer renderer) {
        Geometry painted = painted(shown);
        // A pixel and a half to either side, edges are soft.
        double soft = 1.5 / pxPerMm;
        PreparedGeometry surely = PreparedGeometryFactory.prepare(painted.buffer(-soft, 4));
        PreparedGeometry perhaps = PreparedGeometryFactory.prepare(painted.buffer(soft, 4));
        for (Coordinate place : places) {
            BufferedImage window = window(place, pxPerMm, renderer);
            for (int y = 1; y < WINDOW_PX - 1; y++) {
                for (int x = 1; x < WINDOW_PX - 1; x++) {
                    Geometry at = at(place, x, y, pxPerMm);
                    int alpha = window.getRGB(x, y) >>> 24;
                    if (alpha < 255 && surely.contains(at)) {
                        throw new AssertionError("ground shows at " + at + ", alpha " + alpha);
                    }
                    if (alpha > 0 && !perhaps.contains(at)) {
                        throw new AssertionError("colour comes out at " + at);
                    }
                }
            }
        }
    }

    private static Geometry at(Coordinate place, int x, int y, double pxPerMm) {
        return FACTORY.createPoint(
                new Coordinate(
                        place.x + (x + 0.5 - WINDOW_PX / 2.0) / pxPerMm,
                        place.y + (y + 0.5 - WINDOW_PX / 2.0) / pxPerMm));
    }

    /** The union of all colours and lines near the windows. */
    private static Geometry painted(Artwork shown) {
        List<Geometry> all = new ArrayList<>();
        shown.layers().forEach(layer -> all.add(layer.shape()));
        for (Outline line : shown.lines()) {
            Geometry piece = polygon(line.outer());
            for (CubicLoop hole : line.holes()) {
                piece = piece.difference(polygon(hole));
            }
            all.add(piece);
        }
        return OverlayNGRobust.union(all);
    }

    private static Geometry polygon(CubicLoop loop) {
        List<Coordinate> ring = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = new Outline(loop, List.of()).toPath().getPathIterator(null, 0.002);
                !i.isDone();
                i.next()) {
            if (i.currentSegment(at) != PathIterator.SEG_CLOSE) {
                ring.add(new Coordinate(at[0], at[1]));
            }
        }
        ring.add(ring.get(0).copy());
        return FACTORY.createPolygon(ring.toArray(Coordinate[]::new)).buffer(0);
    }

    private static BufferedImage window(Coordinate place, double pxPerMm, Renderer renderer) {
        BufferedImage image = new BufferedImage(WINDOW_PX, WINDOW_PX, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(
                RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.clipRect(0, 0, WINDOW_PX, WINDOW_PX);
        graphics.transform(
                AffineTransform.getTranslateInstance(
                        WINDOW_PX / 2.0 - place.x * pxPerMm, WINDOW_PX / 2.0 - place.y * pxPerMm));
        renderer.render(graphics, pxPerMm);
        graphics.dispose();
        return image;
    }
}
