package neattrace.job.lift;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import neattrace.flat.Fill;
import neattrace.flat.FlatRecipe;
import neattrace.flat.Palette;
import neattrace.flat.Swatch;
import neattrace.geom.Point;
import neattrace.goods.Costs;
import neattrace.goods.Detail;
import neattrace.goods.Goods;
import neattrace.goods.Sizing;
import neattrace.goods.cut.Loose;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.making.Makings;
import neattrace.job.BriefSection;
import neattrace.job.GoodsSection;
import neattrace.job.Job;
import neattrace.job.KeptFields;
import neattrace.job.Settled;
import neattrace.job.WantedGoods;
import neattrace.job.file.JobFile;
import neattrace.job.log.WorkLog;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.raster.reading.Opening;
import neattrace.region.CloseSettings;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SpeckRecipe;
import neattrace.testing.Recipes;
import neattrace.trace.LineRecipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files as each version wrote them, under {@code src/test/resources/jobs}. */
class JobLiftsTest {

    private static final byte[] SOURCE = {1, 2, 3};

    @TempDir private Path folder;

    private static byte[] json(String name) throws IOException {
        try (InputStream in = JobLiftsTest.class.getResourceAsStream("/jobs/" + name + ".json")) {
            return in.readAllBytes();
        }
    }

