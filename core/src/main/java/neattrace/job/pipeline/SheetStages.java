package neattrace.job.pipeline;

import neattrace.job.Source;
import neattrace.raster.Picture;
import neattrace.raster.reading.PictureReader;
import neattrace.sheet.SheetRecipe;
import neattrace.sheet.ink.InkMapper;
import neattrace.sheet.ink.InkReading;
import neattrace.sheet.review.SheetReview;
import neattrace.stage.Made;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;

/** From the source's bytes to ink and paper. */
final class SheetStages {

    /** The source, decoded. */
    static final Stage<Source, Picture> PICTURE =
            new Stage<>(
                    "Reading the picture",
                    (source, run) ->
                            PictureReader.read(
                                    source.bytes(),
                                    source.name(),
                                    source.opening(),
                                    run.progress()));

    /**
     * What ink is read of.
     *
     * @param pxPerMm resolution of the scan
     */
    record Scan(Same<Picture> picture, SheetRecipe recipe, double pxPerMm) {}

    /** The ink map and its measures. */
    static final Stage<Scan, InkReading> READING =
            new Stage<>("Reading the sheet", SheetStages::read);

    /** What is doubtful about the sheet. */
    static final Stage<Same<InkReading>, SheetReview> REVIEW =
            new Stage<>(
                    "Looking through the sheet",
                    (reading, run) ->
                            SheetReview.of(
                                    reading.value(), reading.value().picture(), run.progress()));

    private SheetStages() {}

    private static InkReading read(Scan scan, Run<Scan, InkReading> run) {
        InkReading before =
                run.before()
                        .filter(made -> made.input().picture().equals(scan.picture()))
                        .map(Made::output)
                        .orElse(null);
        return InkMapper.read(
                scan.picture().value(), scan.recipe(), scan.pxPerMm(), before, run.progress());
    }
}
