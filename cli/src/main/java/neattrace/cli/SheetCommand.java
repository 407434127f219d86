package neattrace.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import neattrace.job.file.NamedRecipe;
import neattrace.job.file.RecipeException;
import neattrace.job.file.RecipeFile;
import neattrace.job.file.RecipeShelf;
import neattrace.job.sheets.MadeSheet;
import neattrace.job.sheets.SheetFolder;
import neattrace.job.sheets.SheetMaker;
import neattrace.job.sheets.SheetWish;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.SpeckRecipe;
import neattrace.sheet.ink.InkReading;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Scans in, clean black-and-white sheets out. */
@Command(
        name = "sheet",
        description = "Turns scans into clean one-bit sheets for film, plates and laser printers.",
        sortOptions = false)
final class SheetCommand implements Callable<Integer> {

    /** What --format may say. */
    enum Ending {
        tif,
        png
    }

    @Parameters(
            paramLabel = "IN",
            arity = "1..*",
            description = PictureReader.KINDS + "; or a folder of scans.")
    private List<Path> inputs;

    @Option(
            names = "-o",
            paramLabel = "OUT",
            description = "The sheet of a single input: .tif (CCITT Group 4) or .png.")
    private Path output;

    @Option(
            names = "--out-dir",
            paramLabel = "DIR",
            description = "Folder for the sheets, each named after its input.")
    private Path folder;

    @Option(
            names = "--format",
            paramLabel = "tif|png",
            defaultValue = "tif",
            description = "Format in --out-dir; tif unless said otherwise.")
    private Ending ending;

    @Option(
            names = "--recipe",
            paramLabel = "FILE|NAME",
            description = "Settings from a file, or kept in the window under a name.")
    private String recipe;

    @Option(
            names = "--ink",
            paramLabel = "PERCENT",
            description = "Ink is darker than this share of the way from paper to ink.")
    private Double ink;

    @Option(
            names = "--speck",
            paramLabel = "MM",
            description =
                    "Drop dust smaller than this, and pinholes unless they have a size of their"
                            + " own.")
    private Double speck;

    @Option(
            names = "--pinhole",
            paramLabel = "MM",
            description = "Fill pinholes smaller than this.")
    private Double pinhole;

    @Option(
            names = "--corners",
            description = "Straighten a sheet on a darker ground by its four corners.")
    private boolean corners;

    @Option(names = "--level", description = "Turn level by the drawing's own straight lines.")
    private boolean level;

    @Option(names = "--crop", description = "Crop to the drawing and a margin of 5 mm.")
    private boolean crop;

    @Option(names = "--ppi", paramLabel = "N", description = "Resolution, over the file's own.")
    private double scanPpi;

    @Option(
            names = "--out-ppi",
            paramLabel = "N",
            description = "Resolution of the sheet, over the scan's.")
    private double outPpi;

    @Spec private CommandSpec spec;

    private final Reporter reporter;

    SheetCommand(Reporter reporter) {
        this.reporter = reporter;
    }

    @Override
    public Integer call() throws IOException {
        if ((output == null) == (folder == null)) {
            throw usage("Give either -o OUT or --out-dir DIR.");
        }
        if (output != null && SheetMaker.format(output).isEmpty()) {
            throw usage("-o must name a .tif or a .png file.");
        }
        Usage.checkPpi(spec, scanPpi);
        if (outPpi != 0 && !Resolution.isSensible(outPpi)) {
            throw usage("--out-ppi must be 10 to 20000.");
        }
        SheetWish wish = new SheetWish(settings(), scanPpi, outPpi, corners, level, crop);
        List<Path> scans = scans();
        if (output != null && scans.size() != 1) {
            throw usage("Several inputs need --out-dir.");
        }
        Set<Path> written = new HashSet<>();
        int worst = ExitCode.DONE;
        Map<Path, Path> targets =
                output != null ? Map.of() : SheetFolder.targets(scans, folder, "." + ending);
        for (Path scan : scans) {
            try {
                Path target = output != null ? output : targets.get(scan);
                Usage.checkNotInput(spec, scans, target);
                if (!written.add(target.toAbsolutePath().normalize())) {
                    throw new IOException(target + " was written for another input already.");
                }
                make(scan, target, wish);
            } catch (ParameterException e) {
                throw e;
            } catch (IOException | RuntimeException | Error e) {
                worst = Math.max(worst, reporter.failed(e));
            }
        }
        return worst;
    }

    private SheetRecipe settings() throws IOException {
        SheetRecipe settings = recipe == null ? SheetRecipe.automatic() : kept();
        try {
            settings = ink == null ? settings : settings.withInkPercent(ink);
            SpeckRecipe specks = speck == null ? settings.specks() : SpeckRecipe.under(speck);
            return settings.withSpecks(pinhole == null ? specks : specks.withPinholeMm(pinhole));
        } catch (IllegalArgumentException e) {
            throw usage("--ink, --speck and --pinhole: " + e.getMessage() + ".");
        }
    }

    private SheetRecipe kept() throws RecipeException {
        Path file = Path.of(recipe);
        if (!Files.exists(file)) {
            Optional<NamedRecipe> named = RecipeShelf.usual().find(recipe);
            if (named.isPresent()) {
                return named.get().recipe();
            }
        }
        if (!Files.exists(file)) {
            throw new RecipeException(
                    "There is no recipe file " + recipe + ", and no recipe is kept by that name.");
        }
        return RecipeFile.open(file).recipe();
    }

    private List<Path> scans() throws PictureException {
        List<Path> scans = new ArrayList<>();
        for (Path input : inputs) {
            if (!Files.isDirectory(input)) {
                scans.add(input);
                continue;
            }
            List<Path> found = SheetMaker.pictures(input);
            if (found.isEmpty()) {
                throw new PictureException("There are no pictures in " + input + ".");
            }
            scans.addAll(found);
        }
        return scans;
    }

    private void make(Path scan, Path target, SheetWish wish) throws IOException {
        reporter.detail(scan.toString());
        MadeSheet sheet = SheetMaker.make(scan, wish, reporter.progress());
        InkReading reading = sheet.reading();
        if (reading.map().inkPixels() == 0) {
            throw new EmptyDrawingException(scan + ": " + String.join(" ", reading.notes()));
        }
        if (folder != null) {
            Files.createDirectories(folder);
        }
        SheetMaker.write(sheet, target, outPpi);
        double ppi = outPpi == 0 ? sheet.ppi() : outPpi;
        reading.notes().forEach(note -> reporter.detail("  " + note));
        reporter.say(
                String.format(
                        Locale.ROOT,
                        "%s  %d x %d px, %.0f ppi, ink from %.0f %%, %d specks dropped%s",
                        target.getFileName(),
                        Math.round(reading.map().width() * ppi / sheet.ppi()),
                        Math.round(reading.map().height() * ppi / sheet.ppi()),
                        ppi,
                        reading.inkPercent(),
                        reading.specks().dropped(),
                        sheet.tiltDegrees() == 0
                                ? ""
                                : String.format(
                                        Locale.ROOT,
                                        ", turned by %.2f degrees",
                                        -sheet.tiltDegrees())));
    }

    private ParameterException usage(String message) {
        return new ParameterException(spec.commandLine(), message);
    }
}
