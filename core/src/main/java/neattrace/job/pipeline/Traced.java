package neattrace.job.pipeline;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Outline;
import neattrace.job.Job;
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
 * @param tracing outlines in sheet px
 * @param lines outlines in mm
 */
public record Traced(
        Job job,
        Picture picture,
        Resolution scan,
        InkReading reading,
        Tracing tracing,
        List<Outline> lines) {

    public Traced {
        lines = List.copyOf(lines);
    }

    /** Resolution of the sheet: the scan's, or more if it was enlarged. */
    public Resolution resolution() {
        int enlarged = reading.recipe().frame().enlarge();
        return enlarged == 1 ? scan : new Resolution(scan.ppi() * enlarged, scan.stated());
    }

    /** Width of the page, mm. */
    public double widthMm() {
        return reading.map().width() * resolution().mmPerPx();
    }

    /** Height of the page, mm. */
    public double heightMm() {
        return reading.map().height() * resolution().mmPerPx();
    }

    /** Why there are no lines, in plain words, if there are none. */
    public Optional<String> emptiness() {
        return lines.isEmpty() ? reading.notes().stream().findFirst() : Optional.empty();
    }
}
