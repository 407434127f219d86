package neattrace.goods.transfer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;

/**
 * How a stencil is laid over sheets, mm.
 *
 * @param sheetWidthMm of each sheet, turned if that takes fewer
 * @param sheetHeightMm of each sheet
 * @param columns of sheets
 * @param rows of sheets
 * @param origins where the upper left corner of each sheet lies on the whole, row by row
 * @param printed the part of a sheet that is printed on
 * @param overlapMm of what is printed on neighbours
 */
public record Tiles(
        double sheetWidthMm,
        double sheetHeightMm,
        int columns,
        int rows,
        List<double[]> origins,
        Envelope printed,
        double overlapMm) {

    /** No stencil takes more sheets. */
    private static final int MOST = 400;

    public Tiles {
        origins = List.copyOf(origins);
    }

    /**
     * Sheets for a whole of a size, in the middle of them.
     *
     * @param marginMm that nothing is printed on
     * @throws IllegalArgumentException if it takes more than 400, or if nothing is left of a sheet
     */
    static Tiles of(
            double widthMm,
            double heightMm,
            double sheetWidthMm,
            double sheetHeightMm,
            double marginMm,
            double overlapMm) {
        Tiles upright = laid(widthMm, heightMm, sheetWidthMm, sheetHeightMm, marginMm, overlapMm);
        Tiles lying = laid(widthMm, heightMm, sheetHeightMm, sheetWidthMm, marginMm, overlapMm);
        Tiles fewer = lying.count() < upright.count() ? lying : upright;
        if (fewer.count() > MOST) {
            throw new IllegalArgumentException("a stencil takes at most 400 sheets");
        }
        return fewer;
    }

    private static Tiles laid(
            double width,
            double height,
            double sheetWidth,
            double sheetHeight,
            double margin,
            double overlap) {
        double across = sheetWidth - 2 * margin;
        double down = sheetHeight - 2 * margin;
        if (across - overlap < 10 || down - overlap < 10) {
            throw new IllegalArgumentException("margin and overlap leave nothing of the sheet");
        }
        int columns = count(width, across, overlap);
        int rows = count(height, down, overlap);
        double stepX = across - overlap;
        double stepY = down - overlap;
        // The whole lies in the middle of all sheets.
        double left = (width - (columns - 1) * stepX - across) / 2 - margin;
        double top = (height - (rows - 1) * stepY - down) / 2 - margin;
        List<double[]> origins = new ArrayList<>();
        for (int r = 0; r < rows && rows * columns <= MOST; r++) {
            for (int c = 0; c < columns; c++) {
                origins.add(new double[] {left + c * stepX, top + r * stepY});
            }
        }
        Envelope printed = new Envelope(margin, sheetWidth - margin, margin, sheetHeight - margin);
        return new Tiles(sheetWidth, sheetHeight, columns, rows, origins, printed, overlap);
    }

    private static int count(double size, double room, double overlap) {
        return (int) Math.max(1, Math.ceil((size - overlap) / (room - overlap) - 1e-9));
    }

    /** How many sheets there are. */
    public int count() {
        return columns * rows;
    }
}
