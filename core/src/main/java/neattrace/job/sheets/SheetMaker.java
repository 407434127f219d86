package neattrace.job.sheets;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.export.OneBitWriter;
import neattrace.export.OneBitWriter.Format;
import neattrace.files.AtomicFile;
import neattrace.geom.Point;
import neattrace.print.Plans;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.FrameRecipe;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.InkExtent;
import neattrace.sheet.review.SheetCorners;
import neattrace.sheet.review.Tilt;
import neattrace.sheet.review.TiltFinder;
import neattrace.stage.Progress;

/** Makes clean sheets of scans. */
public final class SheetMaker {

    /** No scanner writes it; in a folder of scans it is what was traced of one. */
    private static final String NO_SCAN = "svg";

    private SheetMaker() {}

    /**
     * The pictures of a folder by their endings, in the order of their names; not of folders below.
     *
     * @throws PictureException if it is no folder or may not be read
     */
    public static List<Path> pictures(Path folder) throws PictureException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile)
                    .filter(file -> isScan(ending(file)))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new PictureException("The folder " + folder + " cannot be read.", e);
        }
    }

    private static boolean isScan(String ending) {
        return PictureReader.ENDINGS.contains(ending) && !ending.equals(NO_SCAN);
    }

    private static String ending(Path file) {
        String name = String.valueOf(file.getFileName());
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    /** The format an ending stands for. */
    public static Optional<Format> format(Path file) {
        return switch (ending(file)) {
            case "tif", "tiff" -> Optional.of(Format.TIFF);
            case "png" -> Optional.of(Format.PNG);
            default -> Optional.empty();
        };
    }

    /**
     * Reads a scan and makes its sheet.
     *
     * @throws PictureException if the scan cannot be read
     * @throws IllegalArgumentException if the recipe fits no sheet of this size
     */
    public static MadeSheet make(Path scan, SheetWish wish, Progress progress)
            throws PictureException {
        progress.report("Reading the picture", 0);
        Picture picture = PictureReader.read(scan);
        Resolution resolution =
                wish.ppi() == 0 ? picture.resolution() : new Resolution(wish.ppi(), true);
        double pxPerMm = resolution.pxPerMm();
        SheetRecipe recipe = wish.recipe();
        InkReading reading =
                InkMapper.read(picture, recipe, pxPerMm, null, progress.part(0.1, 0.6));
        Optional<List<Point>> corners =
                wish.corners() ? SheetCorners.find(reading) : Optional.empty();
        if (corners.isPresent()) {
            recipe = recipe.withFrame(recipe.frame().withCorners(corners.get()));
            reading = again(picture, recipe, pxPerMm, reading, progress.part(0.4, 0.6));
        }
        double turned = 0;
        if (wish.level()) {
            Tilt tilt = TiltFinder.find(reading.map());
            if (tilt.confidence() >= Tilt.SURE) {
                turned = Math.rint(tilt.degrees() * 100) / 100;
                FrameRecipe frame = recipe.frame();
                recipe = recipe.withFrame(frame.withTilt(frame.tiltDegrees() + turned));
                reading = again(picture, recipe, pxPerMm, reading, progress.part(0.6, 0.8));
            }
        }
        if (wish.crop()) {
            Optional<FrameRecipe.Crop> crop = InkExtent.suggest(reading, InkExtent.MARGIN_MM);
            if (crop.isPresent()) {
                recipe = recipe.withFrame(recipe.frame().withCrop(crop));
                reading = again(picture, recipe, pxPerMm, reading, progress.part(0.8, 1));
            }
        }
        double ppi = resolution.ppi() * reading.recipe().frame().enlarge();
        return new MadeSheet(reading, ppi, turned);
    }

    private static InkReading again(
            Picture picture,
            SheetRecipe recipe,
            double pxPerMm,
            InkReading before,
            Progress progress) {
        return InkMapper.read(picture, recipe, pxPerMm, before, progress);
    }

    /**
     * Writes a sheet; a file that was there is replaced in one step.
     *
     * @param target its ending chooses the format: .tif, .tiff or .png
     * @param outPpi 0 for the sheet's own
     * @throws IOException if it cannot be written
     */
    public static void write(MadeSheet sheet, Path target, double outPpi) throws IOException {
        Format format =
                format(target)
                        .orElseThrow(
                                () ->
                                        new IOException(
                                                target + ": a sheet is a .tif or a .png file."));
        double ppi = outPpi == 0 ? sheet.ppi() : outPpi;
        try {
            AtomicFile.write(
                    target,
                    out ->
                            OneBitWriter.write(
                                    Plans.oneBit(sheet.reading().map(), sheet.ppi()),
                                    ppi,
                                    format,
                                    out));
        } catch (IllegalArgumentException e) {
            throw new IOException(target + " was not written. " + e.getMessage(), e);
        }
    }
}
