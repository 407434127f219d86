package neattrace.job.pipeline;

import java.util.List;
import neattrace.raster.InkMap;
import neattrace.region.AreaMap;
import neattrace.region.CloseSettings;
import neattrace.region.area.AreaFinder;
import neattrace.region.outline.AreaOutliner;
import neattrace.region.tree.AreaTree;
import neattrace.stage.Made;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.MultiPolygon;

/** From ink to areas. */
final class AreaStages {

    /** Paper between lines. */
    record Paper(Same<InkMap> ink, CloseSettings close, double pxPerMm) {}

    /** The areas at every closing width. */
    static final Stage<Paper, AreaTree> TREE = new Stage<>("Finding the areas", AreaStages::tree);

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

    /** One that was made for other settings serves as long as it can tell these areas, too. */
    private static AreaTree tree(Paper paper, Run<Paper, AreaTree> run) {
        AreaTree known =
                run.before()
                        .filter(made -> made.input().ink().equals(paper.ink()))
                        .filter(made -> made.input().pxPerMm() == paper.pxPerMm())
                        .map(Made::output)
                        .filter(tree -> tree.knows(paper.close()))
                        .orElse(null);
        if (known != null) {
            return known;
        }
        InkMap ink = paper.ink().value();
        AreaTree tree = AreaFinder.tree(ink, paper.close(), paper.pxPerMm(), run.progress());
        return tree.cells().size() > Pipeline.MOST_AREAS
                ? AreaTree.none(ink.width(), ink.height(), tree.pxPerMm(), paper.close())
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
