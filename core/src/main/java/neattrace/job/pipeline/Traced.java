package neattrace.job.pipeline;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.Tracing;

/**
 * The lines computed from a job: all that needs no areas.
 *
 * @param job what it was computed from
 * @param picture the source, decoded
 * @param scan resolution of the scan, as set by the user, else as the file says
 * @param reading the ink map and its measures
 * @param work the lines from the ink on
 * @param blackLines outlines of the lines that are black, mm
 * @param colouredLines those in swatches of their own
 */
public record Traced(
        Job job,
        Picture picture,
        Resolution scan,
        InkReading reading,
        LineWork work,
        List<Outline> blackLines,
        List<LineLayer> colouredLines) {

    public Traced {
        blackLines = List.copyOf(blackLines);
        colouredLines = List.copyOf(colouredLines);
    }

    /** The same of a job in which nothing that lines read is different. */
    Traced withJob(Job other) {
        return new Traced(other, picture, scan, reading, work, blackLines, colouredLines);
    }

    /**
     * The same with the ink near some places alone, for whoever looks for lines there alone.
     * Outlines stay as they are.
     *
     * @param places on the page, mm
     */
    public Traced near(List<Rectangle2D> places) {
        InkMap edited = only(work.edited(), places);
        InkMap ink = work.ink() == work.edited() ? edited : only(work.ink(), places);
        LineWork there =
                new LineWork(
                        edited,
                        work.weighed(),
                        work.tracing(),
                        ink,
                        work.lines(),
                        work.extent(),
                        work.adriftEdits(),
                        work.adriftPoints());
        return new Traced(job, picture, scan, reading, there, blackLines, colouredLines);
    }

    private InkMap only(InkMap map, List<Rectangle2D> places) {
        byte[] coverage = new byte[map.coverage().length];
        double k = resolution().pxPerMm();
        for (Rectangle2D place : places) {
            int left = (int) Math.max(0, Math.floor(place.getMinX() * k));
            int right = (int) Math.min(map.width(), Math.ceil(place.getMaxX() * k));
            int low = (int) Math.min(map.height(), Math.ceil(place.getMaxY() * k));
            for (int y = (int) Math.max(0, Math.floor(place.getMinY() * k)); y < low; y++) {
                if (right > left) {
                    int from = y * map.width() + left;
                    System.arraycopy(map.coverage(), from, coverage, from, right - left);
                }
            }
        }
        return new InkMap(map.width(), map.height(), coverage);
    }

    /** The ink with all that was done to the lines. */
    public InkMap ink() {
        return work.ink();
    }

    /** Outlines in sheet px, before single points were changed. */
    public Tracing tracing() {
        return work.tracing();
    }

    /** Outlines in mm. */
    public List<Outline> lines() {
        return work.lines();
    }

    /** The swatch of the ink at a place on the page, mm; empty if it is black or there is none. */
    public Optional<Swatch> swatchOfLineAt(Point mm) {
        for (LineLayer layer : colouredLines) {
            for (Outline outline : layer.shapes()) {
                if (outline.toPath().contains(mm.x(), mm.y())) {
                    return Optional.of(layer.swatch());
                }
            }
        }
        return Optional.empty();
    }

    /** Resolution of the sheet: the scan's, or more if it was enlarged. */
    public Resolution resolution() {
        return resolution(scan, reading);
    }

    static Resolution resolution(Resolution scan, InkReading reading) {
        int enlarged = reading.recipe().frame().enlarge();
        return enlarged == 1 ? scan : new Resolution(scan.ppi() * enlarged, scan.stated());
    }

    /** Width of the page, mm. */
    public double widthMm() {
        return ink().width() * resolution().mmPerPx();
    }

    /** Height of the page, mm. */
    public double heightMm() {
        return ink().height() * resolution().mmPerPx();
    }

    /** Why there are no lines, in plain words, if there are none. */
    public Optional<String> emptiness() {
        if (tracing().isNoise()) {
            return Optional.of(
                    String.format(
                            Locale.ROOT,
                            "Ink and paper are in %,d pieces: noise, not a drawing. Nothing was traced. A"
                                    + " larger speck size or another threshold may bring the"
                                    + " drawing out.",
                            tracing().pieces()));
        }
        return lines().isEmpty() ? reading.notes().stream().findFirst() : Optional.empty();
    }
}
