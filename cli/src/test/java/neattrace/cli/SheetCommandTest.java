package neattrace.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import neattrace.job.file.NamedRecipe;
import neattrace.job.file.RecipeFile;
import neattrace.raster.Picture;
import neattrace.raster.PngFile;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SheetCommandTest {

    private record Outcome(int code, String out, String err) {}

    @TempDir private Path folder;
    private Path scan;

    @BeforeEach
    void draw() throws IOException {
        scan = folder.resolve("frame.png");
        Files.write(scan, frame(1.5));
    }

    /** A grey frame of 100 x 70 mm at 100 ppi, turned by an angle, on paper of 230. */
    private static byte[] frame(double degrees) throws IOException {
        BufferedImage image = new BufferedImage(600, 500, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(0xE6E6E6));
        g.fillRect(0, 0, 600, 500);
        g.setColor(new Color(0x202020));
        g.rotate(Math.toRadians(degrees), 300, 250);
        g.setStroke(new BasicStroke(5));
        g.draw(new Rectangle2D.Double(103, 112, 394, 276));
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngFile.write(image, 100, out);
        return out.toByteArray();
    }

    private static Outcome run(Object... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code =
                NeatTrace.run(
                        new PrintWriter(out, true),
                        new PrintWriter(err, true),
                        Stream.of(arguments).map(Object::toString).toArray(String[]::new));
        return new Outcome(code, out.toString(), err.toString());
    }

    private static void assertRefused(Outcome outcome, int code, String words) {
        assertThat(outcome.code()).isEqualTo(code);
        assertThat(outcome.err().strip().lines().count()).isEqualTo(1);
        assertThat(outcome.err()).contains(words);
    }

    @Test
    void aScanBecomesAOneBitTiff() throws IOException {
        Path target = folder.resolve("out.tif");
        Outcome outcome = run("sheet", scan, "-o", target);
        assertThat(outcome.err()).isEmpty();
        assertThat(outcome.code()).isZero();
        assertThat(outcome.out()).contains("out.tif", "600 x 500 px", "100 ppi", "ink from 50 %");
        Picture sheet = PictureReader.read(target);
        assertThat(sheet.resolution().ppi()).isEqualTo(100);
        assertThat(sheet.grey().isOneBit()).isTrue();
    }

    @Test
    void levelAndCropAreMeasured() throws IOException {
        Path target = folder.resolve("out.png");
        Outcome outcome = run("sheet", scan, "-o", target, "--level", "--crop", "--out-ppi", 400);
        assertThat(outcome.out()).contains("turned by -1.50 degrees", "400 ppi");
        Picture sheet = PictureReader.read(target);
        // 399 x 281 px of frame and 5 mm (19.7 px) of margin on every side, four times as fine.
        assertThat(sheet.width()).isBetween(4 * 436, 4 * 444);
        assertThat(sheet.height()).isBetween(4 * 318, 4 * 326);
        assertThat(sheet.resolution().ppi()).isEqualTo(400);
    }

    @Test
    void aRecipeIsUsedOnAFolderOfScans() throws IOException {
        Files.write(folder.resolve("second.png"), frame(0));
        Path recipe = folder.resolve("my.ntrecipe");
        RecipeFile.save(
                recipe, new NamedRecipe("my paper", SheetRecipe.automatic().withInkPercent(35)));
        Path out = folder.resolve("sheets");
        Outcome outcome = run("sheet", folder, "--out-dir", out, "--recipe", recipe);
        assertThat(outcome.code()).isZero();
        assertThat(outcome.out().lines())
                .hasSize(2)
                .allMatch(line -> line.contains("ink from 35 %"));
        assertThat(out.resolve("frame.tif")).isRegularFile();
        assertThat(out.resolve("second.tif")).isRegularFile();
    }

    @Test
    void oneBadScanDoesNotStopTheOthers() throws IOException {
        Files.write(folder.resolve("a-broken.png"), new byte[] {1, 2, 3});
        Path out = folder.resolve("sheets");
        Outcome outcome = run("sheet", folder, "--out-dir", out, "--format", "png");
        assertRefused(outcome, ExitCode.UNREADABLE, "a-broken.png");
        assertThat(out.resolve("frame.png")).isRegularFile();
    }

    @Test
    void badUseIsOneLineEach() throws IOException {
        Path tif = folder.resolve("o.tif");
        assertRefused(run("sheet", scan), ExitCode.USAGE, "-o OUT");
        assertRefused(run("sheet", scan, "-o", folder.resolve("o.jpg")), ExitCode.USAGE, ".tif");
        assertRefused(
                run("sheet", scan, "-o", tif, "--ink", 120), ExitCode.USAGE, "between 1 and 99");
        assertRefused(run("sheet", scan, "-o", tif, "--out-ppi", 3), ExitCode.USAGE, "10 to 20000");
        assertRefused(run("sheet", scan, "-o", tif, "--pinhole", 25), ExitCode.USAGE, "0 to 20 mm");
        assertRefused(run("sheet", scan, "-o", scan), ExitCode.USAGE, "never written");
        assertRefused(
                run("sheet", folder.resolve("none.png"), "-o", tif),
                ExitCode.UNREADABLE,
                "does not exist");
        Path old = folder.resolve("old.ntrecipe");
        Files.writeString(old, "{\"format\":\"neat-trace-sheet-recipe\",\"version\":9}");
        assertRefused(
                run("sheet", scan, "-o", tif, "--recipe", old), ExitCode.UNREADABLE, "version 9");
        assertThat(tif).doesNotExist();
    }

    @Test
    void ofADarkSheetNothingIsWritten() throws IOException {
        BufferedImage blank = new BufferedImage(50, 50, BufferedImage.TYPE_BYTE_GRAY);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PngFile.write(blank, 300, bytes);
        Path dark = Files.write(folder.resolve("dark.png"), bytes.toByteArray());
        Outcome outcome = run("sheet", dark, "-o", folder.resolve("dark.tif"));
        assertThat(outcome.code()).isEqualTo(ExitCode.STOPPED);
        assertThat(outcome.err()).contains("no paper");
        assertThat(folder.resolve("dark.tif")).doesNotExist();
    }
}
