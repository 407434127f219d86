package neattrace.job.pipeline;

import java.io.IOException;
import java.io.UncheckedIOException;
import neattrace.raster.reading.PictureException;
import neattrace.stage.Progress;
import neattrace.stage.Stage;
import neattrace.stage.Stages;

/** Asks stages for their outcomes, with the errors that can come of it. */
final class Outcomes {

    private final Stages stages;

    Outcomes(Stages stages) {
        this.stages = stages;
    }

    /** Of a stage that may need the picture. */
    <I, O> O read(Stage<I, O> stage, I input, Progress progress) throws PictureException {
        try {
            return stages.get(stage, input, progress);
        } catch (PictureException e) {
            throw e;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of a stage that reads no file. */
    <I, O> O made(Stage<I, O> stage, I input, Progress progress) {
        try {
            return stages.get(stage, input, progress);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The same, beforehand. */
    <I, O> O prepared(Stage<I, O> stage, I input, Progress progress) {
        try {
            return stages.prepare(stage, input, progress);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
