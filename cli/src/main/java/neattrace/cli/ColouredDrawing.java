package neattrace.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import neattrace.flat.rough.RoughFitting;
import neattrace.job.Job;
import neattrace.job.change.RoughFlats;
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

    /** A job computed; {@code rough} may be null. */
    static Drawing of(Pipeline pipeline, Job job, Path rough, PressProfile press, Reporter reporter)
            throws IOException {
        if (rough == null) {
            Drawing drawing = pipeline.run(job, reporter.progress());
            EmptyDrawingException.check(name(job), drawing.traced());
            return drawing;
        }
        Picture colours = PictureReader.read(rough);
        Traced lines = pipeline.trace(job, reporter.progress());
        EmptyDrawingException.check(name(job), lines);
        RoughFlats.Coloured coloured =
                RoughFlats.of(
                        pipeline,
                        lines,
                        fitted(rough, colours, lines, reporter),
                        false,
                        press,
                        reporter.progress());
        warn(rough, coloured, reporter);
        return coloured.drawing();
    }

    /** A rough laid over what is drawn. */
    static Picture fitted(Path rough, Picture colours, Traced lines, Reporter reporter)
            throws PictureException {
        try {
            RoughFitting.Fitted fitted = RoughFitting.fit(colours, lines.ink());
            if (fitted.moved()) {
                reporter.warn(rough + " has another proportion; it was laid over what is drawn.");
            }
            return fitted.picture();
        } catch (IllegalArgumentException e) {
            throw new PictureException(e.getMessage());
        }
    }

    /** Says so if a rough was probably made for another drawing. */
    static void warn(Path rough, RoughFlats.Coloured coloured, Reporter reporter) {
        if (coloured.fitsBadly()) {
            reporter.warn(
                    String.format(
                            Locale.ROOT,
                            "%s fits badly: only %.0f %% of the areas lies under one clear colour."
                                    + " Was it made for this drawing?",
                            rough,
                            100 * coloured.clearShare()));
        }
    }

    private static String name(Job job) {
        return job.source().name();
    }
}
