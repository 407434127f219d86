package neattrace.standin.cutter;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import neattrace.export.GoodsFormat;
import neattrace.goods.cut.StickerRecipe;
import neattrace.goods.sticker.Sticker;
import neattrace.goods.sticker.StickerPlan;
import neattrace.job.pipeline.Pipeline;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.PrintPlan;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Broken cut files, and those of other programs: read, or refused in one sentence. */
class CutFileMutationTest {

    private static final int ROUNDS = 1500;

    @ParameterizedTest
    @EnumSource(
            value = GoodsFormat.class,
            names = {"HPGL", "DXF"})
    void brokenFilesAreReadOrRefused(GoodsFormat format) throws IOException {
        PressProfile press = PressProfile.bundled();
        Artwork art =
                Artwork.of(new Pipeline().run(Jobs.plain(), Progress.SILENT), press).forFiles();
        PrintPlan plan = StickerPlan.page(Sticker.of(art, 1, StickerRecipe.USUAL));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        format.write(plan, 300, out);
        byte[] whole = out.toByteArray();
        List<CutPath> sound = CutFileReader.read(whole, plan.heightMm());
        assertThat(sound).hasSizeGreaterThanOrEqualTo(2);
        Random random = new Random(7);
        int refused = 0;
        for (int round = 0; round < ROUNDS; round++) {
            byte[] bytes = mutated(whole, random);
            try {
                List<CutPath> cuts = CutFileReader.read(bytes, plan.heightMm());
                StandInCutter.run(
                        cuts.stream().filter(cut -> cut.lengthMm() < 5000).toList(),
                        plan.heightMm(),
                        CutterSettings.USUAL);
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank();
                refused++;
            }
        }
        assertThat(refused).isLessThan(ROUNDS);
    }

    private static byte[] mutated(byte[] whole, Random random) {
        byte[] bytes = whole.clone();
        for (int k = 0; k <= random.nextInt(6); k++) {
            bytes[random.nextInt(bytes.length)] =
                    random.nextBoolean()
                            ? (byte) random.nextInt(256)
                            : "0123456789-.,;PUDASCI"
                                    .getBytes(StandardCharsets.US_ASCII)[random.nextInt(21)];
        }
        return random.nextInt(4) == 0 ? Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes;
    }
}
