package neattrace.goods.transfer;

import java.util.List;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.goods.cut.PrintedShape;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.LineStudy;
import neattrace.job.pipeline.StrokePaths;
import neattrace.raster.InkMap;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.Geometry;

/**
 * What the lines of a transfer stencil are made of, as the stage that makes them reads it.
 *
 * @param ink of the drawing
 * @param lines its outlines, mm on the page
 * @param study its lines as lines
 * @param paths its strokes
 * @param gapPx openings up to it let no outside in
 * @param edges places on inner edges that are bold too, mm on the page
 */
public record TransferLines(
        Same<InkMap> ink,
        Same<List<Outline>> lines,
        Same<LineStudy> study,
        StrokePaths paths,
        double gapPx,
        List<Point> edges) {

    /** Whole strokes first, then what is bold of them, then round solid blacks. */
    public static final Stage<TransferLines, List<StencilLine>> LINES =
            new Stage<>(
                    "Making the stencil's lines",
                    (reads, run) ->
                            StencilLines.of(reads, run.get(StrokePaths.PATHS, reads.paths())));

    public TransferLines {
        edges = List.copyOf(edges);
    }

    /** Those of a drawing. */
    public static TransferLines of(Drawing drawing, LineStudy study, List<Point> edges) {
        return new TransferLines(
                Same.of(drawing.traced().ink()),
                Same.of(drawing.lines()),
                Same.of(study),
                StrokePaths.of(drawing.traced()),
                drawing.areas().gapPx(),
                edges);
    }

    /** All ink as polygons, mm. */
    Geometry shape() {
        return PrintedShape.of(lines.value(), List.of(), false);
    }
}
