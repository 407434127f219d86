package neattrace.goods.made;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.making.PageMend;
import neattrace.goods.making.PageRecipe;
import neattrace.goods.page.ColouringPage;
import neattrace.goods.page.PageArea;
import neattrace.goods.page.PageMending;
import neattrace.job.WantedGoods;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;

/** Areas of a colouring page that no pencil gets into, in hand: made large enough, and back. */
final class AreaGrips {

    /** So many are taken in hand one by one, the smallest first; all of them by the findings. */
    private static final int MOST = 300;

    private static final double MARK_MM = 1.5;

    private final ColouringPage page;
    private final PageMending mending;

    AreaGrips(ColouringPage page) {
        this.page = page;
        this.mending = new PageMending(page.areas(), page.goods(), page.room().factor());
    }

    List<Grip> grips() {
        List<Grip> grips = new ArrayList<>();
        page.small().stream().limit(MOST).forEach(area -> grips.add(small(area)));
        for (PageMend mend : page.recipe().mends()) {
            grips.add(mended(mend));
        }
        return grips;
    }

    private Grip small(PageArea area) {
        Geometry there = page.onPage().transform(area.paper());
        return Grip.of(
                        0,
                        onPage(area.middle()),
                        TieGrips.ring(((Polygon) there).getExteriorRing().getCoordinates()),
                        true,
                        String.format(
                                Locale.ROOT,
                                "Too small: a circle of %.1f mm fits in, not of %.1f mm",
                                2 * area.radiusMm() * page.room().factor(),
                                page.goods().detail().areaMm()))
                .looking(Grip.Look.MARKED)
                .with(
                        Act.SWITCH,
                        "Make it large enough",
                        (goods, fine) -> mends(goods, mend(area), true))
                .previewing(() -> preview(area));
    }

    private PageMend mend(PageArea area) {
        boolean wide = mending.canWiden(area);
        return new PageMend(area.middle(), wide ? PageMend.How.WIDEN : PageMend.How.OPEN);
    }

    /** The ink that would be taken away. */
    private List<List<Point>> preview(PageArea area) {
        List<List<Point>> rings = new ArrayList<>();
        mending.taken(mend(area))
                .map(page.onPage()::transform)
                .ifPresent(
                        taken -> {
                            for (Object one : PolygonExtracter.getPolygons(taken)) {
                                rings.add(
                                        TieGrips.ring(
                                                ((Polygon) one)
                                                        .getExteriorRing()
                                                        .getCoordinates()));
                            }
                        });
        return rings;
    }

    private Grip mended(PageMend mend) {
        Point at = onPage(mend.at());
        Envelope mark =
                new Envelope(
                        at.x() - MARK_MM, at.x() + MARK_MM, at.y() - MARK_MM, at.y() + MARK_MM);
        return Grip.of(
                        0,
                        at,
                        ClothGrips.corners(mark),
                        true,
                        mend.how() == PageMend.How.WIDEN
                                ? "Widened for the pencil"
                                : "Opened to its neighbour")
                .looking(Grip.Look.POSSIBLE)
                .with(Act.REMOVE, "As it was drawn", (goods, fine) -> mends(goods, mend, false));
    }

    private Point onPage(Point at) {
        return Transforms.apply(page.onPage(), at);
    }

    private static WantedGoods mends(WantedGoods goods, PageMend mend, boolean with) {
        PageRecipe recipe = goods.making().page();
        List<PageMend> mends = new ArrayList<>(recipe.mends());
        if (with) {
            mends.add(mend);
        } else {
            mends.remove(mend);
        }
        return goods.withMaking(goods.making().withPage(recipe.withMends(mends)));
    }
}
