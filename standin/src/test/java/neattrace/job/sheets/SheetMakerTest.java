package neattrace.job.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import neattrace.export.OneBitWriter.Format;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.stage.Progress;
import neattrace.standin.scanner.ScanSettings;
import neattrace.standin.scanner.StandInScanner;
import neattrace.standin.skerry.SkerryMail;
import neattrace.testing.Drawings;
import neattrace.testing.Pictures;
import neattrace.testing.Sheets;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@Tag("thorough")
class SheetMakerTest {

    @TempDir Path folder;

    private Path file(String name, byte[] bytes) throws IOException {
        return Files.write(folder.resolve(name), bytes);
    }

    @Test
    void aScanBecomesAOneBitSheetOfItsOwnResolution() throws IOException {
        Path scan = file("a.png", Pictures.png(Sheets.framed(300, 200, 40, 6), 400));
        MadeSheet sheet =
                SheetMaker.make(scan, SheetWish.of(SheetRecipe.automatic()), Progress.SILENT);
        Path target = folder.resolve("out.tif");
        SheetMaker.write(sheet, target, 0);
        Picture back = PictureReader.read(target);
        assertThat(back.resolution().ppi()).isEqualTo(400);
        assertThat(back.grey().at(42, 100)).isZero();
        assertThat(back.grey().at(100, 100)).isEqualTo(255);
    }

    @Test
    void aTiltedScanIsTurnedLevelAndCropped() throws IOException {
        ScanSettings settings = SkerryMail.GLASSHOUSE.everydayScan();
        Path scan =
                file(
                        "b.png",
                        StandInScanner.png(
                                StandInScanner.scan(Drawings.of(SkerryMail.GLASSHOUSE), settings),
                                settings.ppi()));
        SheetWish wish = new SheetWish(SheetRecipe.automatic(), 0, 0, false, true, true);
        MadeSheet sheet = SheetMaker.make(scan, wish, Progress.SILENT);
        assertThat(sheet.tiltDegrees()).isCloseTo(settings.tiltDegrees(), within(0.011));
        assertThat(neattrace.sheet.review.TiltFinder.find(sheet.reading().map()).degrees())
                .isCloseTo(0, within(0.011));
    }

    /** A photo of a sheet on a dark table: paper 400 x 300 px, its corners askew. */
    @Test
    void aSheetOnADarkTableIsStraightened() throws IOException {
        byte[] samples = new byte[600 * 500];
        for (int i = 0; i < samples.length; i++) {
            int x = i % 600;
            int y = i / 600;
            boolean paper = x > 90 + y / 20 && x < 500 - y / 20 && y > 80 && y < 400 - x / 30;
            boolean ink = Math.abs(Math.hypot(x - 300, y - 230) - 80) < 3;
            samples[i] = (byte) (!paper ? 70 : ink ? 20 : 235);
        }
        Path scan =
                file("c.png", Pictures.png(new neattrace.raster.GreySheet(600, 500, samples), 100));
        SheetWish wish = new SheetWish(SheetRecipe.automatic(), 0, 0, true, false, false);
        MadeSheet sheet = SheetMaker.make(scan, wish, Progress.SILENT);
        assertThat(sheet.reading().map().width()).isBetween(370, 400);
        assertThat(sheet.reading().map().isInk(2, 2)).isFalse();
        assertThat(neattrace.raster.RunLabels.of(sheet.reading().map(), true, true).count())
                .isEqualTo(1);
    }

    @Test
    void aFolderGivesItsPicturesInOrder() throws IOException {
        file("b.JPG", new byte[] {1});
        file("a.png", new byte[] {1});
        file("notes.txt", new byte[] {1});
        Files.createDirectory(folder.resolve("c.png"));
        assertThat(SheetMaker.pictures(folder))
                .extracting(path -> path.getFileName().toString())
                .containsExactly("a.png", "b.JPG");
        assertThatThrownBy(() -> SheetMaker.pictures(folder.resolve("none")))
                .isInstanceOf(PictureException.class);
    }

    @Test
    void anEndingThatIsNoSheetIsRefused() throws IOException {
        Path scan = file("a.png", Pictures.png(Sheets.framed(60, 60, 10, 4), 300));
        MadeSheet sheet =
                SheetMaker.make(scan, SheetWish.of(SheetRecipe.automatic()), Progress.SILENT);
        assertThatThrownBy(() -> SheetMaker.write(sheet, folder.resolve("a.jpg"), 0))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(".tif or a .png");
    }

    /** a.png and a.jpg have sheets of their own. */
    @Test
    void scansOfOneNameKeepApart() {
        Path out = Path.of("out");
        List<Path> scans =
                List.of(
                        Path.of("in/a.jpg"),
                        Path.of("in/A.png"),
                        Path.of("in/b.png"),
                        Path.of("x/b"));
        assertThat(SheetFolder.targets(scans, out, ".tif").values())
                .containsExactly(
                        out.resolve("a-jpg.tif"),
                        out.resolve("A-png.tif"),
                        out.resolve("b-png.tif"),
                        out.resolve("b.tif"));
    }

    @Test
    void everyScanThatFailedIsTold() throws IOException {
        Path scans = Files.createDirectory(folder.resolve("many"));
        Files.writeString(scans.resolve("one.png"), "no picture");
        Files.writeString(scans.resolve("two.png"), "no picture either");
        assertThatThrownBy(
                        () ->
                                SheetFolder.make(
                                        scans,
                                        folder.resolve("made"),
                                        new SheetWish(
                                                SheetRecipe.automatic(), 0, 0, false, false, false),
                                        Format.TIFF,
                                        Progress.SILENT))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("one.png")
                .hasMessageContaining("two.png");
    }
}
