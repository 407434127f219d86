package neattrace.job.pipeline;

import java.io.IOException;
import java.util.Optional;
import neattrace.raster.InkMap;
import neattrace.region.CloseSettings;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import neattrace.trace.LineColour;
import neattrace.trace.LineNet;
import neattrace.trace.centre.StrokeArt;
import neattrace.trace.weight.LineSplitter;

/**
 * Lines to be drawn as single paths, as the stage that finds them reads them.
 *
 * @param ink of the lines
 * @param colour what they are drawn in
 * @param close what counts as closed, if a border stays black
 * @param pxPerMm of the sheet
 */
public record StrokePaths(
        Same<InkMap> ink, LineColour colour, Optional<CloseSettings> close, double pxPerMm) {

    /** The lines as single paths, mm. */
    public static final Stage<StrokePaths, StrokeArt> PATHS =
            new Stage<>("Finding the lines", StrokePaths::paths);

    /** Those of lines. */
    public static StrokePaths of(Traced traced) {
        LineColour colour = traced.job().line().colour();
        return new StrokePaths(
                Same.of(traced.ink()),
                colour,
                LinePass.closeIf(colour.borderBlack(), traced.job()),
                traced.resolution().pxPerMm());
    }

    private static StrokeArt paths(StrokePaths on, Run<StrokePaths, StrokeArt> run)
            throws IOException {
        LineNet net = run.get(LineStages.NET, on.ink());
        double gapMm = 0;
        if (on.close().isPresent()) {
            gapMm =
                    run.get(
                            LineStages.BORDER_GAP,
                            new LineStages.Gaps(on.ink(), on.close().get(), on.pxPerMm()));
        }
        LineColour colour = on.colour();
        int[] swatches =
                colour.isBlack()
                        ? new int[0]
                        : LineSplitter.strokes(on.ink().value(), net, colour, gapMm, on.pxPerMm());
        return StrokeArt.of(on.ink().value(), net, swatches, colour.swatch(), 1 / on.pxPerMm());
    }
}
