package neattrace.job.pipeline;

import java.util.List;
import java.util.Optional;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.LayerBuilder;
import neattrace.geom.Outline;
import neattrace.job.Job;
import neattrace.progress.Progress;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;
import neattrace.region.AreaMap;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.trace.Tracer;
import neattrace.trace.Tracing;
import org.locationtech.jts.geom.MultiPolygon;

/** Runs the steps from a job to its drawing. */
public final class Pipeline {

    /** More stretches of paper than this are noise, not a drawing; no areas are made of them. */
    public static final int MOST_AREAS = 100_000;

    private Pipeline() {}

    /**
     * Computes the lines of a job alone, in about half the time; no areas are looked for.
     *
     * @throws PictureException if the source cannot be read
     */
    public static Drawing lines(Job job, Progress progress) throws PictureException {
        return run(job, null, false, progress);
    }

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
        return run(job, before, true, progress);
    }

    private static Drawing run(Job job, Drawing before, boolean withAreas, Progress progress)
            throws PictureException {
        Job old = before == null ? null : before.job();
        boolean samePicture = old != null && old.source().bytes() == job.source().bytes();
        progress.report("Reading the picture", 0);
        Picture picture =
                samePicture
                        ? before.picture()
                        : PictureReader.read(job.source().bytes(), job.source().name());
        Resolution resolution =
                job.ppi() == 0 ? picture.resolution() : new Resolution(job.ppi(), true);
        boolean sameSize = samePicture && before.resolution().equals(resolution);

        boolean sameInk = sameSize && old.recipe().equals(job.recipe());
        InkReading reading =
                sameInk
                        ? before.reading()
                        : InkMapper.read(
                                picture.grey(),
                                job.recipe(),
                                resolution.pxPerMm(),
                                progress.part(0.05, 0.25));

        boolean sameLines = sameInk && old.maxErrorPx() == job.maxErrorPx();
        Tracing tracing =
                sameLines
                        ? before.tracing()
                        : Tracer.trace(
                                reading.map(), bound(job, reading), progress.part(0.25, 0.6));
        List<Outline> lines =
                sameLines
                        ? before.lines()
                        : tracing.outlines().stream()
                                .map(outline -> outline.scaled(resolution.mmPerPx()))
                                .toList();

        // A drawing of lines alone has no areas to take over.
        boolean sameAreas =
                sameInk && old.close().equals(job.close()) && !before.areas().areas().isEmpty();
        AreaMap areas =
                sameAreas
                        ? before.areas()
                        : areas(job, reading, resolution, withAreas, progress.part(0.6, 0.8));
        List<MultiPolygon> outlines =
                sameAreas
                        ? before.areaOutlines()
                        : AreaOutliner.outline(areas, progress.part(0.8, 0.95));

        progress.report("Laying colours", 0.95);
        Attachment attachment = LayerBuilder.attach(areas, job.fills(), resolution.pxPerMm());
        boolean sameLayers =
                sameAreas
                        && attachment.swatchOf().equals(before.attachment().swatchOf())
                        && old.swatches().equals(job.swatches());
        List<FlatLayer> layers =
                sameLayers
                        ? before.layers()
                        : LayerBuilder.build(
                                outlines, attachment, job.swatches(), resolution.mmPerPx());
        progress.report("Ready", 1);
        return new Drawing(
                job,
                picture,
                resolution,
                reading,
                tracing,
                lines,
                areas,
                outlines,
                attachment,
                layers);
    }

    private static AreaMap areas(
            Job job, InkReading reading, Resolution resolution, boolean wanted, Progress progress) {
        AreaMap none = AreaMap.none(reading.map().width(), reading.map().height());
        if (!wanted) {
            return none;
        }
        AreaMap areas = AreaFinder.find(reading.map(), job.close(), resolution.pxPerMm(), progress);
        return areas.areas().size() > MOST_AREAS ? none : areas;
    }

    private static double bound(Job job, InkReading reading) {
        return reading.oneBit()
                ? Math.max(job.maxErrorPx(), Tracer.ONE_BIT_ERROR_PX)
                : job.maxErrorPx();
    }

    /** What is wrong with a drawing as a whole, in plain words, if anything. */
    public static Optional<String> emptiness(Drawing drawing) {
        return drawing.lines().isEmpty()
                ? drawing.reading().notes().stream().findFirst()
                : Optional.empty();
    }
}
