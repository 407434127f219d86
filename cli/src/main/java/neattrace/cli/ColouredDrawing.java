package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import neattrace.flat.rough.RoughFitting;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.job.change.RoughFlats;
import neattrace.job.file.JobFile;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Pipeline;
import neattrace.job.pipeline.Traced;
import neattrace.press.PressProfile;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;

/** A drawing of a picture or a job, coloured from a rough if there is one. */
final class ColouredDrawing {

    private ColouredDrawing() {}

    /** A picture or a job as a job. */
    static Job job(Path input) throws IOException {
        String name = String.valueOf(input.getFileName());
        return name.endsWith(JobFile.ENDING)
                ? JobFile.open(input)
                : Job.of(new Source(name, PictureReader.bytes(input)));
    }

    /** A job computed; {@code rough} may be null. */
    static Drawing of(Pipeline pipeline, Job job, Path rough, PressProfile press, Reporter reporter)
            throws IOException {
        if (rough == null) {
            Drawing drawing = pipeline.run(job, reporter.progress());
            drawing.traced().emptiness().ifPresent(what -> reporter.warn(name(job) + ": " + what));
            return drawing;
        }
        Picture colours = PictureReader.read(rough);
        Traced lines = pipeline.trace(job, reporter.progress());
        lines.emptiness().ifPresent(what -> reporter.warn(name(job) + ": " + what));
        try {
            return RoughFlats.of(
                            pipeline,
                            lines,
                            RoughFitting.fit(colours, lines.ink()).picture(),
                            false,
                            press,
                            reporter.progress())
                    .drawing();
        } catch (IllegalArgumentException e) {
            throw new PictureException(e.getMessage());
        }
    }

    private static String name(Job job) {
        return job.source().name();
    }
}
