package neattrace.sheet.ink;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.progress.Progress;
import neattrace.raster.GreySheet;
import neattrace.raster.InkMap;
import neattrace.raster.label.RunLabels;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.light.LightEvener;
import neattrace.sheet.otsu.Otsu;

/** Decides what is ink and what is paper. */
public final class InkMapper {

    /** Paper whose neighbouring pixels differ more than this (median, of 255) is a noisy scan. */
    private static final double NOISY = 0.9;

    /** Ink and paper closer together than this (of 255) are one tone. */
    private static final double LEAST_CONTRAST = 24;

    private InkMapper() {}

    /**
     * Applies the recipe.
     *
     * @param sheet the grey scan
     * @param pxPerMm resolution, for the size of specks
     * @return the ink map and what was measured on the way; a sheet of one tone gives an empty map
     *     and says so
     */
    public static InkReading read(
            GreySheet sheet, SheetRecipe recipe, double pxPerMm, Progress progress) {
        progress.report("Evening the light", 0);
        boolean oneBit = sheet.isOneBit();
        GreySheet evened = recipe.evenLight() && !oneBit ? LightEvener.even(sheet) : sheet;
        progress.report("Deciding black and white", 0.4);
        long[] histogram = evened.histogram();
        int otsu = Otsu.threshold(histogram);
        if (otsu < 0) {
            return blank(evened, histogram);
        }
        double paper = quantile(histogram, otsu + 1, 255, 0.5);
        double ink = quantile(histogram, 0, otsu, 0.25);
        if (paper - ink < LEAST_CONTRAST) {
            return blank(evened, histogram);
        }
        byte[] coverage =
                oneBit
                        ? OneBitSmoother.coverage(evened, otsu)
                        : linear(evened, paper, ink, recipe.inkPercent());
        double noise = noise(evened, paper);
        progress.report("Dropping specks", 0.7);
        double speckMm = recipe.speckMm();
        if (speckMm == SheetRecipe.AUTOMATIC) {
            speckMm = noise > NOISY ? SheetRecipe.USUAL_SPECK_MM : 0;
        }
        double leastArea = Math.PI / 4 * Math.pow(speckMm * pxPerMm, 2);
        InkMap map = new InkMap(sheet.width(), sheet.height(), coverage);
        int dropped = leastArea > 0 ? dropSpecks(map, leastArea) : 0;
        progress.report("Ink map done", 1);
        return new InkReading(
                map, paper, ink, noise, oneBit, speckMm, dropped, notes(map, oneBit, noise));
    }

    private static InkReading blank(GreySheet sheet, long[] histogram) {
        double tone = quantile(histogram, 0, 255, 0.5);
        InkMap map =
                new InkMap(sheet.width(), sheet.height(), new byte[sheet.width() * sheet.height()]);
        String note =
                tone < 128
                        ? "The whole sheet is dark: there is no paper to tell the ink from."
                        : "There is no ink on this sheet.";
        return new InkReading(map, tone, tone, 0, false, 0, 0, List.of(note));
    }

    private static List<String> notes(InkMap map, boolean oneBit, double noise) {
        List<String> notes = new ArrayList<>();
        if (oneBit) {
            notes.add("The picture is pure black and white; smooth edges were brought back.");
        }
        if (noise > NOISY) {
            notes.add("The paper has grain, so small specks are dropped.");
        }
        long inked = map.inkPixels();
        if (inked > 0.6 * map.width() * (double) map.height()) {
            notes.add("More than half of the sheet is ink. Is it inverted, white on black?");
        }
        return notes;
    }

    /** The value below which the given share of the samples from low to high lies. */
    private static double quantile(long[] histogram, int low, int high, double share) {
        long total = 0;
        for (int value = low; value <= high; value++) {
            total += histogram[value];
        }
        long seen = 0;
        for (int value = low; value <= high; value++) {
            seen += histogram[value];
            if (seen > 0 && seen >= share * total) {
                return value;
            }
        }
        return high;
    }

    private static byte[] linear(GreySheet sheet, double paper, double ink, double inkPercent) {
        byte[] table = new byte[256];
        for (int value = 0; value < 256; value++) {
            double share = (paper - value) / (paper - ink);
            double coverage = InkMap.EDGE + 255 * (share - inkPercent / 100);
            table[value] = (byte) (int) Math.max(0, Math.min(255, Math.rint(coverage)));
        }
        byte[] samples = sheet.samples();
        byte[] coverage = new byte[samples.length];
        for (int i = 0; i < samples.length; i++) {
            coverage[i] = table[samples[i] & 0xff];
        }
        return coverage;
    }

    /** Median absolute difference of neighbours on paper, of 255, from a sample of rows. */
    private static double noise(GreySheet sheet, double paper) {
        long[] differences = new long[256];
        int step = Math.max(1, sheet.height() / 400);
        double least = paper * 0.8;
        for (int y = 0; y < sheet.height(); y += step) {
            for (int x = 1; x < sheet.width(); x++) {
                int a = sheet.at(x - 1, y);
                int b = sheet.at(x, y);
                if (a > least && b > least) {
                    differences[Math.abs(a - b)]++;
                }
            }
        }
        boolean anyPaper = Arrays.stream(differences).anyMatch(count -> count > 0);
        return anyPaper ? quantile(differences, 0, 255, 0.5) : 0;
    }

    /** Takes away ink specks, and pinholes of bare paper within the ink, below an area in px2. */
    private static int dropSpecks(InkMap map, double leastArea) {
        RunLabels ink = RunLabels.of(map.width(), map.height(), map::isInk, true);
        int dropped = repaint(map, ink, leastArea, (byte) 0);
        RunLabels paper = RunLabels.of(map.width(), map.height(), i -> !map.isInk(i), false);
        return dropped + repaint(map, paper, leastArea, (byte) 255);
    }

    private static int repaint(InkMap map, RunLabels parts, double leastArea, byte value) {
        int dropped = 0;
        for (int part = 0; part < parts.count(); part++) {
            if (parts.size(part) < leastArea) {
                dropped++;
            }
        }
        if (dropped == 0) {
            return 0;
        }
        byte[] coverage = map.coverage();
        parts.forEachRun(
                (y, from, to, part) -> {
                    if (parts.size(part) < leastArea) {
                        int base = y * map.width();
                        Arrays.fill(coverage, base + from, base + to, value);
                    }
                });
        return dropped;
    }
}
