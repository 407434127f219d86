package neattrace.sheet.speck;

import java.util.BitSet;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;

/** The small pieces of a labelling, one entry each. */
final class SmallPieces {

    final double[] x;
    final double[] y;
    final long[] area;

    /** Index among all pieces of the labelling. */
    final int[] part;

    /** Coverage of the darkest pixel, 0 to 255. */
    final int[] darkest;

    /** Width and height of the box round it, px. */
    final int[] wide;

    final int[] high;

    private final int[] left;
    private final int[] top;

    final boolean[] isProtected;
    final boolean[] inPattern;

    private final InkMap map;

    private SmallPieces(InkMap map, int count) {
        this.map = map;
        x = new double[count];
        y = new double[count];
        area = new long[count];
        part = new int[count];
        darkest = new int[count];
        wide = new int[count];
        high = new int[count];
        left = new int[count];
        top = new int[count];
        isProtected = new boolean[count];
        inPattern = new boolean[count];
    }

    /** Collects pieces of fewer than {@code most} pixels. */
    static SmallPieces of(RunLabels parts, InkMap map, double most, double pxPerMm, BitSet kept) {
        int[] index = new int[parts.count()];
        int count = 0;
        for (int p = 0; p < index.length; p++) {
            index[p] = parts.size(p) < most ? count++ : -1;
        }
        SmallPieces pieces = new SmallPieces(map, count);
        if (count == 0) {
            return pieces;
        }
        parts.forEachRun(
                (row, from, to, p) -> {
                    if (index[p] >= 0) {
                        pieces.add(index[p], p, row, from, to, kept);
                    }
                });
        for (int k = 0; k < count; k++) {
            pieces.x[k] /= pieces.area[k];
            pieces.y[k] /= pieces.area[k];
        }
        boolean[] members =
                Pattern.members(
                        pieces.x,
                        pieces.y,
                        pieces.area,
                        pxPerMm,
                        (double) map.width() * map.height());
        System.arraycopy(members, 0, pieces.inPattern, 0, count);
        return pieces;
    }

    private void add(int k, int p, int row, int from, int to, BitSet kept) {
        x[k] += (from + to) / 2.0 * (to - from);
        y[k] += (row + 0.5) * (to - from);
        area[k] += to - from;
        part[k] = p;
        if (area[k] == to - from) {
            left[k] = from;
            top[k] = row;
        }
        int right = Math.max(left[k] + wide[k], to);
        left[k] = Math.min(left[k], from);
        wide[k] = right - left[k];
        high[k] = row + 1 - top[k];
        int base = row * map.width();
        for (int column = from; column < to; column++) {
            darkest[k] = Math.max(darkest[k], map.coverage()[base + column] & 0xff);
            isProtected[k] |= kept.get(base + column);
        }
    }

    int count() {
        return area.length;
    }

    /** Diameter of a dot of the same area, px. */
    double diameterPx(int k) {
        return Math.sqrt(area[k] * 4 / Math.PI);
    }

    /** How long it is, px. */
    double lengthPx(int k) {
        return Math.hypot(wide[k], high[k]);
    }
}
