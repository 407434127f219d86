package neattrace.goods.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import neattrace.export.PdfWriter;
import neattrace.export.PlanPainter;
import neattrace.finding.Answer;
import neattrace.finding.Findings;
import neattrace.finding.Group;
import neattrace.flat.Fill;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.making.PageMend;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.making.PageRecipe.Tint;
import neattrace.inspection.Inspector;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

@Tag("thorough")
class ColouringPageTest {

    private static final PressProfile PRESS = PressProfile.bundled();
    private static final WantedGoods USUAL =
            GoodsSection.UNDECIDED.firstOf(GoodsKind.COLOURING_PAGE);

    private static Drawing drawing(Job job) throws IOException {
        return new Pipeline().run(job, Progress.SILENT);
    }

    /** Shapes in lines of 6 px at 300 ppi, which is 0.5 mm. */
    private static Job drawn(int width, int height, Shape... shapes) {
        BufferedImage image =
                Pictures.plain(width, height, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(6));
        for (Shape shape : shapes) {
            g.draw(shape);
        }
        g.dispose();
        return Job.of(new Source("a.png", Pictures.png(image, 300)));
    }

    private static WantedGoods with(UnaryOperator<PageRecipe> change) {
        return USUAL.withMaking(USUAL.making().withPage(change.apply(USUAL.making().page())));
    }

    private static ColouringPage page(Drawing drawing, WantedGoods wanted) {
        return ColouringPage.of(
                drawing, PageAreas.of(drawing, Progress.SILENT), wanted, true, Progress.SILENT);
    }

    /** Kept so large that a mm of the scan is a mm of the page. */
    private static WantedGoods asDrawn(Drawing drawing, UnaryOperator<PageRecipe> change) {
        WantedGoods wanted = with(change);
        return wanted.withGoods(
                wanted.goods()
                        .withSizing(
                                wanted.goods()
                                        .sizing()
                                        .withFit(neattrace.goods.Sizing.Fit.SCANNED)));
    }

    private static BufferedImage painted(PrintPlan plan, double pxPerMm) {
        int width = (int) Math.round(plan.widthMm() * pxPerMm);
        int height = (int) Math.round(plan.heightMm() * pxPerMm);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        new PlanPainter(plan)
                .paint(
                        g,
                        AffineTransform.getScaleInstance(pxPerMm, pxPerMm),
                        new Rectangle2D.Double(0, 0, width, height),
                        true,
                        true);
        g.dispose();
        return image;
    }

