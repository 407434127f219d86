package neattrace.press.rehearsal;

import java.util.Comparator;
import java.util.List;

/**
 * What came of a run.
 *
 * @param wanted how many sheets were asked for
 * @param sheets those that were printed so far
 * @param places that fail, the worst first
 * @param map how often each square of the page fails
 */
public record RehearsalRun(
        int wanted, List<PrintedSheet> sheets, List<FaultPlace> places, FaultMap map) {

    public RehearsalRun {
        sheets = List.copyOf(sheets);
        places = List.copyOf(places);
    }

    /** The sheet on which most shows that was not meant. */
    public PrintedSheet worst() {
        return sheets.stream()
                .max(Comparator.comparingDouble(PrintedSheet::faultyMm2))
                .orElseThrow();
    }

    /** The sheet that is worse than one half and better than the other. */
    public PrintedSheet usual() {
        List<PrintedSheet> sorted =
                sheets.stream()
                        .sorted(Comparator.comparingDouble(PrintedSheet::faultyMm2))
                        .toList();
        return sorted.get(sorted.size() / 2);
    }

    /** How many of a hundred sheets show so much that was not meant, or more. */
    public double failing(double squareMm) {
        return sheets.isEmpty()
                ? 0
                : 100.0
                        * sheets.stream().filter(one -> one.faultyMm2() >= squareMm).count()
                        / sheets.size();
    }

    /** Paper that shows, mm2, as a mean. */
    public double meanSliverMm2() {
        return sheets.stream().mapToDouble(PrintedSheet::sliverMm2).average().orElse(0);
    }

    /** Colour that shows beside black, mm2, as a mean. */
    public double meanFringeMm2() {
        return sheets.stream().mapToDouble(PrintedSheet::fringeMm2).average().orElse(0);
    }
}
