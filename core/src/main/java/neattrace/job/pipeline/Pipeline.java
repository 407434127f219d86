package neattrace.job.pipeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import neattrace.flat.FlatRecipe;
import neattrace.flat.LineLayer;
import neattrace.flat.Swatch;
import neattrace.flat.form.FormBuilder;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.LayerBuilder;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.progress.Progress;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.region.Area;
import neattrace.region.AreaMap;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/** Runs the steps from a job to its drawing. */
public final class Pipeline {

    /** More stretches of paper than this are noise, not a drawing; no areas are made of them. */
    public static final int MOST_AREAS = 100_000;

    private Pipeline() {}

    /**
     * Computes the drawing of a job.
     *
     * @param job what to compute
     * @param before an earlier drawing, whose parts are taken over where nothing they depend on
     *     changed; may be null
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Drawing run(Job job, Drawing before, Progress progress) throws PictureException {
        Traced traced = trace(job, before == null ? null : before.traced(), progress.part(0, 0.6));
        return colour(traced, before, progress.part(0.6, 1));
    }

    /**
     * Computes the lines of a job alone.
     *
     * @param job what to compute
     * @param before earlier lines, whose parts are taken over where nothing they depend on changed;
     *     may be null
     * @throws PictureException if the source cannot be read
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Traced trace(Job job, Traced before, Progress progress) throws PictureException {
        Job old = before == null ? null : before.job();
        boolean samePicture = old != null && old.source().isSamePicture(job.source());
        progress.report("Reading the picture", 0);
        Picture picture =
                samePicture
                        ? before.picture()
                        : PictureReader.read(
                                job.source().bytes(),
                                job.source().name(),
                                job.source().opening(),
                                progress.part(0, 0.1));
        Resolution scan = job.ppi() == 0 ? picture.resolution() : new Resolution(job.ppi(), true);
        boolean sameInk =
                samePicture && before.scan().equals(scan) && old.recipe().equals(job.recipe());
        InkReading reading =
                sameInk
                        ? before.reading()
                        : InkMapper.read(
                                picture,
                                job.recipe(),
                                scan.pxPerMm(),
                                samePicture ? before.reading() : null,
                                progress.part(0.1, 0.4));
        LineWork work =
                LineWork.of(
                        job,
                        reading,
                        Traced.resolution(scan, reading),
                        sameInk ? before.work() : null,
                        sameInk ? old : null,
                        progress.part(0.4, 1));
        Map<Integer, List<Outline>> parts =
                LineColours.of(job, work, Traced.resolution(scan, reading), before);
        List<LineLayer> coloured = new ArrayList<>();
        List<Outline> black = new ArrayList<>();
        parts.forEach(
                (id, outlines) ->
                        job.swatch(id)
                                .ifPresentOrElse(
                                        swatch -> coloured.add(new LineLayer(swatch, outlines)),
                                        () -> black.addAll(outlines)));
        return new Traced(job, picture, scan, reading, work, black, coloured);
    }

    /**
     * Finds the areas between lines and lays the job's colours.
     *
     * @param before an earlier drawing to take parts from, or null
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static Drawing colour(Traced traced, Drawing before, Progress progress) {
        Job job = traced.job();
        Resolution resolution = traced.resolution();
        boolean sameTree =
                before != null
                        && before.traced().ink() == traced.ink()
                        && before.tree().pxPerMm() == resolution.pxPerMm()
                        && before.tree().knows(job.close());
        AreaTree tree = sameTree ? before.tree() : tree(traced, progress.part(0, 0.5));
        List<MultiPolygon> cells =
                sameTree
                        ? before.cellOutlines()
                        : AreaOutliner.outline(tree, progress.part(0.5, 0.85));
        boolean sameAreas = sameTree && before.job().close().equals(job.close());
        AreaMap areas = sameAreas ? before.areas() : tree.at(job.close());
        List<MultiPolygon> outlines =
                sameAreas
                        ? before.areaOutlines()
                        : AreaOutliner.unite(
                                cells,
                                areas,
                                sameTree
                                        ? new AreaOutliner.Outlined(
                                                before.areas(), before.areaOutlines())
                                        : null);
        progress.report("Laying colours", 0.9);
        Attachment attachment = LayerBuilder.attach(areas, job.fills(), resolution.pxPerMm());
        Map<Integer, List<MultiPolygon>> outlined = LayerBuilder.pieces(outlines, attachment);
        FormBuilder.Formed formed =
                job.flat().forms().isEmpty()
                        ? new FormBuilder.Formed(outlined, List.of())
                        : formed(traced, areas, outlines, outlined);
        List<FlatLayer> layers =
                LayerBuilder.build(
                        formed.pieces(),
                        outlined,
                        job.swatches(),
                        before == null ? List.of() : before.layers());
        progress.report("Ready", 1);
        return new Drawing(traced, tree, cells, areas, outlines, attachment, formed.lost(), layers);
    }

    private static FormBuilder.Formed formed(
            Traced traced,
            AreaMap areas,
            List<MultiPolygon> outlines,
            Map<Integer, List<MultiPolygon>> outlined) {
        FlatRecipe recipe = traced.job().flat();
        Polygon page =
                (Polygon)
                        new GeometryFactory()
                                .toGeometry(
                                        new Envelope(0, traced.widthMm(), 0, traced.heightMm()));
        return FormBuilder.lay(
                outlined,
                recipe.forms(),
                traced.job().swatches().stream().map(Swatch::id).collect(Collectors.toSet()),
                recipe.fall(),
                place ->
                        areas.at(place.times(traced.resolution().pxPerMm()))
                                .filter(area -> !area.outside())
                                .map(area -> ground(area, outlines, traced.resolution())),
                page,
                areas.areas().stream()
                        .filter(Area::outside)
                        .findFirst()
                        .map(area -> outlines.get(area.label())));
    }

    private static FormBuilder.Ground ground(
            Area area, List<MultiPolygon> outlines, Resolution resolution) {
        double paper = area.pixels() * resolution.mmPerPx() * resolution.mmPerPx();
        return FormBuilder.Ground.of(outlines.get(area.label()), paper);
    }

    private static AreaTree tree(Traced traced, Progress progress) {
        InkMap map = traced.ink();
        AreaTree tree =
                AreaFinder.tree(map, traced.job().close(), traced.resolution().pxPerMm(), progress);
        return tree.cells().size() > MOST_AREAS
                ? AreaTree.none(map.width(), map.height(), tree.pxPerMm(), traced.job().close())
                : tree;
    }
}
