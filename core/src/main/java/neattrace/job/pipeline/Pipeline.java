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

        boolean sameAreas = sameInk && old.close().equals(job.close());
        AreaMap areas =
                sameAreas
                        ? before.areas()
                        : AreaFinder.find(
                                reading.map(),
                                job.close(),
                                resolution.pxPerMm(),
                                progress.part(0.6, 0.8));
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
