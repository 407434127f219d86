package neattrace.gang;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import neattrace.goods.sheet.SheetLayout;
import neattrace.goods.sheet.Strip;
import neattrace.press.Cmyk;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;

/** Sheets as files: what is kept, where drawings are looked for, and what is refused. */
class GangFileTest {

    @TempDir Path folder;

    private Path drawing(String name) throws IOException {
        Path file = folder.resolve(name);
        Files.createDirectories(file.getParent());
        return Files.writeString(file, name);
    }

    private GangSheet sheet() throws IOException {
        GangSheet sheet =
                GangSheet.EMPTY
                        .withTitle("Harbour")
                        .withNumber("SK-014")
                        .withAim(GangAim.FILL)
                        .withTurns(4)
                        .withSeed(9_876_543_210L)
                        .with(drawing("birds/puffin.ntjob"))
                        .with(drawing("gull.ntjob"))
                        .withLayout(
                                SheetLayout.USUAL
                                        .withName("Range")
                                        .withSize(148, 210)
                                        .withGround(new Cmyk(20, 0, 8, 0))
                                        .withHeader(
                                                new Strip(
                                                        16,
                                                        new Cmyk(92, 68, 18, 8),
                                                        new Cmyk(0, 0, 0, 0)))
                                        .withKept(List.of(new Envelope(10, 40, 30, 60))));
        GangDrawing gull = sheet.drawing(2).orElseThrow();
        return sheet.with(gull.withCopies(3).withWidthMm(41.5).withSeen("0f-a9"))
                .withPlaces(
                        List.of(
                                new GangPlace(2, 30.25, 60.5, 15, true),
                                new GangPlace(1, 90, 60, 0, false)))
                .leaving("sheet-crammed");
    }

    @Test
    void aSheetComesBackAsItWasKept() throws IOException {
        Path file = folder.resolve("harbour.ntsheet");
        GangFile.save(file, sheet());
        assertThat(GangFile.open(file)).isEqualTo(sheet());
    }

    /** Opening a sheet asks no machine of the network that a stranger wrote into it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "//host/share/a.png",
                "\\\\\\\\host\\\\share\\\\a.png",
                "https://host/a.png"
            })
    void hostsOfANetworkAreNotAsked(String elsewhere) throws IOException {
        Path file = folder.resolve("a.ntsheet");
        GangFile.save(file, GangSheet.EMPTY.with(folder.resolve("a.png")));
        String text = Files.readString(file);
        String own = folder.resolve("a.png").toString();
        assertThat(text).contains(own);
        Files.writeString(file, text.replace(own, elsewhere));
        assertThat(GangFile.open(file).drawings().get(0).file()).startsWithRaw(folder);
        Files.writeString(file, text.replace("[ \"a.png\" ]", "[ \"" + elsewhere + "\" ]"));
        assertThatThrownBy(() -> GangFile.open(file)).isInstanceOf(GangException.class);
    }

    @Test
    void aFolderThatIsMovedAsAWholeKeepsItsDrawings() throws IOException {
        Path before = Files.createDirectories(folder.resolve("before"));
        Path drawing = before.resolve("birds").resolve("puffin.ntjob");
        Files.createDirectories(drawing.getParent());
        Files.writeString(drawing, "puffin");
        GangFile.save(before.resolve("harbour.ntsheet"), GangSheet.EMPTY.with(drawing));
        Path after = folder.resolve("after");
        Files.move(before, after);
        assertThat(GangFile.open(after.resolve("harbour.ntsheet")).drawings().get(0).file())
                .isEqualTo(after.resolve("birds").resolve("puffin.ntjob"));
    }

    @Test
    void aSheetMovedWithoutItsDrawingsStillFindsThem() throws IOException {
        Path drawing = drawing("birds/puffin.ntjob");
        Path file = folder.resolve("harbour.ntsheet");
        GangFile.save(file, GangSheet.EMPTY.with(drawing));
        Path other = Files.createDirectories(folder.resolve("elsewhere/deep"));
        Path moved = Files.move(file, other.resolve("harbour.ntsheet"));
        assertThat(GangFile.open(moved).drawings().get(0).file()).isEqualTo(drawing);
    }

    @Test
    void whatIsNoSheetIsRefusedInOneSentence() throws IOException {
        Path none = folder.resolve("none.ntsheet");
        assertThatThrownBy(() -> GangFile.open(none))
                .isInstanceOf(GangException.class)
                .hasMessageEndingWith("does not exist.");
        refused("", "no sheet of stickers");
        refused("{}", "no sheet of stickers");
        refused("[[[[", "no sheet of stickers");
        refused("{\"format\":\"neat-trace-layout\",\"version\":1}", "no sheet of stickers");
        refused("{\"format\":\"neat-trace-sheet\",\"version\":2}", "newer program");
        refused("{\"format\":\"neat-trace-sheet\",\"version\":1}", "is damaged");
    }

    private void refused(String text, String why) throws IOException {
        Path file = Files.writeString(folder.resolve("x.ntsheet"), text);
        assertThatThrownBy(() -> GangFile.open(file))
                .isInstanceOf(GangException.class)
                .hasMessageContaining(why);
    }

    @Test
    void damagedSheetsAreReadOrRefusedButNeverCrash() throws IOException {
        Path file = folder.resolve("harbour.ntsheet");
        GangFile.save(file, sheet());
        byte[] whole = Files.readAllBytes(file);
        Random random = new Random(4);
        int refused = 0;
        for (int round = 0; round < 400; round++) {
            byte[] bytes = whole.clone();
            for (int k = 0; k <= random.nextInt(4); k++) {
                bytes[random.nextInt(bytes.length)] = (byte) (32 + random.nextInt(95));
            }
            Files.write(file, bytes);
            try {
                GangFile.open(file);
            } catch (GangException e) {
                assertThat(e.getMessage()).isNotBlank().doesNotContain("\n");
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(100);
    }

    @Test
    void namesOfAnyLetterSurvive() throws IOException {
        Path drawing = drawing("Möwe & Brief 'ß'.ntjob");
        Path file = folder.resolve("Blatt ü.ntsheet");
        GangFile.save(file, GangSheet.EMPTY.with(drawing).withTitle("Zeile\n\"zwei\""));
        GangSheet back = GangFile.open(file);
        assertThat(back.drawings().get(0).file()).isEqualTo(drawing);
        assertThat(back.title()).isEqualTo("Zeile\n\"zwei\"");
        assertThat(Files.readString(file, StandardCharsets.UTF_8)).contains("Möwe");
    }
}
