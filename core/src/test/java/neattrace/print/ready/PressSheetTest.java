package neattrace.print.ready;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.export.PdfStandard;
import neattrace.export.PdfWriter;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.goods.GoodsFit;
import neattrace.goods.GoodsKind;
import neattrace.goods.Ground;
import neattrace.goods.UsualGoods;
import neattrace.goods.cloth.ClothPlan;
import neattrace.goods.cloth.ClothPrint;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.PressSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.press.black.BlackChoice;
import neattrace.press.black.BlackSchool;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.Plates;
import neattrace.press.separate.OneColourRecipe;
import neattrace.press.separate.Tone;
import neattrace.print.PlateWork;
import neattrace.print.PrintLayer;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.PdfPlates;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** A target of two rings, coloured: its outer ring 0.59 mm wide, its inner one 0.34 mm. */
@Tag("thorough")
class PressSheetTest {

    private static final Pipeline PIPELINE = new Pipeline();
    private static final PressProfile PRESS = PressProfile.bundled();

    private static Job coloured;

    @BeforeAll
    static void job() {
        coloured = Jobs.coloured();
    }

    private static PressSheet sheet(Job job) throws IOException {
        return PressSheet.of(PIPELINE.run(job, Progress.SILENT), Optional.empty(), Progress.SILENT);
    }

    private static PressSheet on(Job job, Goods goods) throws IOException {
        Drawing drawing = PIPELINE.run(job, Progress.SILENT);
        GoodsFit fit = GoodsFit.of(goods, drawing.extent().widthMm(), drawing.extent().heightMm());
        return PressSheet.of(drawing, Optional.of(fit), Progress.SILENT);
    }

    private static Job spots(Job job) {
        return job.withSwatches(PressPalette.spots(job.swatches(), PRESS));
    }

    private static Plates plates(PressSheet sheet, double ppi) {
        return PlateMaker.of(
                PlateWork.of(sheet.plan()),
                sheet.plan().widthMm(),
                sheet.plan().heightMm(),
                ppi,
                PlateMaker.inks(PlateWork.of(sheet.plan())),
                Progress.SILENT);
    }

