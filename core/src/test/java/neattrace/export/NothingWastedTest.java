package neattrace.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neattrace.geom.CubicSegments;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsKind;
import neattrace.goods.Sizing;
import neattrace.goods.UsualGoods;
import neattrace.goods.cloth.ClothFacts;
import neattrace.goods.cloth.ClothPlan;
import neattrace.goods.cloth.ClothPrint;
import neattrace.goods.making.ClothRecipe;
import neattrace.goods.nest.NestWish;
import neattrace.goods.sheet.SheetItem;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.SheetPlan;
import neattrace.goods.sheet.StickerSheet;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerPlan;
import neattrace.goods.transfer.TransferPlan;
import neattrace.goods.transfer.TransferStencil;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.GoodsDrawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.setting.MakingSettings;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressPalette;
import neattrace.print.ready.PressSheet;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Envelope;

/**
 * What costs vinyl, screens or plates if it is wrong: boxes (ISO 32000-1, 14.11.2), versions (ISO
 * 15930-1, 6.2, and -7), cross-reference tables (ISO 32000-1, 7.5.4 and 7.5.5), units of DXF (the
 * format's published header variables), blades that run twice, screens that are paid twice. PDFs
 * are read by PDFBox.
 */
class NothingWastedTest {

    private static final double MM = 72 / 25.4;
    private static final PressProfile PRESS = PressProfile.bundled();

    private static Job wanting(Job job, GoodsKind kind) {
        return job.withGoods(GoodsSection.UNDECIDED.with(UsualGoods.of(kind)));
    }

    private static Sticker sticker() throws IOException {
        Pipeline pipeline = new Pipeline();
        Job job = wanting(Jobs.coloured(), GoodsKind.STICKER);
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        return GoodsSticker.of(
                pipeline, drawing, job.goods().wanted().get(0), PRESS, Progress.SILENT);
    }

    /** Spikes of many lengths with nooks between them: even cut lines lie farther out there. */
    private static Job spikes() throws IOException {
        BufferedImage image = Pictures.plain(900, 900, BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(9));
        for (int k = 0; k < 48; k++) {
            double turn = 2 * Math.PI * k / 48;
            double far = 200 + 200 * Math.abs(Math.sin(7 * k));
            g.draw(
                    new Line2D.Double(
                            450, 450, 450 + far * Math.cos(turn), 450 + far * Math.sin(turn)));
        }
        g.dispose();
        return Job.of(new Source("spikes.png", Pictures.png(image, 300)));
    }

    @ParameterizedTest
    @EnumSource(
            value = Sizing.Fit.class,
            names = {"WIDTH", "HEIGHT"})
    void stickersAreAsLargeAsTheyAreAskedFor(Sizing.Fit fit) throws IOException {
        for (double mm : new double[] {20, 60, 200}) {
            Goods goods = UsualGoods.of(GoodsKind.STICKER).withSizing(new Sizing(fit, mm, mm, 300));
            Job job = spikes().withGoods(GoodsSection.UNDECIDED.with(goods));
            Pipeline pipeline = new Pipeline();
            Sticker made =
                    GoodsSticker.of(
                            pipeline,
                            pipeline.run(job, Progress.SILENT),
                            job.goods().wanted().get(0),
                            PRESS,
                            Progress.SILENT);
            Envelope box = made.area().getEnvelopeInternal();
            double is = fit == Sizing.Fit.WIDTH ? box.getWidth() : box.getHeight();
            assertThat(is).isCloseTo(mm, within(0.02));
            assertThat(made.silhouette().distance(made.area().getBoundary()))
                    .isGreaterThan(0.97 * goods.edges().borderMm());
        }
    }

