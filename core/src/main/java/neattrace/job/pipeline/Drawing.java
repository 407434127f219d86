package neattrace.job.pipeline;

import java.util.List;
import java.util.Optional;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.Tracing;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * All that is computed from a job.
 *
 * @param job what it was computed from
 * @param picture the source, decoded
 * @param resolution as set by the user, else as the file says
 * @param reading the ink map and its measures
 * @param tracing outlines in source px
 * @param lines outlines in mm
 * @param areas the areas, source px
 * @param areaOutlines their outlines in source px, by label
 * @param attachment which area has which swatch
 * @param layers united flats, mm
 */
public record Drawing(
        Job job,
        Picture picture,
        Resolution resolution,
        InkReading reading,
        Tracing tracing,
        List<Outline> lines,
        AreaMap areas,
        List<MultiPolygon> areaOutlines,
        Attachment attachment,
        List<FlatLayer> layers) {

    /** Width of the page, mm. */
    public double widthMm() {
        return picture.width() * resolution.mmPerPx();
    }

    /** Height of the page, mm. */
    public double heightMm() {
        return picture.height() * resolution.mmPerPx();
    }

    /** The area at a place in mm, also on a line. */
    public Optional<Area> areaAt(Point mm) {
        return areas.at(mm.times(resolution.pxPerMm()));
    }

    /** Whether there is ink at a place in mm. */
    public boolean inkAt(Point mm) {
        Point px = mm.times(resolution.pxPerMm());
        return reading.map().isInk((int) Math.floor(px.x()), (int) Math.floor(px.y()));
    }

    /** Free paper of an area, mm2. */
    public double squareMm(Area area) {
        return area.pixels() * resolution.mmPerPx() * resolution.mmPerPx();
    }

    /** Where an area's anchor lies, mm. */
    public Point anchorMm(Area area) {
        return area.anchor().times(resolution.mmPerPx());
    }

    /** Enclosed areas that have no colour, smallest first: they are the ones that are missed. */
    public List<Area> emptyAreas() {
        return areas.enclosed().stream()
                .filter(area -> !attachment.swatchOf().containsKey(area.label()))
                .sorted(java.util.Comparator.comparingLong(Area::pixels))
                .toList();
    }
}