    private Job open(byte[] json) throws IOException {
        Path file = folder.resolve("job" + JobFile.ENDING);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("job.json"));
            zip.write(json);
            zip.putNextEntry(new ZipEntry("source/Möwe 3.png"));
            zip.write(SOURCE);
        }
        return JobFile.open(file);
    }

    @Test
    void theFirstHadThreeSettingsOfTheSheet() throws IOException {
        Job job = open(json("v1"));
        assertThat(job.recipe()).isEqualTo(SheetRecipe.plain(false, 44.5, 0.25));
        assertThat(job.settled()).isEmpty();
        assertThat(job.line())
                .isEqualTo(LineRecipe.AS_DRAWN.withMaxErrorPx(Recipes.lines().maxErrorPx()));
    }

    @Test
    void theSecondHadTheWholeSheet() throws IOException {
        Job job = open(json("v2"));
        assertThat(job.recipe().light()).isEqualTo(Recipes.full().light());
        assertThat(job.recipe().masks()).isEqualTo(Recipes.full().masks());
        assertThat(job.recipe().specks()).isEqualTo(SpeckRecipe.under(0.35));
        assertThat(job.recipe().frame().turns()).isZero();
        assertThat(job.settled()).contains(Settled.whole("sheet", "tilt"));
        assertThat(job.line())
                .isEqualTo(LineRecipe.AS_DRAWN.withMaxErrorPx(Recipes.lines().maxErrorPx()));
    }

    @Test
    void theThirdHadTheWholeLine() throws IOException {
        Job job = open(json("v3"));
        assertThat(job.line()).usingRecursiveComparison().isEqualTo(Recipes.lines());
        assertThat(job.close().cuts()).isEmpty();
        assertThat(job.close().frameMm()).isEqualTo(CloseSettings.NO_FRAME);
        assertThat(job.close().joins()).hasSize(1);
        assertThat(job.flat()).isEqualTo(FlatRecipe.USUAL);
        assertThat(job.palette().shown()).isEqualTo(Palette.FIRST);
        assertThat(job.groups()).isEmpty();
        assertThat(job.swatches().get(0)).isEqualTo(new Swatch(4, "Gorse", new Cmyk(0, 22, 84, 0)));
    }

    @Test
    void theFourthHadAllOfColour() throws IOException {
        Job job = open(json("v4"));
        assertThat(job.close().cuts()).hasSize(1);
        assertThat(job.close().openLines()).isEmpty();
        assertThat(job.palette().colourways()).hasSize(1);
        assertThat(job.palette().swatches().get(0).locked()).isTrue();
        assertThat(job.groups()).hasSize(1);
        assertThat(job.flat()).usingRecursiveComparison().isEqualTo(Recipes.flats());
        assertThat(job.black()).isEqualTo(BlackRule.K_ONLY);
    }

    /** What came in the course of version 5 was not always there. */
    @Test
    void theFifthAtFirstLeftSomeThingsToBeTold() throws IOException {
        Job job = open(json("v5-early"));
        assertThat(job.source().opening()).isEqualTo(Opening.AS_STORED);
        assertThat(job.close().openLines()).hasSize(1);
        assertThat(job.palette().swatches().get(1).tone()).contains(new Swatch.Tone(4, false));
        assertThat(job.freeSwatchId()).isGreaterThan(9);
    }

    @Test
    void theFifthHadAllButSections() throws IOException {
        Job job = open(json("v5"));
        assertThat(job.title()).isEqualTo("Möwe & Co. «3»");
        assertThat(job.ppi()).isEqualTo(412.5);
        assertThat(job.recipe())
                .usingRecursiveComparison()
                .isEqualTo(Recipes.full().withInkPercent(41.25));
        assertThat(job.line()).usingRecursiveComparison().isEqualTo(Recipes.lines());
        assertThat(job.fills())
                .containsExactly(
                        new Fill(new Point(10.123456789, 20), 4),
                        new Fill(new Point(5, 5), Fill.PAPER));
        assertThat(job.freeSwatchId()).isEqualTo(13);
        assertThat(job.palette().swatches().get(1).tone()).contains(new Swatch.Tone(4, false));
        assertThat(job.source().opening()).isEqualTo(Opening.USUAL);
        assertThat(job.kept()).isEqualTo(KeptFields.NONE);
    }

    /** Limits stood at Line and Flats; what somebody had set becomes goods of their own. */
    @Test
    void theSixthHadLimitsWithoutGoods() throws IOException {
        Job job = open(json("v6"));
        assertThat(job.line()).usingRecursiveComparison().isEqualTo(Recipes.lines());
        assertThat(job.flat()).usingRecursiveComparison().isEqualTo(Recipes.flats());
        assertThat(job.brief()).isEqualTo(BriefSection.EMPTY);
        assertThat(job.kept()).isEqualTo(KeptFields.NONE);
        Goods goods = job.goods().main().orElseThrow().goods();
        assertThat(goods.sizing().fit()).isEqualTo(Sizing.Fit.SCANNED);
        assertThat(goods.detail()).isEqualTo(new Detail(0.3, 0.35, 1.5, 0, 0, 1200));
        assertThat(goods.printing().mostInks()).isEqualTo(6);
        assertThat(open(json("v1")).goods()).as("as usual").isEqualTo(GoodsSection.UNDECIDED);
    }

    /** Nobody knows in which size files were written then, so none is ticked for goods. */
    @Test
    void theSeventhHadNeitherWorkNorCosts() throws IOException {
        Job job = open(json("v7"));
        assertThat(job.log().work()).isEqualTo(WorkLog.EMPTY);
        assertThat(job.log().proofs()).isEmpty();
        assertThat(job.log().written()).singleElement().matches(file -> file.goods() == 0);
        assertThat(job.brief().references())
                .hasSize(2)
                .allMatch(reference -> reference.picture().isEmpty());
        WantedGoods goods = job.goods().main().orElseThrow();
        assertThat(goods.costs()).isEqualTo(Costs.UNKNOWN);
        assertThat(goods.weightsKept()).isFalse();
        assertThat(goods.maker()).isEqualTo("Harbour Press");
        assertThat(job.kept()).isEqualTo(KeptFields.NONE);
    }

    @Test
    void theEighthSaidNothingOfHowStickersAreCut() throws IOException {
        Job job = open(json("v8"));
        assertThat(job.goods().main().orElseThrow().sticker()).isEqualTo(StickerRecipe.USUAL);
    }

    @Test
    void theNinthDecidedOfLoosePiecesAllAtOnce() throws IOException {
        List<WantedGoods> wanted = open(json("v9")).goods().wanted();
        StickerRecipe sticker = wanted.get(wanted.size() - 1).sticker();
        assertThat(sticker.pieces()).isEmpty();
        assertThat(sticker.cut().loose()).isEqualTo(Loose.BRIDGE);
        assertThat(sticker.cut().radiusMm()).isEqualTo(1.5);
        assertThat(sticker.pulls()).containsExactly(new Pull(new Point(1, 2), new Point(3, 4)));
    }

    @Test
    void theTenthSaidNothingOfHowOtherGoodsAreMade() throws IOException {
        List<WantedGoods> wanted = open(json("v10")).goods().wanted();
        WantedGoods last = wanted.get(wanted.size() - 1);
        assertThat(last.sticker().pieces()).hasSize(1);
        assertThat(last.making().withSticker(StickerRecipe.USUAL)).isEqualTo(Makings.USUAL);
    }

    /** Ids that only a form or a line still mentions are not given again. */
    @Test
    void idsThatWereUsedAreRemembered() throws IOException {
        ObjectNode old = (ObjectNode) new ObjectMapper().readTree(json("v5-early"));
        ((ObjectNode) old.path("line").path("colour")).put("swatch", 31);
        assertThat(open(new ObjectMapper().writeValueAsBytes(old)).freeSwatchId()).isEqualTo(32);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"v1", "v2", "v3", "v4", "v5-early", "v5", "v6", "v7", "v8", "v9", "v10"})
    void whatWasLiftedIsSavedAsTheNewestAndStaysTheSame(String version) throws IOException {
        Job lifted = open(json(version));
        Path file = folder.resolve("again" + JobFile.ENDING);
        JobFile.save(file, lifted, new byte[0]);
        Job again = JobFile.open(file);
        assertThat(again).usingRecursiveComparison().isEqualTo(lifted);
    }

    @ParameterizedTest
    @ValueSource(strings = {"v1", "v2", "v3", "v4", "v5-early", "v5"})
    void whatIsMissingOrNoObjectIsNamed(String version) throws IOException {
        for (String field : List.of("sheet", "line", "close")) {
            ObjectNode damaged = (ObjectNode) new ObjectMapper().readTree(json(version));
            damaged.remove(field);
            assertRefused(damaged, field);
            damaged.put(field, 7);
            assertRefused(damaged, "");
        }
        for (String field : List.of("swatches", "fills", "black", "title")) {
            ObjectNode damaged = (ObjectNode) new ObjectMapper().readTree(json(version));
            damaged.remove(field);
            assertRefused(damaged, field);
        }
    }

    private void assertRefused(ObjectNode damaged, String named) throws IOException {
        byte[] bytes = new ObjectMapper().writeValueAsBytes(damaged);
        assertThatThrownBy(() -> open(bytes))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("damaged")
                .hasMessageContaining(named);
    }
}