    private static byte[] pdf(PrintPlan plan, PdfStandard standard) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(List.of(plan), standard, out);
        return out.toByteArray();
    }

    private static void isAt(PDRectangle box, Envelope mm, double heightMm) {
        assertThat(box.getLowerLeftX() / MM).isCloseTo(mm.getMinX(), within(0.02));
        assertThat(box.getUpperRightX() / MM).isCloseTo(mm.getMaxX(), within(0.02));
        assertThat(heightMm - box.getUpperRightY() / MM).isCloseTo(mm.getMinY(), within(0.02));
        assertThat(heightMm - box.getLowerLeftY() / MM).isCloseTo(mm.getMaxY(), within(0.02));
    }

    private static Envelope cuts(List<PrintLayer> along) {
        Envelope all = new Envelope();
        for (PrintLayer layer : along) {
            for (PrintObject object : layer.objects()) {
                ((PrintShape.Curved) object.shape())
                        .outline()
                        .loops()
                        .forEach(path -> reach(path, all));
            }
        }
        return all;
    }

    private static void reach(CubicSegments path, Envelope all) {
        for (int i = 0; i < path.size(); i++) {
            for (int k = 0; k <= 400; k++) {
                Point at = path.at(i, k / 400.0);
                all.expandToInclude(at.x(), at.y());
            }
        }
    }

    @ParameterizedTest
    @EnumSource(PdfStandard.class)
    void aStickerIsTrimmedWhereItIsCutAndBleedsBeyond(PdfStandard standard) throws IOException {
        Sticker sticker = sticker();
        PrintPlan plan = StickerPlan.readyPage(sticker, Progress.SILENT);
        try (PDDocument document = Loader.loadPDF(pdf(plan, standard))) {
            PDPage page = document.getPage(0);
            // The second cut is that through the backing, round what is peeled off.
            List<PrintLayer> along = plan.of(PrintLayer.Kind.TECHNICAL);
            assertThat(along.get(0).objects()).isNotEmpty();
            Envelope cut = cuts(along.subList(0, 1));
            isAt(page.getTrimBox(), cut, plan.heightMm());
            Envelope bled = cut.copy();
            bled.expandBy(sticker.recipe().bleedMm());
            isAt(page.getBleedBox(), bled, plan.heightMm());
            assertThat(page.getMediaBox().getWidth() / MM)
                    .isCloseTo(plan.widthMm(), within(0.01))
                    .isGreaterThan(bled.getWidth());
            assertThat(document.getDocumentCatalog().getCOSObject().containsKey(COSName.VERSION))
                    .isFalse();
        }
    }

    @Test
    void aSheetIsCutWithinItsPaper() throws IOException {
        StickerSheet sheet =
                StickerSheet.arrange(
                        SheetLayout.USUAL.withSize(148, 210),
                        "",
                        "",
                        List.of(new SheetItem("one", sticker(), 1)),
                        List.of(),
                        new NestWish(1, false, 1, 60, 1),
                        found -> {},
                        Progress.SILENT);
        PrintPlan plan = SheetPlan.ready(sheet, PRESS, Progress.SILENT);
        Envelope cut = cuts(plan.of(PrintLayer.Kind.TECHNICAL));
        assertThat(new Envelope(0, 148, 0, 210).contains(cut)).isTrue();
        assertThat(cut.getMinX()).isGreaterThan(0.5);
        try (PDDocument document = Loader.loadPDF(pdf(plan, PdfStandard.X4))) {
            isAt(document.getPage(0).getTrimBox(), cut, 210);
            isAt(document.getPage(0).getBleedBox(), new Envelope(0, 148, 0, 210), 210);
        }
    }

    @Test
    void anOldMachinesTableCountsItsObjectsRight() throws IOException {
        String text =
                new String(
                        pdf(StickerPlan.page(sticker()), PdfStandard.X1A),
                        StandardCharsets.ISO_8859_1);
        assertThat(text).startsWith("%PDF-1.3");
        Matcher table = Pattern.compile("xref\\s+0 (\\d+)\\s").matcher(text);
        assertThat(table.find()).isTrue();
        Matcher size = Pattern.compile("/Size (\\d+)").matcher(text);
        assertThat(size.find()).isTrue();
        assertThat(size.group(1)).isEqualTo(table.group(1));
    }

    @Test
    void coloursOfTheirOwnAreTrappedThoughTheGoodsTrapNoBuilds() throws IOException {
        Job wanted = wanting(Jobs.coloured(), GoodsKind.STICKER);
        WantedGoods one = wanted.goods().wanted().get(0);
        assertThat(one.goods().printing().trapMm()).isZero();
        // As large as it is scanned, plates may lie off by more than half the line between both.
        Sizing scanned = one.goods().sizing().withFit(Sizing.Fit.SCANNED);
        WantedGoods asScanned = one.withGoods(one.goods().withSizing(scanned));
        Job job =
                wanted.withGoods(wanted.goods().with(asScanned))
                        .withPress(wanted.press().withRegisterMm(0.4));
        Job spots = job.withSwatches(PressPalette.spots(job.swatches(), PRESS));
        PressSheet inSpots = sheet(spots);
        assertThat(inSpots.ready().traps()).isNotEmpty();
        assertThat(sheet(job).ready().traps()).isEmpty();
        Job off = spots.withPress(spots.press().withTrapped(false));
        assertThat(sheet(off).ready().traps()).isEmpty();
    }

    private static PressSheet sheet(Job job) throws IOException {
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        GoodsDrawing made =
                GoodsDrawing.of(pipeline, drawing, job.goods().wanted().get(0), Progress.SILENT);
        return PressSheet.of(
                PressArt.of(made.drawing()).on(made.fit().goods()),
                Optional.of(made.fit()),
                Progress.SILENT);
    }

    @Test
    void blackFlatsOnAShirtShareTheScreenOfTheLines() throws IOException {
        Job job = wanting(Jobs.coloured(), GoodsKind.SHIRT);
        Cmyk black = new Cmyk(0, 0, 0, 100);
        Job inBlack =
                job.withSwatches(
                        job.swatches().stream()
                                .map(one -> one.id() == 1 ? one.withBuild(black) : one)
                                .toList());
        WantedGoods shirt = inBlack.goods().wanted().get(0);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(inBlack, Progress.SILENT);
        ClothPrint print = ClothPrint.of(pipeline, drawing, shirt, Progress.SILENT);
        ClothFacts facts = ClothFacts.of(print, ClothPlan.of(print, PRESS), 0);
        assertThat(facts.inks().keySet()).containsExactlyInAnyOrder("Black", "Straw <2>");
    }

    @Test
    void mergedColoursAreOneInkInEveryFileOfAShirt() throws IOException {
        Job job = wanting(Jobs.coloured(), GoodsKind.SHIRT);
        Job merged =
                job.withPress(job.press().withMerged(Map.of(Jobs.INNER.id(), Jobs.OUTER.id())));
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(merged, Progress.SILENT);
        ClothPrint print =
                ClothPrint.of(pipeline, drawing, merged.goods().wanted().get(0), Progress.SILENT);
        ClothFacts facts = ClothFacts.of(print, ClothPlan.of(print, PRESS), 0);
        assertThat(facts.inks()).hasSize(2);
    }

    @Test
    void aPrintOnTheLeftChestIsAsWideAsOneIsThere() throws IOException {
        Job job = wanting(Jobs.plain(), GoodsKind.SHIRT);
        int id = job.goods().wanted().get(0).id();
        Job left = MakingSettings.of(id).place().with(job, ClothRecipe.Place.LEFT_CHEST);
        assertThat(left.goods().wanted().get(0).goods().sizing().widthMm()).isEqualTo(90);
        Job back = MakingSettings.of(id).place().with(left, ClothRecipe.Place.CHEST);
        assertThat(back.goods().wanted().get(0).goods().sizing().widthMm()).isEqualTo(280);
    }

    @Test
    void bladesRunAlongNoLineOfAStencilTwice() throws IOException {
        Job job = wanting(Jobs.plain(), GoodsKind.TRANSFER_STENCIL);
        Pipeline pipeline = new Pipeline();
        Drawing drawing = pipeline.run(job, Progress.SILENT);
        TransferStencil stencil =
                TransferStencil.of(pipeline, drawing, job.goods().wanted().get(0), Progress.SILENT);
        PrintPlan plan = TransferPlan.forMachines(stencil, PRESS);
        List<Envelope> boxes = new ArrayList<>();
        for (PrintObject object : plan.layers().get(0).objects()) {
            var path = ((PrintShape.Stroked) object.shape()).path();
            Envelope box = new Envelope();
            for (int i = 0; i < path.size(); i++) {
                box.expandToInclude(path.at(i, 0.5).x(), path.at(i, 0.5).y());
            }
            assertThat(boxes)
                    .noneMatch(
                            other ->
                                    Math.abs(other.getMinX() - box.getMinX()) < 0.5
                                            && Math.abs(other.getMaxX() - box.getMaxX()) < 0.5
                                            && Math.abs(other.getMinY() - box.getMinY()) < 0.5);
            boxes.add(box);
        }
        assertThat(boxes).isNotEmpty();
    }

    @Test
    void cuttersAreToldTheUnitAndEveryPenHasItsName() throws IOException {
        PrintPlan page = StickerPlan.page(sticker()).technical();
        List<PrintLayer> named = new ArrayList<>();
        for (String name :
                List.of("красный", "синий", "Čáry", "x".repeat(40) + "1", "x".repeat(40) + "2")) {
            PrintLayer layer = page.layers().get(0);
            named.add(
                    new PrintLayer(
                            name, layer.kind(), layer.screen(), "", layer.objects(), List.of()));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DxfWriter.write(page.with(named), out);
        String text = out.toString(StandardCharsets.US_ASCII);
        assertThat(text)
                .contains("$INSUNITS\r\n 70\r\n4\r\n")
                .contains("$MEASUREMENT\r\n 70\r\n1\r\n");
        List<String> entries = new ArrayList<>();
        Matcher layers = Pattern.compile("0\r\nLAYER\r\n  2\r\n([^\r]*)\r\n").matcher(text);
        while (layers.find()) {
            entries.add(layers.group(1));
        }
        assertThat(entries).hasSize(5).doesNotHaveDuplicates().contains("CARY");
        assertThat(entries).allMatch(name -> name.matches("[A-Z0-9_$-]{1,31}"));
    }
}
