package neattrace.inspection;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.flat.layer.FlatLayer;
import neattrace.geom.Outline;
import neattrace.goods.cut.CutLine;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.PrintedShape;
import neattrace.goods.cut.Pull;
import neattrace.goods.cut.StickerCut;
import neattrace.goods.cut.StickerRecipe;
import neattrace.job.LogSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Run;
import neattrace.stage.Same;
import neattrace.stage.Stage;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** What stands against the stickers of the brief: loose pieces, small ones, what a blade shows. */
final class MakeInspection {

    private static final int MOST_TOLD = 40;

    private static final Stage<Wish, List<Cut>> CUTS =
            new Stage<>("Looking at the cut lines", MakeInspection::cuts);

    static final Inspection<Reads> MAKE =
            new Inspection<>(
                    GangInspection.STATION,
                    StickerFindings.KINDS,
                    Reads::of,
                    (Reads reads, Run<Reads, List<Group>> run) ->
                            groups(reads, run.get(CUTS, reads.wish())));

    /** What a silhouette is made of, mm on the page; the same as long as lines and flats are. */
    private record Shapes(Same<List<Outline>> lines, Same<List<FlatLayer>> flats) {

        Geometry silhouette(boolean enclosed) {
            return PrintedShape.of(
                    lines.value(), flats.value().stream().map(FlatLayer::shape).toList(), enclosed);
        }
    }

    /** How a sticker is cut, in its size. */
    private record Cutting(double factor, boolean enclosed, CutRecipe recipe, List<Pull> pulls) {}

    /** What cut lines are drawn of. */
    private record Wish(Shapes shapes, List<Cutting> stickers) {}

    /** The cuts of a sticker, with how near they come to what is printed, mm. */
    record Cut(List<StickerCut> cuts, double nearestMm) {}

    /**
     * What is read.
     *
     * @param stickers of the brief, as they are held against
     */
    record Reads(
            Same<InkReading> reading,
            double pxPerMm,
            Shapes shapes,
            List<WantedGoods> stickers,
            List<Wished> wished,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            List<WantedGoods> stickers =
                    drawing.job().goods().wanted().stream()
                            .filter(one -> one.goods().kind().isSticker())
                            .map(Wished::plain)
                            .toList();
            List<Integer> ids = stickers.stream().map(WantedGoods::id).toList();
            return new Reads(
                    Same.of(drawing.reading()),
                    drawing.resolution().pxPerMm(),
                    new Shapes(Same.of(drawing.lines()), Same.of(drawing.layers())),
                    stickers,
                    Wished.of(drawing).stream().filter(one -> ids.contains(one.id())).toList(),
                    drawing.job().log().settledAlone());
        }

        Wish wish() {
            List<Cutting> cutting = new ArrayList<>();
            for (int i = 0; i < stickers.size(); i++) {
                StickerRecipe recipe = stickers.get(i).sticker().on(stickers.get(i).goods());
                double factor = wished.get(i).fit().factor();
                cutting.add(
                        new Cutting(
                                factor,
                                recipe.enclosed(),
                                recipe.cutAt(factor),
                                recipe.pulls().stream().map(one -> one.scaled(factor)).toList()));
            }
            return new Wish(shapes, cutting);
        }
    }

    private static List<Cut> cuts(Wish wish, Run<Wish, List<Cut>> run) {
        List<Cut> all = new ArrayList<>();
        Map<Boolean, Geometry> pages = new HashMap<>();
        for (Cutting one : wish.stickers()) {
            run.progress().report("Looking at the cut lines", 0);
            Geometry page = pages.computeIfAbsent(one.enclosed(), wish.shapes()::silhouette);
            double k = one.factor();
            Geometry silhouette = AffineTransformation.scaleInstance(k, k).transform(page);
            List<StickerCut> cuts = CutLine.of(silhouette, one.recipe(), one.pulls());
            all.add(new Cut(cuts, nearest(silhouette, cuts)));
        }
        return all;
    }

    private static double nearest(Geometry silhouette, List<StickerCut> cuts) {
        if (silhouette.isEmpty() || cuts.isEmpty()) {
            return 0;
        }
        IndexedFacetDistance edge = new IndexedFacetDistance(silhouette.getBoundary());
        return cuts.stream()
                .mapToDouble(cut -> edge.distance(cut.area().getExteriorRing()))
                .min()
                .orElseThrow();
    }

    private static List<Group> groups(Reads reads, List<Cut> cuts) {
        Leaving left =
                new Leaving(
                        GangInspection.STATION,
                        reads.reading().value(),
                        reads.pxPerMm(),
                        reads.log());
        List<Finding> loose = new ArrayList<>();
        List<Finding> small = new ArrayList<>();
        List<Finding> tight = new ArrayList<>();
        List<Finding> borders = new ArrayList<>();
        List<Finding> bleeds = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++) {
            Wished wished = reads.wished().get(i);
            WantedGoods goods = reads.stickers().get(i);
            if (!cuts.get(i).cuts().isEmpty()) {
                StickerFindings found = new StickerFindings(goods, wished, cuts.get(i), left);
                loose.addAll(new LooseFindings(goods, wished, left).of(cuts.get(i).cuts()));
                small.addAll(found.small());
                tight.addAll(found.tight());
                found.border().ifPresent(borders::add);
                found.bleed().ifPresent(bleeds::add);
            }
        }
        List<Group> groups = new ArrayList<>();
        Group.of(loose, MOST_TOLD, all -> LooseFindings.forAll(reads.wished()))
                .ifPresent(groups::add);
        for (List<Finding> found : List.of(small, tight, borders, bleeds)) {
            Group.of(found, MOST_TOLD, all -> List.of(Group.each(all, Leaving.LEAVE, "Leave all")))
                    .ifPresent(groups::add);
        }
        return groups;
    }
}
