package neattrace.job.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import neattrace.export.OneBitWriter.Format;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.stage.Progress;
import neattrace.testing.Jobs;
import neattrace.testing.Pictures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A folder of scans becomes a folder of sheets; scans are never touched. */
class SheetFolderTest {

    private static final SheetWish USUAL = SheetWish.of(SheetRecipe.automatic());

    @TempDir private Path folder;

    private Path scans() throws IOException {
        Path scans = Files.createDirectories(folder.resolve("scans"));
        Files.write(scans.resolve("a.png"), Pictures.png(Jobs.target(), 300));
        Files.write(scans.resolve("b.JPG"), Pictures.encode(Jobs.target(), "jpg"));
        Files.writeString(scans.resolve("notes.txt"), "no scan");
        Files.writeString(scans.resolve("traced.svg"), "<svg/>");
        Files.createDirectories(scans.resolve("older.png"));
        return scans;
    }

    private String made(Path scans, Path sheets, Format format) throws IOException {
        return SheetFolder.make(scans, sheets, USUAL, format, Progress.SILENT);
    }

    @Test
    void picturesOfAFolderAreItsScansByName() throws IOException {
        assertThat(SheetMaker.pictures(scans()))
                .extracting(one -> one.getFileName().toString())
                .containsExactly("a.png", "b.JPG");
        assertThatThrownBy(() -> SheetMaker.pictures(folder.resolve("nowhere")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("nowhere");
    }

    @Test
    void everyScanBecomesASheetAndStaysAsItWas() throws IOException {
        Path scans = scans();
        byte[] before = Files.readAllBytes(scans.resolve("a.png"));
        Path sheets = folder.resolve("made/sheets");
        assertThat(made(scans, sheets, Format.TIFF)).isEqualTo("2 of 2 sheets made in sheets.");
        assertThat(Files.readAllBytes(scans.resolve("a.png"))).isEqualTo(before);
        for (String name : List.of("a.tif", "b.tif")) {
            assertThat(PictureReader.read(sheets.resolve(name)).width()).isEqualTo(236);
        }
    }

    @Test
    void aSheetKeepsTheResolutionOfItsScanOrTheOneAskedFor() throws IOException {
        Path scans = scans();
        for (double ppi : new double[] {0, 600}) {
            SheetWish wish = new SheetWish(SheetRecipe.automatic(), 0, ppi, false, false, false);
            Path sheets = folder.resolve("at-" + ppi);
            SheetFolder.make(scans, sheets, wish, Format.PNG, Progress.SILENT);
            Picture sheet = PictureReader.read(sheets.resolve("a.png"));
            assertThat(sheet.resolution().ppi()).isCloseTo(ppi == 0 ? 300 : ppi, within(0.1));
        }
    }

    /** Its sheet would lie where the scan lies. */
    @Test
    void aScanIsNeverWrittenOver() throws IOException {
        Path scans = scans();
        byte[] before = Files.readAllBytes(scans.resolve("a.png"));
        assertThat(made(scans, scans, Format.PNG))
                .startsWith("1 of 2 sheets made")
                .contains("a.png is a scan; it is never written to");
        assertThat(Files.readAllBytes(scans.resolve("a.png"))).isEqualTo(before);
        assertThat(scans.resolve("b.png")).isNotEmptyFile();
    }

    @Test
    void aScanThatCannotBeReadIsPassedOverAndTold() throws IOException {
        Path scans = scans();
        Files.writeString(scans.resolve("broken.png"), "no picture at all");
        assertThat(made(scans, folder.resolve("s"), Format.PNG))
                .startsWith("2 of 3 sheets made")
                .contains("broken.png");
    }

    @Test
    void nothingToMakeIsSaid() throws IOException {
        Path empty = Files.createDirectories(folder.resolve("empty"));
        assertThatThrownBy(() -> made(empty, folder.resolve("s"), Format.PNG))
                .hasMessageContaining("There are no pictures in");
        Files.writeString(empty.resolve("broken.png"), "no picture at all");
        assertThatThrownBy(() -> made(empty, folder.resolve("s"), Format.PNG))
                .hasMessageStartingWith("No sheet was made.");
    }

    @Test
    void whatWasMadeStaysIfItIsStopped() throws IOException {
        Path scans = scans();
        Path sheets = folder.resolve("s");
        Progress second =
                (what, share) -> {
                    if (what.startsWith("Sheet 2")) {
                        throw new CancellationException();
                    }
                };
        assertThatThrownBy(() -> SheetFolder.make(scans, sheets, USUAL, Format.PNG, second))
                .isInstanceOf(CancellationException.class);
        assertThat(sheets.resolve("a.png")).isNotEmptyFile();
        assertThat(sheets.resolve("b.png")).doesNotExist();
    }

    @Test
    void scansThatDifferInTheirEndingsAloneKeepTheirSheetsApart() {
        Path to = Path.of("to");
        Map<Path, Path> targets =
                SheetFolder.targets(
                        List.of(
                                Path.of("cat.png"),
                                Path.of("Cat.jpg"),
                                Path.of("cat-png.tif"),
                                Path.of("dog.png"),
                                Path.of("noend"),
                                Path.of(".hidden")),
                        to,
                        ".tif");
        assertThat(targets.values().stream().map(one -> one.toString().toLowerCase()))
                .doesNotHaveDuplicates()
                .allMatch(one -> one.endsWith(".tif"));
        assertThat(targets)
                .containsEntry(Path.of("dog.png"), to.resolve("dog.tif"))
                .containsEntry(Path.of("cat.png"), to.resolve("cat-png.tif"))
                .containsEntry(Path.of("Cat.jpg"), to.resolve("Cat-jpg.tif"))
                .containsEntry(Path.of("noend"), to.resolve("noend.tif"));
    }

    @Test
    void theEndingChoosesTheFormat() throws IOException {
        assertThat(SheetMaker.format(Path.of("x.TIFF"))).contains(Format.TIFF);
        assertThat(SheetMaker.format(Path.of("x.tif"))).contains(Format.TIFF);
        assertThat(SheetMaker.format(Path.of("x.png"))).contains(Format.PNG);
        assertThat(SheetMaker.format(Path.of("x.jpg"))).isEmpty();
        MadeSheet sheet = SheetMaker.make(scans().resolve("a.png"), USUAL, Progress.SILENT);
        assertThatThrownBy(() -> SheetMaker.write(sheet, folder.resolve("x.jpg"), 0))
                .hasMessageContaining("a sheet is a .tif or a .png file");
        assertThat(folder.resolve("x.jpg")).doesNotExist();
    }

    /**
     * The target is 187 px across and has a margin of its own; what is cropped keeps 5 mm at most.
     */
    @Test
    void aCroppedSheetHoldsAllOfItsDrawing() throws IOException {
        Path scan = folder.resolve("large.png");
        var large =
                Pictures.plain(700, 900, java.awt.image.BufferedImage.TYPE_BYTE_GRAY, 0xFFFFFFFF);
        var g = large.createGraphics();
        g.drawImage(Jobs.target(), 250, 400, null);
        g.dispose();
        Files.write(scan, Pictures.png(large, 300));
        SheetWish wish = new SheetWish(SheetRecipe.automatic(), 0, 0, false, false, true);
        MadeSheet cropped = SheetMaker.make(scan, wish, Progress.SILENT);
        MadeSheet whole = SheetMaker.make(scan, USUAL, Progress.SILENT);
        assertThat(cropped.reading().map().width()).isBetween(187, 187 + 2 * 60 + 4);
        assertThat(ink(cropped)).isEqualTo(ink(whole));
    }

    private static long ink(MadeSheet sheet) {
        long ink = 0;
        for (int y = 0; y < sheet.reading().map().height(); y++) {
            for (int x = 0; x < sheet.reading().map().width(); x++) {
                ink += sheet.reading().map().isInk(x, y) ? 1 : 0;
            }
        }
        return ink;
    }
}
