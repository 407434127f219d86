package neattrace.press.rehearsal;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/** What was seen on all sheets, square by square. Safe for use by several threads. */
final class FaultCells {

    /** Thin things are lost when more of them is printed over. */
    private static final double LOST = 0.5;

    /** A place is told from so many of a hundred sheets on. */
    private static final double TOLD = 20;

    private static final double MM = 1e6;

    private final int across;
    private final int down;
    private final int[][] sheets;

    /** Sums, in nanometres: whole numbers add up alike in whatever order threads come. */
    private final long[][] widths;

    /** Widths of the widest gap in each square, mm; 0 for none. */
    private final double[] gapMm;

    FaultCells(int across, int down, double[] gapMm) {
        this.gapMm = gapMm;
        this.across = across;
        this.down = down;
        this.sheets = new int[Fault.values().length][across * down];
        this.widths = new long[Fault.values().length][across * down];
    }

    synchronized void add(SheetFaults faults) {
        for (int cell = 0; cell < faults.cells(); cell++) {
            for (int f = 0; f < 2; f++) {
                if (faults.isSeen(f, cell)) {
                    sheets[f][cell]++;
                    widths[f][cell] += nanometres(faults.widthMm(f, cell));
                }
            }
            if (gapMm[cell] > 0 && gapMm[cell] <= 2 * faults.spreadMm()) {
                sheets[Fault.FILLED.ordinal()][cell]++;
                widths[Fault.FILLED.ordinal()][cell] += nanometres(gapMm[cell]);
            }
            double drowned = faults.drowned(cell);
            if (drowned >= LOST) {
                sheets[Fault.DROWNED.ordinal()][cell]++;
                widths[Fault.DROWNED.ordinal()][cell] += nanometres(drowned);
            }
        }
    }

    private static long nanometres(double mm) {
        return Math.round(mm * MM);
    }

    /** Squares that fail often, neighbours together; those that fail most often first. */
    synchronized List<FaultPlace> places(int printed) {
        List<FaultPlace> places = new ArrayList<>();
        for (Fault fault : Fault.values()) {
            boolean[] seen = new boolean[across * down];
            for (int cell = 0; cell < seen.length; cell++) {
                if (!seen[cell] && often(fault, cell, printed)) {
                    places.add(place(fault, cell, printed, seen));
                }
            }
        }
        places.sort(
                Comparator.comparingDouble(FaultPlace::sheets)
                        .thenComparingDouble(FaultPlace::widthMm)
                        .reversed());
        return places;
    }

    /** On how many of a hundred sheets each square fails. */
    synchronized FaultMap map(int printed) {
        byte[][] share = new byte[sheets.length][across * down];
        for (int fault = 0; fault < share.length; fault++) {
            for (int cell = 0; cell < share[fault].length; cell++) {
                share[fault][cell] = (byte) Math.round(100.0 * sheets[fault][cell] / printed);
            }
        }
        return new FaultMap(across, down, share);
    }

    private boolean often(Fault fault, int cell, int printed) {
        return 100.0 * sheets[fault.ordinal()][cell] / printed >= TOLD;
    }

    private FaultPlace place(Fault fault, int first, int printed, boolean[] seen) {
        Deque<Integer> open = new ArrayDeque<>(List.of(first));
        seen[first] = true;
        int worst = first;
        int left = first % across;
        int right = left;
        int top = first / across;
        int bottom = top;
        int[] fails = sheets[fault.ordinal()];
        while (!open.isEmpty()) {
            int cell = open.pop();
            worst = fails[cell] > fails[worst] ? cell : worst;
            left = Math.min(left, cell % across);
            right = Math.max(right, cell % across);
            top = Math.min(top, cell / across);
            bottom = Math.max(bottom, cell / across);
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    int x = cell % across + dx;
                    int y = cell / across + dy;
                    if (x < 0 || y < 0 || x >= across || y >= down) {
                        continue;
                    }
                    int next = y * across + x;
                    if (!seen[next] && often(fault, next, printed)) {
                        seen[next] = true;
                        open.push(next);
                    }
                }
            }
        }
        double mean = fails[worst] == 0 ? 0 : widths[fault.ordinal()][worst] / MM / fails[worst];
        return new FaultPlace(
                fault,
                (worst % across + 0.5) * Rehearsal.CELL_MM,
                (worst / across + 0.5) * Rehearsal.CELL_MM,
                Rehearsal.CELL_MM * (1 + Math.max(right - left, bottom - top)) / 2,
                100.0 * fails[worst] / printed,
                mean);
    }
}
