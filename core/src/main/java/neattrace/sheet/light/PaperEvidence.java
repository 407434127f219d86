package neattrace.sheet.light;

import java.util.BitSet;
import java.util.stream.IntStream;
import neattrace.raster.GreySheet;

/** What tiles of the sheet tell about the paper. */
final class PaperEvidence {

    private static final int MOST_TILES_ALONG = 96;

    private static final int LEAST_TILE_PX = 12;

    private final int columns;
    private final int rows;

    /** Mean brightness of the tile's paper, or NaN. */
    private final double[] paper;

    /** Share of the tile that is paper. */
    private final double[] weight;

    /** Whether an edge runs through the tile that is too sharp for a shadow's. */
    private final boolean[] sharp;

    private PaperEvidence(int columns, int rows) {
        this.columns = columns;
        this.rows = rows;
        this.paper = new double[columns * rows];
        this.weight = new double[columns * rows];
        this.sharp = new boolean[columns * rows];
    }

    static PaperEvidence of(GreySheet sheet, BitSet ignored) {
        int longest = Math.max(sheet.width(), sheet.height());
        double tile = Math.max(LEAST_TILE_PX, (double) longest / MOST_TILES_ALONG);
        int columns = (int) Math.max(1, Math.round(sheet.width() / tile));
        int rows = (int) Math.max(1, Math.round(sheet.height() / tile));
        PaperEvidence evidence = new PaperEvidence(columns, rows);
        TileMeter meter = new TileMeter(sheet, ignored);
        IntStream.range(0, rows)
                .parallel()
                .forEach(
                        r -> {
                            for (int c = 0; c < columns; c++) {
                                evidence.measure(meter, sheet, c, r);
                            }
                        });
        boolean[] reached = PaperReach.of(columns, rows, evidence.paper, evidence.sharp);
        for (int i = 0; i < reached.length; i++) {
            evidence.weight[i] = reached[i] ? evidence.weight[i] : 0;
        }
        return evidence;
    }

    private void measure(TileMeter meter, GreySheet sheet, int c, int r) {
        int x0 = (int) ((long) sheet.width() * c / columns);
        int x1 = (int) ((long) sheet.width() * (c + 1) / columns);
        int y0 = (int) ((long) sheet.height() * r / rows);
        int y1 = (int) ((long) sheet.height() * (r + 1) / rows);
        TileMeter.Tile tile = meter.measure(x0, y0, x1, y1);
        int at = r * columns + c;
        paper[at] = tile.paper();
        weight[at] = tile.share();
        sharp[at] = tile.sharp();
    }

    /** The smooth surface through the evidence. */
    LightField surface() {
        double sum = 0;
        double total = 0;
        for (int i = 0; i < paper.length; i++) {
            if (weight[i] > 0) {
                sum += weight[i] * paper[i];
                total += weight[i];
            }
        }
        if (total == 0 || sum / total < 1) {
            return LightField.flat();
        }
        double[] start = new double[paper.length];
        for (int i = 0; i < start.length; i++) {
            start[i] = weight[i] > 0 ? paper[i] : sum / total;
        }
        double[] surface = new Surface(columns, rows, weight).solve(start);
        keepWithinReason(surface);
        return new LightField(surface, columns, rows);
    }

    /** Far from any evidence a straight continuation must not run away. */
    private void keepWithinReason(double[] surface) {
        double least = Double.MAX_VALUE;
        double most = 0;
        for (int i = 0; i < paper.length; i++) {
            if (weight[i] > 0) {
                least = Math.min(least, paper[i]);
                most = Math.max(most, paper[i]);
            }
        }
        for (int i = 0; i < surface.length; i++) {
            surface[i] = Math.max(0.7 * least, Math.min(1.05 * most, surface[i]));
        }
    }
}
