package neattrace.job.pipeline;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neattrace.flat.Fill;
import neattrace.flat.Form;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.tree.AreaTree;
import neattrace.region.tree.ColourRun;
import neattrace.region.tree.Knife;
import neattrace.region.tree.RunFinder;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.Tracing;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * All that is computed from a job.
 *
 * @param traced the lines
 * @param tree the areas at every closing width
 * @param cellOutlines outlines of its cells in mm, by label
 * @param areas the areas at the job's closing width, sheet px
 * @param areaOutlines their outlines in mm, by label
 * @param attachment which area has which swatch
 * @param lostForms insets, shadows and highlights that found nothing to lie on
 * @param layers united flats, mm
 */
public record Drawing(
        Traced traced,
        AreaTree tree,
        List<MultiPolygon> cellOutlines,
        AreaMap areas,
        List<MultiPolygon> areaOutlines,
        Attachment attachment,
        List<Form> lostForms,
        List<FlatLayer> layers) {

    /** Lines without areas. */
    static Drawing ofLines(Traced traced) {
        int width = traced.ink().width();
        int height = traced.ink().height();
        return new Drawing(
                traced,
                AreaTree.none(width, height, traced.resolution().pxPerMm(), traced.job().close()),
                List.of(),
                AreaMap.none(width, height),
                List.of(),
                new Attachment(Map.of(), List.of()),
                List.of(),
                List.of());
    }

    /** The same areas and colours under other lines, until those have areas of their own. */
    public Drawing withLines(Traced other) {
        return new Drawing(
                other, tree, cellOutlines, areas, areaOutlines, attachment, lostForms, layers);
    }

    /**
     * The same after a change of the job that no line, area or colour reads: how files are written.
     */
    public Drawing withJob(Job other) {
        return withLines(traced.withJob(other));
    }

    /** What it was computed from. */
    public Job job() {
        return traced.job();
    }

    /** The source, decoded. */
    public Picture picture() {
        return traced.picture();
    }

    /** Resolution of the sheet: the scan's, or more if it was enlarged. */
    public Resolution resolution() {
        return traced.resolution();
    }

    /** The ink map and its measures. */
    public InkReading reading() {
        return traced.reading();
    }

    /** The lines from the ink on. */
    public LineWork work() {
        return traced.work();
    }

    /** Outlines in sheet px. */
    public Tracing tracing() {
        return traced.tracing();
    }

    /** Outlines in mm. */
    public List<Outline> lines() {
        return traced.lines();
    }

    /** How far its ink reaches. */
    public Extent extent() {
        return work().extent();
    }

    /** Width of the page, mm. */
    public double widthMm() {
        return traced.widthMm();
    }

    /** Height of the page, mm. */
    public double heightMm() {
        return traced.heightMm();
    }

    /** Whether it is the same picture on a page of the same size as another drawing. */
    public boolean isOnPageOf(Drawing other) {
        return picture() == other.picture()
                && widthMm() == other.widthMm()
                && heightMm() == other.heightMm();
    }

    /**
     * Whether files of it are the same as of another one: they differ in the log and brief at most.
     */
    public boolean isMadeAs(Drawing other) {
        Job now = other.job();
        return job().withLog(now.log()).withBrief(now.brief()).withGoods(now.goods()).equals(now);
    }

    /** Fills but for those in some areas, by the areas' labels. */
    public List<Fill> fillsBut(List<Fill> fills, Set<Integer> labels) {
        return fills.stream()
                .filter(
                        fill ->
                                areaAt(fill.anchor())
                                        .filter(area -> labels.contains(area.label()))
                                        .isEmpty())
                .toList();
    }

    /** The area at a place in mm, also on a line. */
    public Optional<Area> areaAt(Point mm) {
        return areas.at(mm.times(resolution().pxPerMm()));
    }

    /** Whether there is ink at a place in mm. */
    public boolean inkAt(Point mm) {
        Point px = mm.times(resolution().pxPerMm());
        return traced.ink().isInk((int) Math.floor(px.x()), (int) Math.floor(px.y()));
    }

    /** A knife for its sheet and frame. */
    public Knife knife() {
        return new Knife(traced.ink(), resolution().pxPerMm(), job().close().frameMm());
    }

    /** Where colour laid at a place, mm, would run out. */
    public ColourRun runFrom(Point mm) {
        return new RunFinder(traced.ink(), tree, job().close(), areas)
                .from(mm.times(resolution().pxPerMm()));
    }

    /** Free paper of an area, mm2. */
    public double squareMm(Area area) {
        return area.pixels() * resolution().mmPerPx() * resolution().mmPerPx();
    }

    /** Where an area's anchor lies, mm. */
    public Point anchorMm(Area area) {
        return area.anchor().times(resolution().mmPerPx());
    }

    /** Enclosed areas that have no colour, smallest first: they are the ones that are missed. */
    public List<Area> emptyAreas() {
        return areas.enclosed().stream()
                .filter(area -> !attachment.swatchOf().containsKey(area.label()))
                .sorted(Comparator.comparingLong(Area::pixels))
                .toList();
    }
}
