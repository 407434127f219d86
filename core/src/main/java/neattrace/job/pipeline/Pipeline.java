package neattrace.job.pipeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neattrace.flat.LineLayer;
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
import neattrace.region.AreaMap;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import org.locationtech.jts.geom.MultiPolygon;

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
        boolean samePicture = old != null && old.source().bytes() == job.source().bytes();
        progress.report("Reading the picture", 0);
        Picture picture =
                samePicture
                        ? before.picture()
                        : PictureReader.read(job.source().bytes(), job.source().name());
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
                        sameInk ? old.line() : null,
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
        boolean sameAreas =
                before != null
                        && before.traced().ink() == traced.ink()
                        && before.job().close().equals(job.close());
        AreaMap areas = sameAreas ? before.areas() : areas(traced, progress.part(0, 0.5));
        List<MultiPolygon> outlines =
                sameAreas
                        ? before.areaOutlines()
                        : AreaOutliner.outline(areas, progress.part(0.5, 0.9));
        progress.report("Laying colours", 0.9);
        Attachment attachment = LayerBuilder.attach(areas, job.fills(), resolution.pxPerMm());
        boolean sameLayers =
                sameAreas
                        && attachment.swatchOf().equals(before.attachment().swatchOf())
                        && before.job().swatches().equals(job.swatches());
        List<FlatLayer> layers =
                sameLayers
                        ? before.layers()
                        : LayerBuilder.build(
                                outlines, attachment, job.swatches(), resolution.mmPerPx());
        progress.report("Ready", 1);
        return new Drawing(traced, areas, outlines, attachment, layers);
    }

    private static AreaMap areas(Traced traced, Progress progress) {
        InkMap map = traced.ink();
        AreaMap areas =
                AreaFinder.find(map, traced.job().close(), traced.resolution().pxPerMm(), progress);
        return areas.areas().size() > MOST_AREAS ? AreaMap.none(map.width(), map.height()) : areas;
    }
}