    @Test
    void theDrawingFillsThePageWithinItsMargins() throws IOException {
        Drawing drawing = drawing(Jobs.coloured());
        WantedGoods wanted = with(one -> one.withNumbers(true).withSample(true).withGutterMm(14));
        PrintPlan plan = PagePlan.of(page(drawing, wanted), PRESS);
        assertThat(plan.widthMm()).isEqualTo(203.2, within(1e-9));
        assertThat(plan.heightMm()).isEqualTo(254.0, within(1e-9));
        BufferedImage image = painted(plan, 10);
        int[] box = {Integer.MAX_VALUE, Integer.MAX_VALUE, -1, -1};
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if (image.getRGB(x, y) >>> 24 > 16) {
                    box[0] = Math.min(box[0], x);
                    box[1] = Math.min(box[1], y);
                    box[2] = Math.max(box[2], x);
                    box[3] = Math.max(box[3], y);
                }
            }
        }
        // A gutter of 14 mm at the left and 6 mm elsewhere; 203.2 mm wide.
        assertThat(box[0]).isBetween(139, 141);
        assertThat(box[2]).isBetween(1970, 1972);
        assertThat(box[1]).isGreaterThanOrEqualTo(59);
        assertThat(box[3]).isLessThanOrEqualTo(2480);
    }

    @Test
    void theInnerSideOfABookIsByTurnsLeftAndRight() throws IOException {
        Drawing drawing = drawing(Jobs.plain());
        PageAreas areas = PageAreas.of(drawing, Progress.SILENT);
        WantedGoods wanted = with(one -> one.withGutterMm(20));
        double left =
                ColouringPage.of(drawing, areas, wanted, true, Progress.SILENT)
                        .room()
                        .inner()
                        .getMinX();
        double right =
                ColouringPage.of(drawing, areas, wanted, false, Progress.SILENT)
                        .room()
                        .inner()
                        .getMaxX();
        assertThat(left).isEqualTo(20, within(1e-9));
        assertThat(right).isEqualTo(203.2 - 20, within(1e-9));
    }

    @Test
    void linesAreInOneTintAndNothingElseIsPrinted() throws IOException {
        Drawing drawing = drawing(Jobs.coloured());
        PrintPlan grey = PagePlan.of(page(drawing, with(one -> one.withTintPercent(40))), PRESS);
        assertThat(grey.layers()).hasSize(1);
        for (PrintObject object : grey.layers().get(0).objects()) {
            assertThat(object.tints().process()).isEqualTo(new Cmyk(0, 0, 0, 40));
        }
        PrintPlan umber =
                PagePlan.of(
                        page(drawing, with(one -> one.withTint(Tint.UMBER).withTintPercent(50))),
                        PRESS);
        Cmyk build = umber.layers().get(0).objects().get(0).tints().process();
        assertThat(build.y()).isGreaterThan(build.c());
    }

    /** Areas against the circles they were drawn as: 85 px of free paper, 36.5 px. */
    @Test
    void areasAreAsLargeAsTheyWereDrawn() throws IOException {
        PageAreas areas = PageAreas.of(drawing(Jobs.coloured()), Progress.SILENT);
        double mm = 25.4 / 300;
        assertThat(areas.areas()).hasSize(2);
        assertThat(areas.outside()).hasSize(1);
        double[] radii = areas.areas().stream().mapToDouble(PageArea::radiusMm).sorted().toArray();
        // The ring between them: from 42 to 86.5 px about a middle.
        assertThat(radii[0]).isCloseTo((86.5 - 42) / 2 * mm, within(0.02));
        assertThat(radii[1]).isCloseTo(38 * mm, within(0.02));
    }

    /**
     * Inscribed circles against brute force: the point of a fine grid that is farthest from the
     * edge, of shapes drawn at random.
     */
    @Test
    void theLargestCirclesAreThoseOfBruteForce() throws IOException {
        Random random = new Random(5);
        List<Shape> shapes = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            double x = 30 + random.nextDouble() * 380;
            double y = 30 + random.nextDouble() * 380;
            shapes.add(
                    new Ellipse2D.Double(
                            x, y, 30 + 120 * random.nextDouble(), 20 + 90 * random.nextDouble()));
            shapes.add(
                    new Line2D.Double(x, y, 600 * random.nextDouble(), 600 * random.nextDouble()));
        }
        shapes.add(new Rectangle2D.Double(12, 12, 576, 576));
        PageAreas areas =
                PageAreas.of(
                        drawing(drawn(600, 600, shapes.toArray(Shape[]::new))), Progress.SILENT);
        assertThat(areas.areas()).hasSizeGreaterThan(20);
        GeometryFactory factory = new GeometryFactory();
        for (PageArea area : areas.areas()) {
            IndexedFacetDistance edge = new IndexedFacetDistance(area.paper().getBoundary());
            double best = 0;
            var box = area.paper().getEnvelopeInternal();
            double step = Math.max(0.03, Math.max(box.getWidth(), box.getHeight()) / 60);
            for (double y = box.getMinY(); y < box.getMaxY(); y += step) {
                for (double x = box.getMinX(); x < box.getMaxX(); x += step) {
                    Geometry at = factory.createPoint(new Coordinate(x, y));
                    if (area.paper().contains(at)) {
                        best = Math.max(best, edge.distance(at));
                    }
                }
            }
            assertThat(area.radiusMm()).isBetween(best - 0.01, best + step);
        }
    }

    @Test
    void areasNoPencilGoesIntoAreTold() throws IOException {
        // Free paper of 24, 36 and 48 px between lines of 6 px: 2.03, 3.05 and 4.06 mm.
        Drawing drawing =
                drawing(
                        drawn(
                                400,
                                200,
                                new Rectangle2D.Double(20, 20, 30, 100),
                                new Rectangle2D.Double(120, 20, 42, 100),
                                new Rectangle2D.Double(220, 20, 54, 100)));
        ColouringPage page = page(drawing, asDrawn(drawing, one -> one));
        assertThat(page.room().factor()).isEqualTo(1);
        assertThat(page.small()).hasSize(1);
        assertThat(2 * page.small().get(0).radiusMm()).isCloseTo(2.03, within(0.02));
        assertThat(PageFacts.of(page).findings())
                .extracting(one -> one.kind())
                .containsExactly("small");
    }

    @Test
    void anAreaIsWidenedAsFarAsItsLinesHold() throws IOException {
        // 2.2 mm of paper between lines of 1 mm.
        Drawing drawing = drawing(thick());
        UnaryOperator<PageRecipe> widened =
                one -> one.withMends(List.of(new PageMend(new Point(8, 8), PageMend.How.WIDEN)));
        ColouringPage before = page(drawing, asDrawn(drawing, one -> one));
        ColouringPage after = page(drawing, asDrawn(drawing, widened));
        assertThat(before.small()).hasSize(2);
        assertThat(after.small()).hasSize(1);
        PageMending mending = new PageMending(before.areas(), before.goods(), 1);
        assertThat(before.small()).allMatch(mending::canWiden);
        // A wall of 1 mm gave way by 0.4 mm, and stays a line.
        double ink = before.areas().ink().getArea() - after.areas().ink().getArea();
        assertThat(ink).isPositive();
        assertThat(after.areas().areas()).hasSize(before.areas().areas().size());
    }

    /** Two rooms of 2.2 by 8 mm side by side, walls of 1 mm. */
    private static Job thick() {
        BufferedImage image = Pictures.plain(240, 240, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLACK);
        g.fillRect(70, 40, 12 + 26 + 12 + 26 + 12, 12 + 94 + 12);
        g.setColor(Color.WHITE);
        g.fillRect(82, 52, 26, 94);
        g.fillRect(120, 52, 26, 94);
        g.dispose();
        return Job.of(new Source("a.png", Pictures.png(image, 300)));
    }

    @Test
    void anAreaOpensToItsNeighbour() throws IOException {
        Drawing drawing = drawing(thick());
        ColouringPage before = page(drawing, asDrawn(drawing, one -> one));
        ColouringPage after =
                page(
                        drawing,
                        asDrawn(
                                drawing,
                                one ->
                                        one.withMends(
                                                List.of(
                                                        new PageMend(
                                                                new Point(8, 8),
                                                                PageMend.How.OPEN)))));
        assertThat(before.areas().areas()).hasSize(2);
        assertThat(after.areas().areas()).hasSize(1);
        assertThat(PagePlan.of(after, PRESS).of(PrintLayer.Kind.LINES).get(0).objects()).hasSize(1);
    }

    @Test
    void aMendWhereThereIsNoAreaDoesNothing() throws IOException {
        Drawing drawing = drawing(thick());
        ColouringPage page =
                page(
                        drawing,
                        asDrawn(
                                drawing,
                                one ->
                                        one.withMends(
                                                List.of(
                                                        new PageMend(
                                                                new Point(1, 1),
                                                                PageMend.How.WIDEN)))));
        assertThat(page.isMended()).isFalse();
    }

    @Test
    void everyColouredAreaBearsItsNumberAndNoNumberTouchesALine() throws IOException {
        Drawing drawing = drawing(Jobs.coloured());
        ColouringPage page = page(drawing, with(one -> one.withNumbers(true)));
        assertThat(page.swatches()).containsExactly(Jobs.INNER, Jobs.OUTER);
        assertThat(page.numbers()).hasSize(2).allMatch(one -> one.leader().isEmpty());
        for (PlacedNumber number : page.numbers()) {
            int swatch = page.swatches().get(number.number() - 1).id();
            Geometry area =
                    page.areas().areas().stream()
                            .filter(one -> one.swatch() == swatch)
                            .map(one -> page.onPage().transform((Geometry) one.paper()))
                            .findFirst()
                            .orElseThrow();
            assertThat(area.contains(number.letters())).isTrue();
            assertThat(
                            number.letters()
                                    .distance(area.getFactory().createGeometry(area.getBoundary())))
                    .isGreaterThan(0.2);
            assertThat(number.letters().getEnvelopeInternal().getHeight())
                    .isCloseTo(number.heightMm(), within(0.01));
        }
    }

    @Test
    void anAreaWithoutRoomIsLedTo() throws IOException {
        // A slit of 1 mm within a room.
        Swatch swatch = new Swatch(1, "Slit", new Cmyk(0, 50, 100, 0));
        Job job =
                drawn(
                                400,
                                400,
                                new Rectangle2D.Double(20, 20, 360, 360),
                                new Rectangle2D.Double(180, 180, 18, 60))
                        .withSwatches(List.of(swatch))
                        .withFills(List.of(new Fill(new Point(16, 18), 1)));
        Drawing drawing = drawing(job);
        ColouringPage page = page(drawing, asDrawn(drawing, one -> one.withNumbers(true)));
        assertThat(page.numbers()).hasSize(1);
        PlacedNumber number = page.numbers().get(0);
        assertThat(number.leader()).isPresent();
        Geometry ink = page.onPage().transform(page.areas().ink());
        assertThat(number.letters().distance(ink)).isGreaterThan(0.1);
        PageArea slit =
                page.areas().areas().stream()
                        .filter(one -> one.swatch() == 1)
                        .findAny()
                        .orElseThrow();
        Geometry there = page.onPage().transform((Geometry) slit.paper());
        assertThat(number.leader().orElseThrow().intersects(there)).isTrue();
        assertThat(number.heightMm()).isGreaterThanOrEqualTo(1.7);
    }

    @Test
    void withoutColoursThereAreNoNumbers() throws IOException {
        ColouringPage page = page(drawing(Jobs.plain()), with(one -> one.withNumbers(true)));
        assertThat(page.numbers()).isEmpty();
        assertThat(PageFacts.of(page).findings())
                .extracting(one -> one.kind())
                .contains("no-colours");
    }

    @Test
    void anEmptySheetMakesAnEmptyPage() throws IOException {
        ColouringPage page = page(drawing(drawn(100, 100)), with(one -> one.withNumbers(true)));
        assertThat(PageFacts.of(page).findings())
                .extracting(one -> one.kind())
                .containsExactly("empty");
        assertThat(PagePlan.of(page, PRESS).widthMm()).isEqualTo(203.2, within(1e-9));
    }

    /** Opened again by another library: a point is 1/72 inch. */
    @Test
    void severalPagesBecomeOneBook() throws IOException {
        PrintPlan one = PagePlan.of(page(drawing(Jobs.plain()), USUAL), PRESS);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(List.of(one, one, one), out);
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            assertThat(document.getPage(2).getMediaBox().getWidth())
                    .isCloseTo(8 * 72f, within(0.01f));
            assertThat(document.getDocumentCatalog().getOCProperties().getGroupNames()).hasSize(1);
        }
    }

    @Test
    void ownTimesCalibrateThePace() {
        ColouringPace usual = ColouringPace.of(PageRecipe.Pencil.PENCIL);
        double estimated = usual.minutes(200, 50);
        assertThat(usual.calibrated(estimated, 90).minutes(200, 50)).isCloseTo(90, within(1e-9));
        assertThat(usual.calibrated(0, 10)).isEqualTo(usual);
    }

    /** A finding's answer, taken, and the same looked for again. */
    @Test
    void whatIsToldAsTooSmallIsMendedByAnAnswer() throws IOException {
        Job job = thick();
        job =
                job.withGoods(
                        job.goods()
                                .with(
                                        USUAL.goods()
                                                .withSizing(
                                                        USUAL.goods()
                                                                .sizing()
                                                                .withFit(
                                                                        neattrace.goods.Sizing.Fit
                                                                                .SCANNED))));
        Pipeline pipeline = new Pipeline();
        Inspector inspector = new Inspector(pipeline, Inspector.ALL);
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        Group small = small(inspector.look(drawing, Progress.SILENT)).orElseThrow();
        assertThat(small.count()).isEqualTo(2);
        Answer.Change mend =
                (Answer.Change)
                        small.answers().stream()
                                .filter(one -> one.key().equals("mend"))
                                .findFirst()
                                .orElseThrow();
        Drawing after = pipeline.run(mend.apply(job, drawing), Progress.SILENT);
        assertThat(after.job().goods().main().orElseThrow().making().page().mends())
                .hasSize(2)
                .allMatch(one -> one.how() == PageMend.How.WIDEN);
        assertThat(small(inspector.look(after, Progress.SILENT))).isEmpty();
        assertThat(page(after, after.job().goods().main().orElseThrow()).small()).isEmpty();
    }

    private static Optional<Group> small(Findings findings) {
        return findings.groups().stream()
                .filter(one -> one.kind().key().equals("area-too-small"))
                .findFirst();
    }

    @Test
    void areasAreNotLookedAtAgainWhenOnlyGoodsChange() throws IOException {
        Pipeline pipeline = new Pipeline();
        Job job = Jobs.coloured();
        Job other = job.withGoods(job.goods().with(UsualGoods.of(GoodsKind.MUG)));
        PageAreas areas =
                PageAreas.of(pipeline, pipeline.run(job, Progress.SILENT), Progress.SILENT);
        assertThat(PageAreas.of(pipeline, pipeline.run(other, Progress.SILENT), Progress.SILENT))
                .isSameAs(areas);
    }
}
