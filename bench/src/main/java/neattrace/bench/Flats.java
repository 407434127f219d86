package neattrace.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.flat.Swatch;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.change.RoughFlats;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.DeltaE2000;
import neattrace.press.Lab;
import neattrace.press.PressProfile;
import neattrace.press.Rgb;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.stage.Progress;

/**
 * Flats from a rough on an open set: OpenMoji 17 has each drawing as black lines and in colour (CC
 * BY-SA 4.0, fetched and not kept here). The coloured twin, at half the size, is the rough, and at
 * full size the truth for every pixel that is paper in the line drawing and two pixels round. Then
 * the same with the twin smeared into dabs that ignore the lines.
 */
public final class Flats {

    private static final int SIDE = 1000;
    private static final int DRAWINGS = 150;
    private static final int SHOWN = 12;

    /** Coverage up to which a pixel and its neighbours are paper, 0 to 255. */
    private static final int PAPER = 16;

    private static final int MARGIN = 2;

    /** Colours nearer than this are the same (CIEDE2000), both as printed. */
    private static final double SAME = 6;

    private static final double PAPER_LIGHTNESS = 95;
    private static final double GREY_CHROMA = 5;

    private final PressProfile press;
    private final Map<Integer, Lab> printed = new HashMap<>();

    private Flats(PressProfile press) {
        this.press = press;
    }

    /** What became of the pixels of one drawing. */
    private record Result(Path file, long coloured, long right, long bare, long spilled) {

        double share() {
            return coloured == 0 ? 1 : (double) right / coloured;
        }
    }

    /** Directory of black drawings, directory of their coloured twins, optionally how many. */
    public static void main(String[] arguments) throws IOException, PictureException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        for (boolean loose : new boolean[] {false, true}) {
            Flats flats = new Flats(PressProfile.bundled());
            List<Result> results = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                Path black = files.get((int) ((long) i * files.size() / count));
                Path colour = Path.of(arguments[1]).resolve(black.getFileName());
                if (Files.exists(colour)) {
                    flats.measure(black, colour, loose).ifPresent(results::add);
                }
            }
            System.out.println(loose ? "dabbed loosely" : "keeping to the lines");
            print(results);
        }
    }

    private static void print(List<Result> results) {
        long coloured = results.stream().mapToLong(Result::coloured).sum();
        long right = results.stream().mapToLong(Result::right).sum();
        long spilled = results.stream().mapToLong(Result::spilled).sum();
        System.out.printf(
                Locale.ROOT,
                "%d drawings: painted right %.4f of all coloured paper, mean %.4f; spill %.4f of it%n",
                results.size(),
                (double) right / coloured,
                results.stream().mapToDouble(Result::share).average().orElse(0),
                (double) spilled / coloured);
        System.out.printf(
                Locale.ROOT,
                "at least 0.985 right: %d%n",
                results.stream().filter(r -> r.share() >= 0.985).count());
        results.stream()
                .sorted(Comparator.comparingLong(r -> r.right() - r.coloured() - r.spilled()))
                .limit(SHOWN)
                .forEach(
                        r ->
                                System.out.printf(
                                        Locale.ROOT,
                                        "%-24s right %.3f  spill %.3f%n",
                                        r.file().getFileName(),
                                        r.share(),
                                        (double) r.spilled() / Math.max(1, r.coloured())));
    }

    private Optional<Result> measure(Path black, Path colour, boolean loose)
            throws IOException, PictureException {
        Picture twin = picture(colour, SIDE);
        Picture lines = picture(black, SIDE);
        if (twin == null || lines == null) {
            return Optional.empty();
        }
        Picture half = picture(colour, SIDE / 2);
        Picture rough = loose ? LooseRough.of(half) : half;
        Job job = Job.of(new Source("lines.png", SvgPicture.png(black, SIDE))).withPpi(300);
        Pipeline pipeline = new Pipeline();
        Traced traced = pipeline.trace(job, Progress.SILENT);
        Drawing drawing =
                RoughFlats.of(pipeline, traced, rough, false, press, Progress.SILENT).drawing();
        return Optional.of(compare(black, lines, twin, drawing));
    }

    private Result compare(Path file, Picture lines, Picture twin, Drawing drawing) {
        long coloured = 0;
        long right = 0;
        long bare = 0;
        long spilled = 0;
        InkMap ink = drawing.traced().ink();
        for (int y = MARGIN; y < SIDE - MARGIN; y++) {
            for (int x = MARGIN; x < SIDE - MARGIN; x++) {
                if (!isPaper(lines, x, y) || !isFlat(twin, x, y)) {
                    continue;
                }
                Lab truth = colour(twin.rgbAt(x, y)).toLab();
                boolean white = truth.l() > PAPER_LIGHTNESS && truth.chroma() < GREY_CHROMA;
                int label = drawing.areas().label(y * ink.width() + x);
                int swatch = drawing.attachment().swatchOf().getOrDefault(label, 0);
                if (white) {
                    bare++;
                    spilled += swatch == 0 ? 0 : 1;
                } else {
                    coloured++;
                    right += swatch != 0 && isSame(drawing, swatch, twin.rgbAt(x, y)) ? 1 : 0;
                }
            }
        }
        return new Result(file, coloured, right, bare, spilled);
    }

    private boolean isSame(Drawing drawing, int id, int rgb) {
        Swatch swatch = drawing.job().swatch(id).orElseThrow();
        Lab meant =
                printed.computeIfAbsent(
                        rgb, key -> press.preview(press.nearest(colour(key))).toLab());
        return DeltaE2000.between(press.preview(swatch.build()).toLab(), meant) < SAME;
    }

    private static Rgb colour(int rgb) {
        return new Rgb(rgb >> 16 & 0xff, rgb >> 8 & 0xff, rgb & 0xff);
    }

    private static boolean isPaper(Picture lines, int x, int y) {
        for (int dy = -MARGIN; dy <= MARGIN; dy++) {
            for (int dx = -MARGIN; dx <= MARGIN; dx++) {
                if (255 - lines.grey().at(x + dx, y + dy) > PAPER) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Not on the softened edge between two colours. */
    private static boolean isFlat(Picture twin, int x, int y) {
        int rgb = twin.rgbAt(x, y);
        return rgb == twin.rgbAt(x - 1, y)
                && rgb == twin.rgbAt(x + 1, y)
                && rgb == twin.rgbAt(x, y - 1)
                && rgb == twin.rgbAt(x, y + 1);
    }

    private static Picture picture(Path svg, int side) throws IOException, PictureException {
        byte[] png = SvgPicture.png(svg, side);
        return png.length == 0 ? null : PictureReader.read(png, "picture.png");
    }
}
