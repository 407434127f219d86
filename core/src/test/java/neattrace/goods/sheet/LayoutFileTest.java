package neattrace.goods.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import neattrace.goods.cut.CutInks;
import neattrace.press.Cmyk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.locationtech.jts.geom.Envelope;

class LayoutFileTest {

    private static final SheetLayout RANGE =
            new SheetLayout(
                    "Harbour range",
                    148,
                    210,
                    8,
                    5,
                    new Cmyk(20, 0, 8, 0),
                    new Strip(16, new Cmyk(92, 68, 18, 8), new Cmyk(0, 0, 0, 0)),
                    Strip.NONE.withHeightMm(9),
                    "The Skerry Mail",
                    List.of(new Envelope(10, 30, 40, 60)),
                    new CutInks("Kiss 1", "Perf"));

    @TempDir private Path folder;

    private Path written(String text) throws IOException {
        Path file = folder.resolve("range.ntlayout");
        Files.writeString(file, text);
        return file;
    }

    @Test
    void comesBackAsItWas() throws IOException {
        Path file = folder.resolve("range.ntlayout");
        LayoutFile.save(file, RANGE);
        assertThat(LayoutFile.open(file)).isEqualTo(RANGE);
    }

    @Test
    void saysInOneSentenceWhatIsWrong() throws IOException {
        assertThatThrownBy(() -> LayoutFile.open(folder.resolve("none.ntlayout")))
                .isInstanceOf(LayoutException.class)
                .hasMessageContaining("cannot be read");
        assertThatThrownBy(() -> LayoutFile.open(written("no json")))
                .isInstanceOf(LayoutException.class)
                .hasMessageContaining("is no layout");
        assertThatThrownBy(() -> LayoutFile.open(written("{\"format\":\"neat-trace-goods\"}")))
                .isInstanceOf(LayoutException.class)
                .hasMessageContaining("is no layout");
        LayoutFile.save(folder.resolve("good.ntlayout"), RANGE);
        String good = Files.readString(folder.resolve("good.ntlayout"));
        assertThatThrownBy(
                        () ->
                                LayoutFile.open(
                                        written(
                                                good.replace(
                                                        "\"version\" : 1", "\"version\" : 9"))))
                .hasMessageContaining("another version");
        assertThatThrownBy(() -> LayoutFile.open(written(good.replace("148.0", "-1"))))
                .isInstanceOf(LayoutException.class)
                .hasMessageContaining("damaged");
        assertThatThrownBy(() -> LayoutFile.open(written(good.replace("\"shop\"", "\"shap\""))))
                .isInstanceOf(LayoutException.class)
                .hasMessageContaining("\"shop\" is missing");
    }

    @Test
    void stickersKeepOffStripsAndWhatIsKeptOut() {
        assertThat(RANGE.room().kept()).hasSize(3);
        assertThat(RANGE.room().kept().get(1).getEnvelopeInternal().getMaxY()).isEqualTo(21);
    }

    /** As version 1 wrote them before cuts had names of their own. */
    @Test
    void layoutsWithoutNamesOfCutsHaveTheUsualOnes() throws IOException {
        Path file = folder.resolve("old.ntlayout");
        LayoutFile.save(file, RANGE);
        Files.writeString(
                file, Files.readString(file).replaceAll("\\s*\"(cut|through)Ink\" : [^,]*,", ""));
        assertThat(LayoutFile.open(file)).isEqualTo(RANGE.withInks(CutInks.USUAL));
    }

    @Test
    void inksOfThePressAreNoCuts() {
        assertThatIllegalArgumentException().isThrownBy(() -> new CutInks("Black", "Cut"));
        assertThatIllegalArgumentException().isThrownBy(() -> new CutInks("cut", "Cut"));
        assertThatIllegalArgumentException().isThrownBy(() -> new CutInks("", "Cut"));
    }
}