    /** PDFBox reads the file, Java2D paints it; our plates are told by no file. */
    @ParameterizedTest
    @EnumSource(PdfStandard.class)
    void platesAreThoseOfTheFile(PdfStandard standard) throws IOException {
        for (Job job :
                List.of(
                        coloured,
                        spots(coloured)
                                .withPress(
                                        PressSection.USUAL.withTrapMm(0.3).withRegisterMm(0.3)))) {
            PressSheet sheet = sheet(job);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            PdfWriter.write(List.of(sheet.plan()), standard, out);
            Plates own = plates(sheet, 300);
            try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
                Map<String, int[]> read = PdfPlates.of(document.getPage(0), 300, 4);
                for (Colorant ink : own.inks()) {
                    int[] other = read.get(ink.name());
                    byte[] plate = own.coverage().get(own.inks().indexOf(ink));
                    assertThat(other).hasSameSizeAs(plate);
                    double off = 0;
                    for (int i = 0; i < plate.length; i++) {
                        int difference = Math.abs((plate[i] & 0xff) - other[i]);
                        off += difference;
                        assertThat(difference).as("half a pixel").isLessThanOrEqualTo(90);
                    }
                    assertThat(off / 2.55 / plate.length).as(ink.name()).isLessThan(0.5);
                }
            }
        }
    }

    @Test
    void solidValuesAreExactlyTheSwatches() throws IOException {
        Plates plates = plates(sheet(coloured), 300);
        Cmyk centre = plates.at(118, 118).process();
        assertThat(centre.m()).isCloseTo(88, within(0.2));
        assertThat(centre.y()).isCloseTo(72.5, within(0.2));
        assertThat(plates.composites())
                .anyMatch(one -> one.tints().process().equals(Jobs.INNER.build()));
    }

    @Test
    void blackOverprintsAndColoursRunOnBeneathIt() throws IOException {
        PressSheet sheet = sheet(coloured);
        PrintLayer black = sheet.plan().of(PrintLayer.Kind.LINES).get(0);
        assertThat(black.objects()).isNotEmpty().allMatch(one -> one.overprint());
        assertThat(plates(sheet, 300).composites())
                .as("the straw colour with black over it")
                .anyMatch(one -> one.tints().process().equals(new Cmyk(0, 18, 60, 100)));
    }

    @Test
    void linesThinnerThanTwiceTheToleranceAreBlackAlone() throws IOException {
        Job job = coloured.withPress(PressSection.USUAL.withRegisterMm(0.4));
        assertThat(sheet(job).plan().layers())
                .noneMatch(layer -> layer.name().startsWith("Under the black"));
        Job bold = coloured.withPress(PressSection.USUAL.withRegisterMm(0.1));
        assertThat(sheet(bold).plan().layers())
                .anyMatch(layer -> layer.name().startsWith("Under the black"));
        Job never = bold.withPress(bold.press().withBoldMm(0.8));
        assertThat(sheet(never).plan().layers())
                .noneMatch(layer -> layer.name().startsWith("Under the black"));
        Job drawn = job.withPress(job.press().withSchool(BlackSchool.AS_DRAWN));
        assertThat(sheet(drawn).plan().layers())
                .anyMatch(layer -> layer.name().startsWith("Under the black"));
    }

    @Test
    void nowhereIsMoreInkThanTheLimitOverprintsIncluded() throws IOException {
        Swatch heavy = Jobs.INNER.withBuild(new Cmyk(95, 90, 85, 20));
        Job job =
                coloured.withSwatches(
                        List.of(heavy, Jobs.OUTER.withBuild(new Cmyk(90, 90, 90, 0))));
        for (double limit : new double[] {300, 240, 180, 110}) {
            PressSheet sheet = sheet(job.withPress(PressSection.USUAL.withInkLimit(limit)));
            assertThat(plates(sheet, 300).heaviest()).isLessThanOrEqualTo(limit + 1e-6);
            assertThat(sheet.ready().lightened().isEmpty()).isEqualTo(limit == 300);
        }
        assertThat(
                        plates(sheet(job.withPress(PressSection.USUAL.withInkLimit(400))), 300)
                                .heaviest())
                .isGreaterThan(300);
    }

    @Test
    void spotInksAndTheirTrapsKeepTheLimitToo() throws IOException {
        Job job = spots(coloured).withPress(PressSection.USUAL.withRegisterMm(0.3).withTrapMm(0.3));
        for (double limit : new double[] {300, 250, 200}) {
            Job limited = job.withPress(job.press().withInkLimit(limit));
            assertThat(plates(sheet(limited), 300).heaviest()).isLessThanOrEqualTo(limit + 1e-6);
        }
    }

    @Test
    void aSpotJobWithBlackLinesHasNoProcessColours() throws IOException {
        assertThat(plates(sheet(spots(coloured)), 100).inks())
                .extracting(Colorant::name)
                .containsExactly("Black", "Bull & eye", "Straw <2>");
    }

    @Test
    void inksWithNamesThatFilesReserveOrShareAreToldApart() throws IOException {
        Lab grey = new Lab(50, 0, 0);
        Job job =
                coloured.withSwatches(
                        List.of(
                                Jobs.INNER.withName("All").withSpot(Optional.of(grey)),
                                Jobs.OUTER
                                        .withName("all")
                                        .withSpot(Optional.of(new Lab(70, 20, 0)))));
        assertThat(plates(sheet(job), 100).inks())
                .extracting(Colorant::name)
                .containsExactly("Black", "All ink", "all 2");
    }

    @Test
    void aMergedSwatchIsPrintedInTheOthersInk() throws IOException {
        Job job =
                spots(coloured)
                        .withPress(
                                PressSection.USUAL.withMerged(
                                        Map.of(Jobs.INNER.id(), Jobs.OUTER.id())));
        assertThat(plates(sheet(job), 100).inks())
                .extracting(Colorant::name)
                .containsExactly("Black", "Straw <2>");
        Job circle = spots(coloured).withPress(PressSection.USUAL.withMerged(Map.of(1, 2, 2, 1)));
        assertThat(plates(sheet(circle), 100).inks()).hasSize(3);
    }

    @Test
    void fewerInksAreFoundAndCount() throws IOException {
        Drawing drawing = PIPELINE.run(spots(coloured), Progress.SILENT);
        FewerInks fewer = FewerInks.of(PressArt.of(drawing), 2);
        assertThat(fewer.merges()).hasSize(1);
        assertThat(fewer.merges().get(0).difference()).isGreaterThan(10);
        PressSheet sheet = sheet(fewer.in(drawing.job()));
        assertThat(PressFacts.of(sheet, Progress.SILENT).inks()).isEqualTo(2);
        assertThat(FewerInks.of(PressArt.of(drawing), 3).merges()).isEmpty();
        assertThat(FewerInks.ranked(PressArt.of(drawing))).hasSize(2);
    }

    private static Goods shirt(Rgb cloth) {
        Goods shirt = UsualGoods.of(GoodsKind.SHIRT);
        return shirt.withGround(new Ground(Ground.Material.CLOTH, cloth));
    }

    @Test
    void darkClothGetsWhiteBeneathChokedAndLightClothNone() throws IOException {
        PressSheet dark = on(spots(coloured), shirt(new Rgb(20, 30, 60)));
        Plates plates = plates(dark, 150);
        assertThat(plates.inks()).contains(Colorant.WHITE);
        double white = plates.coveredSquareMm(Colorant.WHITE);
        double colours =
                plates.composites().stream()
                        .filter(one -> one.tints().total() > one.tints().of(Colorant.BLACK))
                        .mapToDouble(one -> one.squareMm())
                        .sum();
        assertThat(white).isLessThan(colours).isGreaterThan(0.6 * colours);
        assertThat(PressFacts.of(dark, Progress.SILENT).order().get(0))
                .as("white is printed first")
                .isEqualTo(Colorant.WHITE);
        PressSheet light = on(spots(coloured), shirt(new Rgb(240, 235, 220)));
        assertThat(plates(light, 100).inks()).doesNotContain(Colorant.WHITE);
    }

    @Test
    void whatTheClothShowsIsNotPrinted() throws IOException {
        Job job = spots(coloured).withPress(PressSection.USUAL.withCloth(Set.of(Jobs.OUTER.id())));
        assertThat(plates(on(job, shirt(new Rgb(240, 235, 220))), 100).inks())
                .extracting(Colorant::name)
                .containsExactly("Black", "Bull & eye");
    }

    @Test
    void inOneColourThereIsOneInkAndEdgesStay() throws IOException {
        for (OneColourRecipe.Style style : OneColourRecipe.Style.values()) {
            OneColourRecipe recipe = new OneColourRecipe(true, style, List.of());
            PressSheet sheet = sheet(coloured.withPress(PressSection.USUAL.withOneColour(recipe)));
            assertThat(plates(sheet, 150).inks()).containsExactly(Colorant.BLACK);
            assertThat(sheet.keptShare()).isEqualTo(1);
            boolean tinted =
                    plates(sheet, 150).composites().stream().anyMatch(one -> one.total() < 100);
            assertThat(tinted).isEqualTo(style == OneColourRecipe.Style.TINTS);
        }
    }

    @Test
    void aToneChosenByHandStays() throws IOException {
        OneColourRecipe recipe =
                new OneColourRecipe(
                        true,
                        OneColourRecipe.Style.TINTS,
                        List.of(new OneColourRecipe.Toned(new Point(10, 10), Tone.DARK)));
        Plates plates =
                plates(sheet(coloured.withPress(PressSection.USUAL.withOneColour(recipe))), 300);
        assertThat(plates.at(118, 118).process().k()).isCloseTo(Tone.DARK.percent(), within(0.3));
    }

    @Test
    void trapsCanBeSwitchedOffForOneSeamOrTheJob() throws IOException {
        Job job = spots(coloured).withPress(PressSection.USUAL.withRegisterMm(0.3).withTrapMm(0.3));
        PressSheet all = sheet(job);
        assertThat(all.ready().traps()).hasSize(1);
        assertThat(all.ready().untrapped()).isEmpty();
        Point seam = new Point(10 + 40 * 25.4 / 300, 10);
        PressSheet one = sheet(job.withPress(job.press().withUntrapped(List.of(seam))));
        assertThat(one.ready().untrapped()).hasSize(1);
        assertThat(one.plan().of(PrintLayer.Kind.TRAP)).isEmpty();
        PressSheet none = sheet(job.withPress(job.press().withTrapped(false)));
        assertThat(none.ready().traps()).isEmpty();
    }

    @Test
    void aPrintHasItsBleedRoundIt() throws IOException {
        Goods print = UsualGoods.of(GoodsKind.PRINT);
        PressSheet sheet = on(coloured, print);
        assertThat(sheet.plan().trimMm()).isEqualTo(3);
        assertThat(sheet.plan().widthMm()).isCloseTo(127 + 6, within(1e-9));
        Point there = sheet.onSheet(new Point(10, 10));
        assertThat(sheet.onPage(there).distance(new Point(10, 10))).isLessThan(1e-9);
    }

    @Test
    void filmsHaveMarksForEachInkOutsideTheTrim() throws IOException {
        PressSheet sheet = sheet(spots(coloured));
        var film = FilmPage.of(sheet.plan(), PrintOrder.of(sheet.plan(), List.of()), false);
        assertThat(film.widthMm()).isEqualTo(sheet.plan().widthMm() + 28);
        Plates plates =
                PlateMaker.of(
                        PlateWork.of(film),
                        film.widthMm(),
                        film.heightMm(),
                        200,
                        PlateMaker.inks(PlateWork.of(film)),
                        Progress.SILENT);
        int rim = (int) (14 / 25.4 * 200);
        for (byte[] plate : plates.coverage()) {
            int marks = 0;
            for (int y = 0; y < rim - 2; y++) {
                for (int x = 0; x < plates.width(); x++) {
                    marks += (plate[y * plates.width() + x] & 0xff) > 128 ? 1 : 0;
                }
            }
            assertThat(marks).isGreaterThan(100);
        }
        Plates mirrored =
                PlateMaker.of(
                        PlateWork.of(
                                FilmPage.of(
                                        sheet.plan(),
                                        PrintOrder.of(sheet.plan(), List.of()),
                                        true)),
                        film.widthMm(),
                        film.heightMm(),
                        200,
                        plates.inks(),
                        Progress.SILENT);
        int w = plates.width();
        for (int y = 20; y < plates.height(); y += 17) {
            for (int x = 1; x < w - 1; x += 13) {
                int one = plates.coverage().get(0)[y * w + x] & 0xff;
                int other = mirrored.coverage().get(0)[y * w + w - 1 - x] & 0xff;
                assertThat(one).isCloseTo(other, within(90));
            }
        }
    }

    @Test
    void thirtyInksAreThirtyPlates() throws IOException {
        PressSheet sheet = sheet(coloured);
        List<PrintObject> objects = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            Colorant ink = Colorant.spot("Ink " + i, new Lab(20 + 2 * i, 30 - 2 * i, 10));
            objects.add(
                    PrintObject.of(
                            new PrintShape.Filled(
                                    new GeometryFactory()
                                            .toGeometry(
                                                    new Envelope(
                                                            i * 0.5, i * 0.5 + 3, i * 0.3, 18))),
                            Tints.full(ink)));
        }
        PrintPlan plan =
                sheet.plan().with(List.of(sheet.plan().layers().get(0).with(objects, List.of())));
        PressTerms terms =
                PressTerms.of(
                        PressSection.USUAL.withRegisterMm(0.2).withTrapMm(0.2),
                        sheet.goods().printing(),
                        sheet.goods().ground());
        PrintPlan ready = PressReady.of(plan, terms, Progress.SILENT).plan();
        assertThat(PlateMaker.inks(PlateWork.of(ready))).hasSize(30);
        for (PdfStandard standard : PdfStandard.values()) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            PdfWriter.write(List.of(ready), standard, out);
            try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
                assertThat(PdfPlates.of(document.getPage(0), 100, 1)).hasSize(30);
            }
        }
    }

    @Test
    void colouredLinesKnockOutOrPrintOver() throws IOException {
        PrintObject line =
                PrintObject.of(
                        new PrintShape.Filled(
                                new GeometryFactory().toGeometry(new Envelope(2, 18, 9, 10))),
                        Tints.of(new Cmyk(0, 0, 0, 50)));
        PressSheet sheet = sheet(coloured);
        PrintLayer lines =
                new PrintLayer(
                        "Half",
                        PrintLayer.Kind.LINES,
                        new Rgb(128, 128, 128),
                        "K50",
                        List.of(line),
                        List.of());
        List<PrintLayer> layers = new ArrayList<>(sheet.plain().of(PrintLayer.Kind.FLAT));
        layers.add(lines);
        PrintPlan plan = sheet.plain().with(layers);
        for (boolean over : new boolean[] {true, false}) {
            PrintPlan ready =
                    PressReady.of(
                            plan,
                            PressSection.USUAL.withLinesOver(over),
                            sheet.goods(),
                            Progress.SILENT);
            Plates plates =
                    PlateMaker.of(
                            PlateWork.of(ready),
                            plan.widthMm(),
                            plan.heightMm(),
                            150,
                            PlateMaker.inks(PlateWork.of(ready)),
                            Progress.SILENT);
            double magenta = plates.at(59, 56).of(Colorant.MAGENTA);
            assertThat(magenta).isCloseTo(over ? 88 : 0, within(0.3));
            assertThat(plates.at(59, 56).of(Colorant.BLACK)).isCloseTo(50, within(0.3));
        }
    }

    @Test
    void nothingAndLinesAloneArePrintedToo() throws IOException {
        PressSheet lines = sheet(Jobs.plain());
        assertThat(plates(lines, 150).inks()).contains(Colorant.BLACK);
        assertThat(lines.ready().traps()).isEmpty();
        PressFacts facts = PressFacts.of(lines, Progress.SILENT);
        assertThat(facts.json().get("largestTotal").asDouble()).isEqualTo(100);
        assertThat(facts.lines()).anyMatch(line -> line.contains("Black"));
    }

    /** The outer ring, 0.59 mm wide, is too thin by rule: twice the tolerance and 0.2 mm. */
    @Test
    void aPieceOfBlackIsMadeRichByHandAndLeftToTheRuleAgain() throws IOException {
        double mm = 25.4 / 300;
        Point onRing = new Point(28 * mm, 118 * mm);
        PlateStudy study = study(coloured);
        assertThat(study.sheet().ready().underlay().isEmpty()).isTrue();
        assertThat(study.isBlack(onRing)).isTrue();
        assertThat(study.isBlack(new Point(10, 10))).isFalse();
        PressSection chosen = study.turnedBlack(coloured.press(), onRing);
        PlateStudy rich = study(coloured.withPress(chosen));
        assertThat(rich.sheet().ready().underlay().getArea()).isGreaterThan(1);
        // The inner ring, 0.34 mm wide, has no room for colour kept back on both sides.
        PressSection inner = study.turnedBlack(coloured.press(), new Point(78 * mm, 118 * mm));
        assertThat(study(coloured.withPress(inner)).sheet().ready().underlay().isEmpty()).isTrue();
        assertThat(rich.turnedBlack(chosen, onRing)).isEqualTo(coloured.press());
    }

    @Test
    void aPieceOfRichBlackIsMadeBlackAloneByHand() throws IOException {
        Job bold = coloured.withPress(PressSection.USUAL.withBoldMm(0.45));
        PlateStudy study = study(bold);
        Geometry underlay = study.sheet().ready().underlay();
        assertThat(underlay.isEmpty()).isFalse();
        Point at = new Point(28 * 25.4 / 300, 118 * 25.4 / 300);
        PressSection alone = study.turnedBlack(bold.press(), at);
        assertThat(alone.choices()).containsExactly(new BlackChoice(at, false));
        assertThat(study(bold.withPress(alone)).sheet().ready().underlay().isEmpty()).isTrue();
    }

    private static PlateStudy study(Job job) throws IOException {
        return PlateStudy.of(
                PIPELINE, PIPELINE.run(job, Progress.SILENT), Optional.empty(), Progress.SILENT);
    }

    @Test
    void inksArePrintedInTheOrderThatIsSet() throws IOException {
        PressSheet usual = sheet(coloured);
        List<String> order =
                PrintOrder.of(usual.plan(), List.of()).stream().map(Colorant::name).toList();
        assertThat(order).containsExactly("Yellow", "Cyan", "Magenta", "Black");
        Job own = coloured.withPress(PressSection.USUAL.withOrder(List.of("Black", "Yellow")));
        assertThat(PressFacts.of(sheet(own), Progress.SILENT).order().stream().map(Colorant::name))
                .containsExactly("Black", "Cyan", "Magenta", "Yellow");
    }

    @Test
    void placesWithMostInkAreToldTheHeaviestFirst() throws IOException {
        PlateStudy study = study(coloured);
        List<PlateStudy.InkPlace> places = study.heaviestPlaces(4);
        assertThat(places).hasSizeBetween(2, 4);
        assertThat(places)
                .isSortedAccordingTo(
                        Comparator.comparingDouble((PlateStudy.InkPlace one) -> one.tints().total())
                                .reversed());
        for (PlateStudy.InkPlace one : places) {
            assertThat(study.at(one.at())).isEqualTo(one.tints());
        }
    }

    /** What is looked at is what Make and Hand over write: a screen for each colour. */
    @Test
    void platesForAShirtAreThoseOfItsFilms() throws IOException {
        Job job = coloured.withGoods(GoodsSection.UNDECIDED.with(UsualGoods.of(GoodsKind.SHIRT)));
        Drawing drawing = PIPELINE.run(job, Progress.SILENT);
        WantedGoods shirt = job.goods().wanted().get(0);
        PlateStudy study = PlateStudy.of(PIPELINE, drawing, Optional.of(shirt), Progress.SILENT);
        PrintPlan films =
                ClothPlan.ready(
                                ClothPrint.of(PIPELINE, drawing, shirt, Progress.SILENT),
                                PRESS,
                                Progress.SILENT)
                        .plan();
        assertThat(study.inks().stream().map(Colorant::name))
                .containsExactlyElementsOf(
                        PrintOrder.of(films, List.of()).stream().map(Colorant::name).toList())
                .contains(Jobs.INNER.name(), Jobs.OUTER.name(), "Black")
                .hasSize(3);
    }
}
