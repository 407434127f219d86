package neattrace.app.station.make;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Point;
import neattrace.goods.made.Scene;

/**
 * Where the pages of finished goods lie in a view, side by side, as large as may be; then larger
 * and elsewhere as one likes.
 *
 * @param scale pixels for each mm; 0 without pages
 * @param origins where each page begins, px
 * @param widthsMm of the pages
 * @param heightsMm of the pages
 */
record PagesLayout(
        double scale, List<Point> origins, List<Double> widthsMm, List<Double> heightsMm) {

    static final PagesLayout NONE = new PagesLayout(0, List.of(), List.of(), List.of());

    private static final int MARGIN_PX = 26;
    private static final int APART_PX = 14;

    PagesLayout {
        origins = List.copyOf(origins);
        widthsMm = List.copyOf(widthsMm);
        heightsMm = List.copyOf(heightsMm);
    }

    /** Pages in as many columns as let them be largest. */
    static PagesLayout of(List<Scene.Page> pages, double width, double height) {
        if (pages.isEmpty()) {
            return NONE;
        }
        List<Double> wide = pages.stream().map(one -> one.plan().widthMm()).toList();
        List<Double> high = pages.stream().map(one -> one.plan().heightMm()).toList();
        double widest = wide.stream().max(Double::compare).orElseThrow();
        double highest = high.stream().max(Double::compare).orElseThrow();
        int columns = 1;
        double scale = 0;
        for (int k = 1; k <= pages.size(); k++) {
            int rows = (pages.size() + k - 1) / k;
            double across = (width - 2.0 * MARGIN_PX - (k - 1) * APART_PX) / k;
            double down = (height - 2.0 * MARGIN_PX - (rows - 1) * APART_PX) / rows;
            double next = Math.max(0.01, Math.min(across / widest, down / highest));
            if (next > scale) {
                columns = k;
                scale = next;
            }
        }
        int rows = (pages.size() + columns - 1) / columns;
        double left = (width - columns * scale * widest - (columns - 1) * APART_PX) / 2;
        double top = (height - rows * scale * highest - (rows - 1) * APART_PX) / 2;
        List<Point> origins = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            origins.add(
                    new Point(
                            Math.rint(left + i % columns * (scale * widest + APART_PX)),
                            Math.rint(top + i / columns * (scale * highest + APART_PX))));
        }
        return new PagesLayout(scale, origins, wide, high);
    }

    /** The same, so many times as large and moved. */
    PagesLayout zoomed(double times, Point by) {
        return new PagesLayout(
                scale * times,
                origins.stream().map(one -> one.times(times).plus(by)).toList(),
                widthsMm,
                heightsMm);
    }

    /** Where a place of a page is seen, px. */
    Point seen(int page, Point mm) {
        return origins.get(page).plus(mm.times(scale));
    }

    /** The place of a page that is seen there, mm. */
    Point place(int page, double x, double y) {
        return new Point(x, y).minus(origins.get(page)).times(1 / scale);
    }

    /** The page that lies there; -1 for none. */
    int pageAt(double x, double y) {
        for (int i = 0; i < origins.size(); i++) {
            if (holds(i, place(i, x, y))) {
                return i;
            }
        }
        return -1;
    }

    /** Whether a place, mm, lies on a page. */
    boolean holds(int page, Point mm) {
        return mm.x() >= 0
                && mm.y() >= 0
                && mm.x() <= widthsMm.get(page)
                && mm.y() <= heightsMm.get(page);
    }
}
