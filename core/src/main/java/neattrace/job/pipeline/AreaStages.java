package neattrace.job.pipeline;

import java.util.List;
import neattrace.geom.Point;
import neattrace.job.Job;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.Mend;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.MultiPolygon;

/** From ink to areas. */
final class AreaStages {

    /**
     * Paper between lines.
     *
     * @param lines the unseen lines and the frame that part it besides; of no other decisions
     */
    record Paper(Same<InkMap> ink, CloseSettings lines, double pxPerMm) {

        static Paper of(InkMap ink, CloseSettings close, double pxPerMm) {
            CloseSettings lines =
                    CloseSettings.automatic()
                            .withJoins(close.joins())
                            .withCuts(close.cuts())
                            .withFrameMm(close.frameMm());
            return new Paper(Same.of(ink), lines, pxPerMm);
        }
    }

    /** Paper and where gaps are wanted that are none by the usual rule, mm. */
    record Parted(Paper paper, List<Point> wanted) {}

    /** The areas at every closing width. */
    static final Stage<Parted, AreaTree> TREE = new Stage<>("Finding the areas", AreaStages::tree);

    /** Where the gaps are by the usual rule, mm. */
    static final Stage<Paper, List<Point>> GAPS =
            new Stage<>(
                    "Finding the areas",
                    (paper, run) -> run.get(TREE, new Parted(paper, List.of())).gapPlaces());

    /** Outlines of its cells in mm, by label. */
    static final Stage<Same<AreaTree>, List<MultiPolygon>> CELL_OUTLINES =
            new Stage<>(
                    "Outlining the areas",
                    (tree, run) -> AreaOutliner.outline(tree.value(), run.progress()));

    /** Areas at one closing width. */
    record Width(Same<AreaTree> tree, CloseSettings close) {}

    /** The areas at the job's closing width, sheet px. */
    static final Stage<Width, AreaMap> AREAS =
            new Stage<>("Uniting areas", (at, run) -> at.tree().value().at(at.close()));

    /** Cells and how they are united. */
    record United(Same<List<MultiPolygon>> cells, Same<AreaMap> areas) {}

    /** Outlines of the areas in mm, by label. */
    static final Stage<United, List<MultiPolygon>> OUTLINES =
            new Stage<>("Outlining the areas", AreaStages::outlines);

    private AreaStages() {}

    /** What parts areas now; how gaps will be closed by hand does not. */
    static CloseSettings parting(Job job) {
        return job.close().withMend(Mend.UNSEEN);
    }

    private static AreaTree tree(Parted parted, Run<Parted, AreaTree> run) {
        Paper paper = parted.paper();
        InkMap ink = paper.ink().value();
        AreaTree tree =
                AreaFinder.tree(
                        ink, paper.lines(), parted.wanted(), paper.pxPerMm(), run.progress());
        return tree.cells().size() > Pipeline.MOST_AREAS
                ? AreaTree.none(ink.width(), ink.height(), tree.pxPerMm(), paper.lines())
                : tree;
    }

    private static List<MultiPolygon> outlines(United united, Run<United, List<MultiPolygon>> run) {
        AreaOutliner.Outlined before =
                run.before()
                        .filter(made -> made.input().cells().equals(united.cells()))
                        .map(
                                made ->
                                        new AreaOutliner.Outlined(
                                                made.input().areas().value(), made.output()))
                        .orElse(null);
        return AreaOutliner.unite(united.cells().value(), united.areas().value(), before);
    }
}
