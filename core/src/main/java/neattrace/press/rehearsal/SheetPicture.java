package neattrace.press.rehearsal;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import neattrace.press.Cmyk;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.press.plate.Laid;
import neattrace.press.plate.PlateMaker;
import neattrace.press.plate.PlateMap;
import neattrace.stage.Progress;

/** What a sheet of a run looks like: each plate where it lies, dots as they grow. */
public final class SheetPicture {

    private static final int FINE = 2;

    private SheetPicture() {}

    /**
     * A picture.
     *
     * @param laid what is printed, lowest first
     * @param inks in the order of the sheet's shifts
     * @param left out inks that were left out
     * @param page width and height, mm
     * @param window the part that is seen, mm
     * @return 0xffRRGGBB, row by row
     */
    public static int[] of(
            List<Laid> laid,
            List<Colorant> inks,
            PrintedSheet sheet,
            Set<Colorant> left,
            DotGain gain,
            Rectangle2D page,
            Rectangle2D window,
            int width,
            int height,
            InkLook look,
            Rgb ground) {
        List<PlateMap> maps = new ArrayList<>();
        for (int p = 0; p < inks.size(); p++) {
            PlateShift shift = sheet.shifts().get(p);
            AffineTransform map =
                    new AffineTransform(
                            1 + shift.stretch(),
                            shift.turn(),
                            -shift.turn(),
                            1 + shift.stretch(),
                            0,
                            0);
            AffineTransform whole =
                    AffineTransform.getTranslateInstance(
                            page.getCenterX() + shift.xMm(), page.getCenterY() + shift.yMm());
            whole.concatenate(map);
            whole.translate(-page.getCenterX(), -page.getCenterY());
            Colorant ink = inks.get(p);
            List<Laid> own =
                    laid.stream()
                            .filter(one -> !one.overprint() || one.tints().of(ink) > 0)
                            .map(
                                    one ->
                                            new Laid(
                                                    whole.createTransformedShape(one.shape()),
                                                    Tints.NONE.with(ink, one.tints().of(ink)),
                                                    false))
                            .toList();
            maps.add(PlateMaker.map(own, window, FINE * width, FINE * height, Progress.SILENT));
        }
        return mixed(maps, inks, left, gain, width, height, look, ground);
    }

    private static int[] mixed(
            List<PlateMap> maps,
            List<Colorant> inks,
            Set<Colorant> left,
            DotGain gain,
            int width,
            int height,
            InkLook look,
            Rgb ground) {
        double[][] tints = new double[inks.size()][];
        for (int p = 0; p < tints.length; p++) {
            Colorant ink = inks.get(p);
            boolean out = left.contains(ink);
            tints[p] =
                    maps.get(p).composites().stream()
                            .mapToDouble(one -> out ? 0 : 100 * gain.printed(one.of(ink) / 100))
                            .toArray();
        }
        int[] pixels = new int[width * height];
        IntStream.range(0, height)
                .parallel()
                .forEach(
                        y -> {
                            Map<Long, Integer> known = new TreeMap<>();
                            for (int x = 0; x < width; x++) {
                                long red = 0;
                                long green = 0;
                                long blue = 0;
                                for (int k = 0; k < FINE * FINE; k++) {
                                    int at =
                                            (FINE * y + k / FINE) * FINE * width
                                                    + FINE * x
                                                    + k % FINE;
                                    int colour = colour(maps, tints, inks, at, known, look, ground);
                                    red += colour >> 16 & 255;
                                    green += colour >> 8 & 255;
                                    blue += colour & 255;
                                }
                                int n = FINE * FINE;
                                pixels[y * width + x] =
                                        0xff000000
                                                | (int) (red / n) << 16
                                                | (int) (green / n) << 8
                                                | (int) (blue / n);
                            }
                        });
        return pixels;
    }

    private static int colour(
            List<PlateMap> maps,
            double[][] tints,
            List<Colorant> inks,
            int at,
            Map<Long, Integer> known,
            InkLook look,
            Rgb ground) {
        long key = 0;
        for (PlateMap map : maps) {
            key = key * 131 + (map.numbers()[at] & 0xffff);
        }
        Integer colour = known.get(key);
        if (colour == null) {
            Tints all = Tints.of(Cmyk.PAPER);
            for (int p = 0; p < tints.length; p++) {
                all = all.with(inks.get(p), tints[p][maps.get(p).numbers()[at] & 0xffff]);
            }
            colour = look.screen(all, ground).packed();
            known.put(key, colour);
        }
        return colour;
    }
}
