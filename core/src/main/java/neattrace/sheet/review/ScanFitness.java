package neattrace.sheet.review;

import static neattrace.raster.Resolution.MM_PER_INCH;

import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.sheet.ink.InkReading;

/**
 * What a scan is good for.
 *
 * @param widthPx of the drawing's sheet at the scan's own resolution
 * @param heightPx its height
 * @param ppi of the scan
 * @param thinnestPx width of the thinnest lines, scan px; 0 without ink
 */
public record ScanFitness(double widthPx, double heightPx, double ppi, double thinnestPx) {

    /** So many pixels across its thinnest line a drawing needs to come out smooth. */
    private static final double PX_ACROSS_A_LINE = 5;

    /** Thinner than this, lines are at the mercy of single pixels. */
    public static final double THIN_PX = 2;

    /** This share of all line length is thinner than "the thinnest lines"; less is accident. */
    private static final double THINNEST_SHARE = 0.02;

    private static final double[] USUAL_PPI = {300, 400, 600, 800, 1200, 2400};

    /** Measures a reading. */
    public static ScanFitness of(InkReading reading) {
        InkMap map = reading.map();
        double k = reading.recipe().frame().enlarge();
        return new ScanFitness(
                map.width() / k,
                map.height() / k,
                reading.scanPxPerMm() * MM_PER_INCH,
                thinnest(map) / k);
    }

    /** Width of the sheet at so many pixels an inch, mm. */
    public double widthMm(double atPpi) {
        return widthPx / atPpi * MM_PER_INCH;
    }

    /** Height of the sheet at so many pixels an inch, mm. */
    public double heightMm(double atPpi) {
        return heightPx / atPpi * MM_PER_INCH;
    }

    /** Width of the thinnest lines on the paper that was scanned, mm. */
    public double thinnestMm() {
        return thinnestPx / ppi * MM_PER_INCH;
    }

    /** Whether the thinnest lines are too thin for the pixels they are made of. */
    public boolean tooCoarse() {
        return thinnestPx > 0 && thinnestPx < THIN_PX;
    }

    /**
     * What to scan at next time, so that the thinnest line is {@value #PX_ACROSS_A_LINE} px wide,
     * in steps scanners have; 0 without ink.
     */
    public double nextPpi() {
        if (thinnestPx <= 0) {
            return 0;
        }
        double wanted = ppi * PX_ACROSS_A_LINE / thinnestPx;
        for (double usual : USUAL_PPI) {
            if (usual >= wanted * 0.95) {
                return usual;
            }
        }
        return USUAL_PPI[USUAL_PPI.length - 1];
    }

    /**
     * Line widths at the ridge of the ink: where a pixel is at least as far from paper as its eight
     * neighbours. The distance to the edge is corrected by how dark the nearest paper pixel is.
     */
    private static double thinnest(InkMap map) {
        int width = map.width();
        int height = map.height();
        if (map.inkPixels() == 0) {
            return 0;
        }
        DistanceTransform side = DistanceTransform.of(map);
        long[] counts = new long[401];
        long total = 0;
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                int i = y * width + x;
                if (!map.isInk(i)) {
                    continue;
                }
                int here = side.squaredToPaper(i);
                boolean ridge = here != DistanceTransform.FAR;
                for (int dy = -1; dy <= 1 && ridge; dy++) {
                    for (int dx = -1; dx <= 1; dx++) {
                        int j = i + dy * width + dx;
                        if (map.isInk(j) && side.squaredToPaper(j) > here) {
                            ridge = false;
                            break;
                        }
                    }
                }
                if (ridge) {
                    double across = across(map, side, i);
                    counts[(int) Math.min(400, Math.rint(across * 10))]++;
                    total++;
                }
            }
        }
        if (total == 0) {
            return 0;
        }
        long wanted = Math.max(1, (long) (total * THINNEST_SHARE));
        long seen = 0;
        for (int tenth = 0; tenth < counts.length; tenth++) {
            seen += counts[tenth];
            if (seen >= wanted) {
                return tenth / 10.0;
            }
        }
        return 0;
    }

    /** Ink summed across the line, through the pixel and along the way to the nearest paper. */
    private static double across(InkMap map, DistanceTransform side, int i) {
        int width = map.width();
        int j = side.nearestPaper(i);
        double dx = j % width - i % width;
        double dy = j / width - i / width;
        double length = Math.hypot(dx, dy);
        double sum = 0;
        int reach = (int) Math.ceil(length) + 1;
        for (int step = -reach - 1; step <= reach + 1; step++) {
            int x = (int) Math.rint(i % width + dx / length * step);
            int y = (int) Math.rint(i / width + dy / length * step);
            if (x >= 0 && y >= 0 && x < width && y < map.height()) {
                sum += (map.coverage()[y * width + x] & 0xff) / 255.0;
            }
        }
        return sum;
    }
}
