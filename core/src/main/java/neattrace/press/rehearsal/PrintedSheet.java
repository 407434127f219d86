package neattrace.press.rehearsal;

import java.util.List;

/**
 * One sheet of a run.
 *
 * @param number of it, from 0
 * @param shifts how each plate lies, in the order of the inks
 * @param spreadMm how far edges grow
 * @param sliverMm2 paper that shows, where it can be seen
 * @param fringeMm2 colour that shows beside black, where it can be seen
 */
public record PrintedSheet(
        int number, List<PlateShift> shifts, double spreadMm, double sliverMm2, double fringeMm2) {

    public PrintedSheet {
        shifts = List.copyOf(shifts);
    }

    /** All that shows and was not meant, mm2. */
    public double faultyMm2() {
        return sliverMm2 + fringeMm2;
    }
}
