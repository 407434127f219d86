package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import neattrace.goods.Goods;
import neattrace.goods.UsualGoods;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.ScanFitness;
import neattrace.sheet.sweep.CalmStretch;
import neattrace.stage.Progress;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** What a picture is good for. */
@Command(name = "info", description = "Tells size, resolution and what is wrong with a picture.")
final class InfoCommand implements Callable<Integer> {

    /** The usual print resolution (common practice, no source). */
    private static final double PRINT_PPI = 300;

    @Parameters(paramLabel = "IN", description = PictureReader.KINDS + ".")
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
                        picture,
                        SheetRecipe.automatic(),
                        picture.resolution().pxPerMm(),
                        null,
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
        ScanFitness fitness = ScanFitness.of(reading);
        if (fitness.thinnestPx() > 0) {
            say(
                    "thin lines",
                    "%.1f px, %.2f mm%s",
                    fitness.thinnestPx(),
                    fitness.thinnestMm(),
                    fitness.tooCoarse() ? ": too few pixels for smooth edges" : "");
            say("next time", "scan at %.0f ppi", fitness.nextPpi());
            reading.calm().ifPresent(this::sayCalm);
        }
        for (Goods goods : UsualGoods.all()) {
            double ppi = goods.sizing().ppi();
            say(
                    "good for",
                    "%-24s up to %.0f x %.0f mm (%.0f ppi)",
                    goods.name(),
                    fitness.widthMm(ppi),
                    fitness.heightMm(ppi),
                    ppi);
        }
        if (picture.resolution().ppi() < PRINT_PPI) {
            say(
                    "note",
                    "Below the %.0f ppi that print wants: good for %.0f x %.0f mm at that.",
                    PRINT_PPI,
                    fitness.widthMm(PRINT_PPI),
                    fitness.heightMm(PRINT_PPI));
        }
        picture.notes().forEach(note -> say("note", "%s", note));
        reading.notes().forEach(note -> say("note", "%s", note));
        return ExitCode.DONE;
    }

    private void sayCalm(CalmStretch calm) {
        say(
                "threshold",
                "%.0f %%; the drawing stays the same from %.0f to %.0f %%",
                calm.bestPercent(),
                calm.from() / 2.55,
                calm.to() / 2.55);
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
