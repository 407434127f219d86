package neattrace.goods.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import neattrace.export.DxfWriter;
import neattrace.export.HpglWriter;
import neattrace.export.PdfWriter;
import neattrace.export.SvgWriter;
import neattrace.goods.GoodsKind;
import neattrace.goods.UsualGoods;
import neattrace.goods.cut.CutInks;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.nest.Laid;
import neattrace.goods.nest.NestWish;
import neattrace.goods.sticker.GoodsSticker;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerFacts;
import neattrace.goods.sticker.StickerPlan;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.PressProfile;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.Plates;
import neattrace.print.Artwork;
import neattrace.print.PlateWork;
import neattrace.print.PrintLayer;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDSeparation;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** A sheet in its files. */
@Tag("thorough")
class SheetPlanTest {

    private static final PressProfile PRESS = PressProfile.bundled();

    private static Sticker sticker() throws IOException {
        Artwork art =
                Artwork.of(new Pipeline().run(Jobs.coloured(), Progress.SILENT), PRESS).forFiles();
        return Sticker.of(art, 1, StickerRecipe.USUAL);
    }

    private static StickerSheet sheet() throws IOException {
        SheetLayout layout =
                SheetLayout.USUAL
                        .withSize(148, 210)
                        .withGapMm(5)
                        .withGround(new Cmyk(20, 0, 8, 0))
                        .withHeader(new Strip(16, new Cmyk(92, 68, 18, 8), new Cmyk(0, 0, 0, 0)));
        return StickerSheet.arrange(
                layout,
                "Harbour",
                "SK-014",
                List.of(new SheetItem("one", sticker(), 3)),
                List.of(),
                new NestWish(4, false, 1, 60, 2),
                found -> {},
                Progress.SILENT);
    }

