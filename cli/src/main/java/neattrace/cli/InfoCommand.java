package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import neattrace.progress.Progress;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** What a picture is good for. */
@Command(name = "info", description = "Tells size, resolution and what is wrong with a picture.")
final class InfoCommand implements Callable<Integer> {

    /** The usual print resolution (common practice, no source). */
    private static final double PRINT_PPI = 300;

    @Parameters(paramLabel = "IN", description = "PNG, JPEG, TIFF, BMP or GIF.")
    private Path input;

    private final Reporter reporter;

    InfoCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        Picture picture = PictureReader.read(input);
        double mmPerPx = picture.resolution().mmPerPx();
        InkReading reading =
                InkMapper.read(
                        picture.grey(),
                        SheetRecipe.automatic(),
                        picture.resolution().pxPerMm(),
                        Progress.SILENT);
        say("file", "%s, %s", input.getFileName(), picture.format());
        say("size", "%d x %d px", picture.width(), picture.height());
        say("on paper", "%.1f x %.1f mm", picture.width() * mmPerPx, picture.height() * mmPerPx);
        say(
                "resolution",
                "%s ppi%s",
                number(picture.resolution().ppi()),
                picture.resolution().stated() ? "" : " (assumed)");
        say("ink", "%.1f %% of the sheet", 100.0 * reading.map().inkPixels() / pixels(picture));
        if (picture.resolution().ppi() < PRINT_PPI) {
            double mm = Resolution.MM_PER_INCH / PRINT_PPI;
            say(
                    "note",
                    "Below the %.0f ppi that print wants: good for %.0f x %.0f mm at that.",
                    PRINT_PPI,
                    picture.width() * mm,
                    picture.height() * mm);
        }
        picture.notes().forEach(note -> say("note", "%s", note));
        reading.notes().forEach(note -> say("note", "%s", note));
        return ExitCode.DONE;
    }

    private static double pixels(Picture picture) {
        return (double) picture.width() * picture.height();
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.valueOf((long) value)
                : String.format(Locale.ROOT, "%.1f", value);
    }

    private void say(String label, String format, Object... values) {
        reporter.say(
                String.format(Locale.ROOT, "%-11s", label)
                        + String.format(Locale.ROOT, format, values));
    }
}
