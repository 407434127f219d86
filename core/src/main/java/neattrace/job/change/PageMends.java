package neattrace.job.change;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.making.PageMend;
import neattrace.goods.page.PageArea;
import neattrace.goods.page.PageAreas;
import neattrace.goods.page.PageMending;
import neattrace.job.Job;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Drawing;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * Makes areas of a colouring page large enough for the pencil, on the page alone: the lines round
 * them give way where they stay lines, else they open to a neighbour.
 */
public final class PageMends {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private PageMends() {}

    /**
     * The job with areas mended; as it is if the goods are gone.
     *
     * @param id of the goods
     * @param factor how many times as large as drawn they come out
     * @param places in the areas, mm on the drawing's page
     */
    public static Job add(Job job, Drawing drawing, int id, double factor, List<Point> places) {
        WantedGoods wanted = job.goods().of(id).orElse(null);
        if (wanted == null) {
            return job;
        }
        PageAreas areas = PageAreas.of(drawing, Progress.SILENT);
        PageMending mending = new PageMending(areas, wanted.goods(), factor);
        List<PageMend> mends = new ArrayList<>(wanted.making().page().mends());
        for (Point at : places) {
            for (PageArea area : areas.areas()) {
                if (holds(area, at)) {
                    boolean wide = mending.canWiden(area);
                    mends.add(new PageMend(at, wide ? PageMend.How.WIDEN : PageMend.How.OPEN));
                    break;
                }
            }
        }
        return job.changed(
                id,
                one -> one.withMaking(one.making().withPage(one.making().page().withMends(mends))));
    }

    private static boolean holds(PageArea area, Point at) {
        Coordinate place = new Coordinate(at.x(), at.y());
        return area.paper().getEnvelopeInternal().contains(place)
                && area.paper().contains(FACTORY.createPoint(place));
    }
}
