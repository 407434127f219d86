package neattrace.inspection;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.finding.Finding;
import neattrace.finding.Group;
import neattrace.finding.Kind;
import neattrace.flat.Swatch;
import neattrace.goods.GoodsKind;
import neattrace.goods.stencil.StencilSet;
import neattrace.goods.stencil.Stencils;
import neattrace.goods.transfer.StencilLine;
import neattrace.goods.transfer.TransferLines;
import neattrace.goods.wrap.Wrap;
import neattrace.goods.wrap.WrapArt;
import neattrace.job.LogSection;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.job.pipeline.Extent;
import neattrace.sheet.ink.InkReading;
import neattrace.stage.Run;
import neattrace.stage.Same;

/** What stands against the stencils, shirts and mugs of the brief. */
final class GoodsInspection {

    private static final int MOST_TOLD = 40;

    static final Inspection<Reads> GOODS =
            new Inspection<>(
                    GangInspection.STATION,
                    Stream.of(
                                    CutFindings.KINDS,
                                    TransferFindings.KINDS,
                                    WrapFindings.KINDS,
                                    ClothFindings.KINDS)
                            .flatMap(List::stream)
                            .toList(),
                    Reads::of,
                    (Reads reads, Run<Reads, List<Group>> run) -> groups(reads, run));

    private GoodsInspection() {}

    /**
     * What is read.
     *
     * @param wanted goods that findings are made for
     * @param wished the same as they are held against
     * @param stencils what cut stencils are made of
     * @param transfer what transfer stencils are made of, once lines are known
     * @param art what mugs are laid with, if there are any
     * @param swatches that the drawing is coloured with
     */
    record Reads(
            Same<InkReading> reading,
            double pxPerMm,
            Extent extent,
            List<WantedGoods> wanted,
            List<Wished> wished,
            Stencils stencils,
            Optional<TransferLines> transfer,
            Optional<WrapArt> art,
            List<Swatch> swatches,
            LogSection log) {

        static Reads of(Known known) {
            Drawing drawing = known.drawing();
            List<WantedGoods> wanted =
                    drawing.job().goods().wanted().stream()
                            .filter(one -> isOurs(one.goods().kind()))
                            .map(Wished::plain)
                            .toList();
            List<Integer> ids = wanted.stream().map(WantedGoods::id).toList();
            boolean transfers =
                    wanted.stream()
                            .anyMatch(one -> one.goods().kind() == GoodsKind.TRANSFER_STENCIL);
            return new Reads(
                    Same.of(drawing.reading()),
                    drawing.resolution().pxPerMm(),
                    drawing.extent(),
                    wanted,
                    Wished.of(drawing).stream().filter(one -> ids.contains(one.id())).toList(),
                    Stencils.of(drawing, Stencils.wanted(drawing.job())),
                    known.study()
                            .filter(study -> transfers)
                            .map(study -> TransferLines.of(drawing, study, List.of())),
                    wanted.stream()
                            .filter(one -> one.goods().kind() == GoodsKind.MUG)
                            .findFirst()
                            .map(one -> WrapArt.of(drawing)),
                    drawing.layers().stream().map(layer -> layer.swatch()).toList(),
                    drawing.job().log().settledAlone());
        }

        private static boolean isOurs(GoodsKind kind) {
            return kind == GoodsKind.CUT_STENCIL
                    || kind == GoodsKind.TRANSFER_STENCIL
                    || kind == GoodsKind.SHIRT
                    || kind == GoodsKind.MUG;
        }
    }

    private static List<Group> groups(Reads reads, Run<Reads, List<Group>> run) throws IOException {
        Leaving left =
                new Leaving(
                        GangInspection.STATION,
                        reads.reading().value(),
                        reads.pxPerMm(),
                        reads.log());
        List<Finding> found = new ArrayList<>();
        int stencil = 0;
        List<StencilSet> sets =
                reads.stencils().wishes().isEmpty()
                        ? List.of()
                        : run.get(Stencils.SETS, reads.stencils());
        for (int i = 0; i < reads.wanted().size(); i++) {
            Wished wished = reads.wished().get(i);
            WantedGoods goods = reads.wanted().get(i);
            switch (goods.goods().kind()) {
                case CUT_STENCIL ->
                        found.addAll(new CutFindings(sets.get(stencil++), wished, left).findings());
                case TRANSFER_STENCIL -> {
                    if (reads.transfer().isPresent()) {
                        List<StencilLine> lines =
                                run.get(TransferLines.LINES, reads.transfer().get());
                        found.addAll(new TransferFindings(goods, wished, lines, left).findings());
                    }
                }
                case MUG ->
                        found.addAll(
                                new WrapFindings(
                                                Wrap.of(List.of(reads.art().orElseThrow()), goods),
                                                wished,
                                                left)
                                        .findings());
                default ->
                        found.addAll(
                                new ClothFindings(
                                                goods,
                                                wished,
                                                reads.swatches(),
                                                reads.extent(),
                                                left)
                                        .findings());
            }
        }
        return grouped(found);
    }

    /** Findings of a kind together, in the order in which the kinds are listed. */
    private static List<Group> grouped(List<Finding> found) {
        List<Group> groups = new ArrayList<>();
        for (Kind kind : GOODS.kinds()) {
            List<Finding> alike = found.stream().filter(one -> one.kind().equals(kind)).toList();
            Group.of(alike, MOST_TOLD, all -> GoodsAnswers.forAll(kind, all))
                    .ifPresent(groups::add);
        }
        return groups;
    }
}
