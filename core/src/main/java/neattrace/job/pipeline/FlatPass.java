package neattrace.job.pipeline;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import neattrace.flat.Swatch;
import neattrace.flat.layer.Attachment;
import neattrace.flat.layer.FlatLayer;
import neattrace.flat.layer.FormBuilder;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.region.AreaMap;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Progress;
import neattrace.stage.Same;
import org.locationtech.jts.geom.MultiPolygon;

/** From lines to areas and the job's colours on them. */
final class FlatPass {

    private final Outcomes outcomes;

    FlatPass(Outcomes outcomes) {
        this.outcomes = outcomes;
    }

    Drawing run(Traced traced, Progress progress) {
        Job job = traced.job();
        double pxPerMm = traced.resolution().pxPerMm();
        AreaStages.Paper paper = AreaStages.Paper.of(traced.ink(), job.close(), pxPerMm);
        List<Point> gaps = outcomes.made(AreaStages.GAPS, paper, progress.part(0, 0.5));
        AreaTree tree =
                outcomes.made(
                        AreaStages.TREE,
                        new AreaStages.Parted(paper, job.close().closedBeside(gaps)),
                        progress.part(0, 0.5));
        List<MultiPolygon> cells =
                outcomes.made(AreaStages.CELL_OUTLINES, Same.of(tree), progress.part(0.5, 0.85));
        AreaMap areas =
                outcomes.made(
                        AreaStages.AREAS,
                        new AreaStages.Width(Same.of(tree), AreaStages.parting(job)),
                        progress.part(0.85, 0.87));
        List<MultiPolygon> outlines =
                outcomes.made(
                        AreaStages.OUTLINES,
                        new AreaStages.United(Same.of(cells), Same.of(areas)),
                        progress.part(0.87, 0.9));
        progress.report("Laying colours", 0.9);
        Progress laying = progress.part(0.9, 1);
        Attachment attachment =
                outcomes.made(
                        FlatStages.ATTACHED,
                        new FlatStages.Filled(Same.of(areas), job.fills(), pxPerMm),
                        laying);
        Map<Integer, List<MultiPolygon>> outlined =
                outcomes.made(
                        FlatStages.PIECES,
                        new FlatStages.Attached(Same.of(outlines), Same.of(attachment)),
                        laying);
        FormBuilder.Formed formed =
                outcomes.made(
                        FlatStages.FORMED,
                        new FlatStages.Ground(
                                Same.of(outlined),
                                job.flat().forms(),
                                job.swatches().stream().map(Swatch::id).collect(Collectors.toSet()),
                                job.flat().fall(),
                                Same.of(areas),
                                Same.of(outlines),
                                pxPerMm),
                        laying);
        List<FlatLayer> layers =
                outcomes.made(
                        FlatStages.LAYERS,
                        new FlatStages.Covered(
                                Same.of(formed.pieces()), Same.of(outlined), job.swatches()),
                        laying);
        progress.report("Laying colours", 1);
        return new Drawing(traced, tree, cells, areas, outlines, attachment, formed.lost(), layers);
    }
}
