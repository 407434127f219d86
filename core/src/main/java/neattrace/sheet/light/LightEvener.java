package neattrace.sheet.light;

import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/** Brings paper of uneven brightness to one white. */
public final class LightEvener {

    private static final double PAPER_PERCENTILE = 0.85;

    /** Paper darker than this share of the brightest paper is taken for ink. */
    private static final double DARKEST_PAPER = 0.4;

    /** Below this relative spread the sheet is even already and is returned as it is. */
    private static final double EVEN_ENOUGH = 0.02;

    private static final int TILES_ALONG = 48;
    private static final int LEAST_TILE = 24;

    private LightEvener() {}

    /** The sheet with its paper at 255 everywhere; the same sheet if it is even already. */
    public static GreySheet even(GreySheet sheet) {
        int tile = Math.max(LEAST_TILE, Math.max(sheet.width(), sheet.height()) / TILES_ALONG);
        int columns = (sheet.width() + tile - 1) / tile;
        int rows = (sheet.height() + tile - 1) / tile;
        double[] paper = new double[columns * rows];
        IntStream.range(0, rows)
                .parallel()
                .forEach(
                        r -> {
                            for (int c = 0; c < columns; c++) {
                                paper[r * columns + c] = percentile(sheet, c, r, tile);
                            }
                        });
        double brightest =
                IntStream.range(0, paper.length).mapToDouble(i -> paper[i]).max().orElse(0);
        if (brightest == 0) {
            return sheet;
        }
        PaperField field = PaperField.of(paper, columns, rows, brightest * DARKEST_PAPER);
        if (field.spread() < EVEN_ENOUGH) {
            return sheet;
        }
        return divide(sheet, field, tile);
    }

    private static double percentile(GreySheet sheet, int column, int row, int tile) {
        int[] counts = new int[256];
        int x1 = Math.min(sheet.width(), (column + 1) * tile);
        int y1 = Math.min(sheet.height(), (row + 1) * tile);
        int total = 0;
        for (int y = row * tile; y < y1; y++) {
            for (int x = column * tile; x < x1; x++) {
                counts[sheet.at(x, y)]++;
                total++;
            }
        }
        int above = (int) (total * (1 - PAPER_PERCENTILE));
        int value = 255;
        int seen = counts[255];
        while (seen <= above && value > 0) {
            seen += counts[--value];
        }
        return value;
    }

    private static GreySheet divide(GreySheet sheet, PaperField field, int tile) {
        int width = sheet.width();
        byte[] evened = new byte[width * sheet.height()];
        IntStream.range(0, sheet.height())
                .parallel()
                .forEach(
                        y -> {
                            double v = (y + 0.5) / tile - 0.5;
                            for (int x = 0; x < width; x++) {
                                double paper = field.at((x + 0.5) / tile - 0.5, v);
                                double value = sheet.at(x, y) * 255.0 / paper + 0.5;
                                evened[y * width + x] = (byte) Math.min(255, (int) value);
                            }
                        });
        return new GreySheet(width, sheet.height(), evened);
    }
}
