package neattrace.sheet.review;

import java.util.stream.IntStream;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.threshold.ToneMap;

/** Where a sheet has greys that are neither paper nor near ink. */
final class FaintCells {

    /** This share of a cell must be faint grey far from ink. */
    private static final double FAINT_SHARE = 0.07;

    /** Fainter than this share of ink is paper, darker is a line. */
    private static final int FAINT_FROM = 14;

    private static final int FAINT_TO = 110;

    private final ToneMap tone;
    private final int width;
    private final int height;
    private final int cell;
    private final int from;
    private final int to;
    private final int far;

    private FaintCells(InkReading reading, int cell, double pxPerMm) {
        this.tone = reading.tone();
        this.width = reading.map().width();
        this.height = reading.map().height();
        this.cell = cell;
        double sigma =
                reading.noise() / 0.954 * 255 / (reading.levels().paper() - reading.levels().ink());
        // A sheet that favours faint lines has favoured its stains and its grain as well.
        double gain = reading.recipe().effective().light().faintGain();
        this.to = (int) Math.rint(FAINT_TO * gain);
        this.from = (int) Math.min(to - 20, gain * Math.max(FAINT_FROM, 3.5 * sigma));
        this.far = (int) Math.max(2, Math.round(0.15 * pxPerMm));
    }

    static FlagGrid find(InkReading reading, int columns, int rows, int cell, double pxPerMm) {
        return new FaintCells(reading, cell, pxPerMm).find(columns, rows);
    }

    private FlagGrid find(int columns, int rows) {
        boolean[] flags = new boolean[columns * rows];
        IntStream.range(0, rows)
                .parallel()
                .forEach(
                        r -> {
                            for (int c = 0; c < columns; c++) {
                                flags[r * columns + c] = faintShare(c, r) > FAINT_SHARE;
                            }
                        });
        FlagGrid cells = new FlagGrid(columns, rows);
        for (int i = 0; i < flags.length; i++) {
            if (flags[i]) {
                cells.set(i % columns, i / columns);
            }
        }
        return cells;
    }

    private double faintShare(int c, int r) {
        int x1 = Math.min(width, (c + 1) * cell);
        int y1 = Math.min(height, (r + 1) * cell);
        int count = 0;
        int total = 0;
        for (int y = r * cell; y < y1; y++) {
            for (int x = c * cell; x < x1; x++) {
                total++;
                int value = tone.at(x, y);
                if (value >= from && value <= to && !nearInk(x, y)) {
                    count++;
                }
            }
        }
        return (double) count / Math.max(1, total);
    }

    private boolean nearInk(int x, int y) {
        for (int yy = Math.max(0, y - far); yy <= Math.min(height - 1, y + far); yy++) {
            for (int xx = Math.max(0, x - far); xx <= Math.min(width - 1, x + far); xx++) {
                if (tone.at(xx, yy) > to) {
                    return true;
                }
            }
        }
        return false;
    }
}