    private static Document svg(PrintPlan plan) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SvgWriter.writeGoods(plan, out);
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(out.toByteArray()));
    }

    private static Element group(Document svg, String id) {
        var all = svg.getDocumentElement().getElementsByTagName("g");
        for (int i = 0; i < all.getLength(); i++) {
            Element one = (Element) all.item(i);
            if (one.getAttribute("id").equals(id)) {
                return one;
            }
        }
        throw new AssertionError("no group " + id);
    }

    private static int paths(Document svg, String id) {
        return group(svg, id).getElementsByTagName("path").getLength();
    }

    @Test
    void anSvgHasItsGroupsAtTrueSize() throws Exception {
        Document svg = svg(SheetPlan.of(sheet(), PRESS));
        assertThat(svg.getDocumentElement().getAttribute("width")).isEqualTo("148mm");
        assertThat(svg.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 148 210");
        assertThat(paths(svg, "cut")).isEqualTo(3 * sticker().cuts().size());
        assertThat(paths(svg, "cut-through")).isEqualTo(1);
        assertThat(paths(svg, "art")).isPositive();
        assertThat(paths(svg, "bleed")).isEqualTo(3);
        assertThat(group(svg, "ground").getTextContent()).contains("Ground", "Title", "Number");
    }

    @Test
    void aSingleStickerHasItsBorderBleedAndBacking() throws Exception {
        Sticker sticker = sticker();
        Document svg = svg(StickerPlan.page(sticker));
        for (String id : List.of("ground", "bleed", "art", "cut", "cut-through")) {
            assertThat(paths(svg, id)).isPositive();
        }
        double width =
                Double.parseDouble(
                        svg.getDocumentElement().getAttribute("width").replace("mm", ""));
        double cut = sticker.area().getEnvelopeInternal().getWidth();
        // The backing reaches 3 mm beyond the cut, the page 1 mm beyond that.
        assertThat(width).isEqualTo(cut + 2 * (3 + 1), within(0.2));
    }

    @Test
    void withoutABorderTheEdgesOwnColourRunsOn() throws IOException {
        StickerRecipe none = StickerRecipe.USUAL.withCut(StickerRecipe.USUAL.cut().withBorderMm(0));
        Artwork art =
                Artwork.of(new Pipeline().run(Jobs.coloured(), Progress.SILENT), PRESS).forFiles();
        Sticker sticker = Sticker.of(art, 1, none);
        // The drawing has a black outline all round.
        assertThat(StickerPlan.beneath(sticker))
                .filteredOn(layer -> layer.kind() == PrintLayer.Kind.BLEED)
                .singleElement()
                .satisfies(layer -> assertThat(layer.screen().hex()).isEqualTo("#000000"));
    }

    @Test
    void cutsAreCalledAsTheMakerWantsThem() throws IOException {
        Sticker sticker = sticker();
        StickerRecipe named = sticker.recipe().withInks(new CutInks("Kniff", "Durch 2"));
        Sticker own =
                new Sticker(
                        sticker.art(),
                        sticker.silhouette(),
                        sticker.cuts(),
                        named,
                        sticker.factor(),
                        Optional.empty());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(StickerPlan.page(own), out);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            List<String> inks = new ArrayList<>();
            for (COSName name : pdf.getPage(0).getResources().getColorSpaceNames()) {
                PDColorSpace space = pdf.getPage(0).getResources().getColorSpace(name);
                inks.add(((PDSeparation) space).getColorantName());
            }
            assertThat(inks).containsExactlyInAnyOrder("Kniff", "Durch 2");
        }
    }

    @Test
    void aPdfHasItsCutsAsInksOfTheirOwnThatOverprint() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(SheetPlan.of(sheet(), PRESS), out);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            PDPage page = pdf.getPage(0);
            assertThat(page.getMediaBox().getWidth()).isEqualTo((float) (148 / 25.4 * 72));
            List<String> inks = new ArrayList<>();
            for (COSName name : page.getResources().getColorSpaceNames()) {
                PDColorSpace space = page.getResources().getColorSpace(name);
                inks.add(((PDSeparation) space).getColorantName());
            }
            assertThat(inks).contains("Cut", "Cut through");
            boolean overprints = false;
            int stroked = 0;
            PDFStreamParser parser = new PDFStreamParser(page);
            for (Object token = parser.parseNextToken();
                    token != null;
                    token = parser.parseNextToken()) {
                stroked += token instanceof Operator op && op.getName().matches("[sS]") ? 1 : 0;
            }
            for (COSName name : page.getResources().getExtGStateNames()) {
                overprints |= page.getResources().getExtGState(name).getStrokingOverprintControl();
            }
            assertThat(stroked).isEqualTo(3 * sticker().cuts().size() + 1);
            assertThat(overprints).isTrue();
        }
    }

    /** Reads PU, PD and SP as the language's guide says; from memory. */
    private static List<List<double[]>> plotted(String text) {
        List<List<double[]>> lines = new ArrayList<>();
        List<double[]> line = new ArrayList<>();
        double[] at = {0, 0};
        for (String command : text.replaceAll("\\s", "").split(";")) {
            String code = command.substring(0, 2);
            String[] numbers =
                    command.length() > 2 ? command.substring(2).split(",") : new String[0];
            for (int i = 0; i + 1 < numbers.length && !code.equals("SP"); i += 2) {
                double[] to = {
                    Double.parseDouble(numbers[i]) / 40, Double.parseDouble(numbers[i + 1]) / 40
                };
                if (code.equals("PD")) {
                    if (line.isEmpty()) {
                        line.add(at);
                    }
                    line.add(to);
                }
                at = to;
            }
            if (code.equals("PU") && !line.isEmpty()) {
                lines.add(line);
                line = new ArrayList<>();
            }
        }
        return lines;
    }

    @Test
    void hpglRunsRoundEveryStickerAndTheSheetLast() throws IOException {
        StickerSheet sheet = sheet();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        HpglWriter.write(SheetPlan.of(sheet, PRESS), out);
        String text = out.toString(StandardCharsets.US_ASCII);
        assertThat(text).startsWith("IN;").contains("SP1;", "SP2;").endsWith("SP0;\n");
        List<List<double[]>> lines = plotted(text);
        assertThat(lines).hasSize(3 * sticker().cuts().size() + 1);
        for (List<double[]> line : lines) {
            assertThat(line.get(0)).isEqualTo(line.get(line.size() - 1));
        }
        List<double[]> last = lines.get(lines.size() - 1);
        // Within the paper: on its very edge the blade would run off it.
        assertThat(last).anySatisfy(at -> assertThat(at).containsExactly(146, 208));
        assertThat(last).anySatisfy(at -> assertThat(at).containsExactly(2, 2));
        Laid first = sheet.nest().laid().get(0);
        double middleX = first.xMm();
        double middleY = 210 - first.yMm();
        assertThat(lines)
                .anySatisfy(
                        line ->
                                assertThat(
                                                line.stream()
                                                        .mapToDouble(
                                                                at ->
                                                                        Math.hypot(
                                                                                at[0] - middleX,
                                                                                at[1] - middleY))
                                                        .max()
                                                        .orElseThrow())
                                        .isLessThan(40));
    }

    @Test
    void dxfHasTheCutsAlone() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DxfWriter.write(SheetPlan.of(sheet(), PRESS).technical(), out);
        String text = out.toString(StandardCharsets.US_ASCII);
        assertThat(text.split("POLYLINE", -1)).hasSize(3 * sticker().cuts().size() + 1 + 1);
    }

    @Test
    void factsTellWhatWasMeasured() throws IOException {
        SheetFacts facts = SheetFacts.of(sheet());
        assertThat(facts.nearestMm()).isGreaterThan(4.98);
        assertThat(facts.json()).contains("\"stickers\" : 3", "\"leftOver\" : 0");
        StickerFacts.Cut cut = StickerFacts.of(sticker()).cuts().get(0);
        assertThat(cut.nearestMm()).isBetween(2.45, 2.75);
        assertThat(cut.leastRadiusMm()).isGreaterThan(0.98);
    }

    /** Rendered by PDFBox. */
    @Test
    void whatIsBareInADrawingHidesTheSheetsGround() throws IOException {
        Artwork art =
                Artwork.of(new Pipeline().run(Jobs.plain(), Progress.SILENT), PRESS).forFiles();
        Sticker sticker = Sticker.of(art, 1, StickerRecipe.USUAL.withCarried(true));
        StickerSheet sheet =
                StickerSheet.arrange(
                        SheetLayout.USUAL.withSize(60, 60).withGround(new Cmyk(100, 0, 0, 0)),
                        "",
                        "",
                        List.of(new SheetItem("target", sticker, 1)),
                        List.of(),
                        NestWish.USUAL,
                        found -> {},
                        Progress.SILENT);
        Laid laid = sheet.nest().laid().get(0);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(SheetPlan.of(sheet, PRESS), out);
        try (PDDocument pdf = Loader.loadPDF(out.toByteArray())) {
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 254);
            int middle =
                    page.getRGB((int) Math.rint(10 * laid.xMm()), (int) Math.rint(10 * laid.yMm()));
            assertThat(middle & 0xFFFFFF).isEqualTo(0xFFFFFF);
            assertThat(page.getRGB(20, 20) & 0xFF0000).isLessThan(0x600000);
        }
    }

    /** As large as they come out, lines are bold enough for colours beneath them. */
    @Test
    void printersGetEveryCopyReadyForThePress() throws IOException {
        Job job =
                Jobs.coloured()
                        .withSwatch(Jobs.OUTER.withBuild(new Cmyk(100, 90, 90, 60)))
                        .withGoods(GoodsSection.UNDECIDED.with(UsualGoods.of(GoodsKind.STICKER)));
        Pipeline pipeline = new Pipeline();
        Sticker sticker =
                GoodsSticker.of(
                        pipeline,
                        pipeline.run(job, Progress.SILENT),
                        job.goods().wanted().get(0),
                        PRESS,
                        Progress.SILENT);
        StickerSheet sheet =
                StickerSheet.arrange(
                        SheetLayout.USUAL.withSize(148, 210),
                        "Harbour",
                        "SK-014",
                        List.of(new SheetItem("one", sticker, 3)),
                        List.of(),
                        new NestWish(4, false, 1, 60, 2),
                        found -> {},
                        Progress.SILENT);
        assertThat(sheet.nest().laid()).hasSize(3);
        Plates asDrawn = plates(SheetPlan.of(sheet, PRESS));
        Plates ready = plates(SheetPlan.ready(sheet, PRESS, Progress.SILENT));
        assertThat(asDrawn.heaviest()).isGreaterThan(330);
        assertThat(ready.heaviest()).isBetween(200.0, 300.0);
        Plates single = plates(StickerPlan.readyPage(sticker, Progress.SILENT));
        for (Colorant ink : single.inks()) {
            if (ink.kind() == Colorant.Kind.PROCESS) {
                assertThat(ready.solidSquareMm(ink))
                        .as(ink.name())
                        .isCloseTo(3 * single.solidSquareMm(ink), withinPercentage(1));
            }
        }
    }

    private static Plates plates(PrintPlan plan) {
        return PlateMaker.of(
                PlateWork.of(plan),
                plan.widthMm(),
                plan.heightMm(),
                200,
                List.of(),
                Progress.SILENT);
    }
}
