package neattrace.inspection;

import static neattrace.inspection.GoodsAnswers.change;
import static neattrace.inspection.GoodsAnswers.mm;

import java.util.ArrayList;
import java.util.List;
import neattrace.finding.Cost;
import neattrace.finding.Finding;
import neattrace.finding.Kind;
import neattrace.finding.Measure;
import neattrace.finding.Place;
import neattrace.finding.Severity;
import neattrace.geom.Point;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.transfer.StencilLine;
import neattrace.goods.transfer.TransferStencil;
import neattrace.job.WantedGoods;

/** Details of transfer stencils that vanish at their size. */
final class TransferFindings {

    private static final Kind DETAIL =
            new Kind(
                    GangInspection.STATION,
                    "transfer-detail",
                    Severity.LOOK,
                    Cost.PLACE,
                    "%d details blur");

    static final List<Kind> KINDS = List.of(DETAIL);

    private final WantedGoods goods;
    private final Wished wished;
    private final List<StencilLine> lines;
    private final Leaving left;

    TransferFindings(WantedGoods goods, Wished wished, List<StencilLine> lines, Leaving left) {
        this.goods = goods;
        this.wished = wished;
        this.lines = lines;
        this.left = left;
    }

    List<Finding> findings() {
        double least = wished.goods().detail().areaMm();
        List<Finding> found = new ArrayList<>();
        for (StencilLine line : lines) {
            double length = wished.onGoods(line.lengthMm());
            Point at = line.at();
            boolean open =
                    !line.bold()
                            && length < least
                            && goods.making().transfer().dropped().stream()
                                    .noneMatch(out -> TransferStencil.isAt(line, out))
                            && !left.isLeft(wished.left("detail"), at);
            if (open) {
                found.add(
                        Finding.of(
                                        DETAIL,
                                        mm("A detail of %.1f mm", length) + wished.on(),
                                        mm(
                                                "Under %.1f mm it blurs into a dot, and costs time.",
                                                least),
                                        change("drop", "Take it out", wished, one -> out(one, at)),
                                        left.leave(wished.left("detail"), at))
                                .at(new Place.Spot(at, wished.onPage(4)))
                                .measuring(Measure.mm(length))
                                .against(least)
                                .on(wished.keys()));
            }
        }
        return found;
    }

    private static WantedGoods out(WantedGoods goods, Point at) {
        TransferRecipe recipe = goods.making().transfer();
        List<Point> dropped = new ArrayList<>(recipe.dropped());
        dropped.add(at);
        return goods.withMaking(goods.making().withTransfer(recipe.withDropped(dropped)));
    }
}
