package neattrace.app.table;

import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.stage.Screen;
import neattrace.geom.Point;
import neattrace.job.pipeline.Drawing;

/** Which part of the page the table looks at, and how near. */
final class Viewpoint {

    private static final double MARGIN = 28;

    /** Kept free at the lower edge for the bar of views. */
    private static final double BAR = 64;

    private final Runnable whenMoved;
    private final ReadOnlyObjectWrapper<View> view =
            new ReadOnlyObjectWrapper<>(new View(new Point(50, 50), 4, false, 0, 0));

    /** Held here: a binding nobody holds stops telling its listeners. */
    private final DoubleBinding scale =
            Bindings.createDoubleBinding(() -> view.get().scale(), view);

    private Drawing page;
    private boolean fitted;

    /** Whether the whole page is looked at, however large the table is. */
    private boolean whole;

    Viewpoint(Runnable whenMoved) {
        this.whenMoved = whenMoved;
    }

    View view() {
        return view.get();
    }

    ReadOnlyObjectProperty<View> viewProperty() {
        return view.getReadOnlyProperty();
    }

    DoubleBinding scaleBinding() {
        return scale;
    }

    /** Takes another drawing, null for none; a new page is shown whole. */
    void setPage(Drawing next, boolean samePage) {
        page = next;
        if (!samePage) {
            fitted = false;
            fitOnce();
        }
    }

    /** The table has another size. */
    void resize(double width, double height) {
        view.set(view.get().sized(width, height));
        fitOnce();
        if (whole) {
            fit();
        }
        whenMoved.run();
    }

    private void fitOnce() {
        if (!fitted && page != null && view.get().width() > 1 && view.get().height() > 1) {
            fitted = true;
            fit();
        }
    }

    void fit() {
        if (page != null) {
            look(wholePage());
            whole = true;
        }
    }

    private View wholePage() {
        return view.get().fitted(page.widthMm(), page.heightMm(), MARGIN, BAR);
    }

    void trueSize() {
        look(view.get().withScale(Screen.getPrimary().getDpi() / 25.4));
    }

    void flip() {
        look(view.get().mirrored());
    }

    void zoom(double factor) {
        look(view.get().zoomed(factor, view.get().width() / 2, view.get().height() / 2));
    }

    void lookAt(Point place, double reachMm) {
        View near = view.get().lookingAt(place, reachMm);
        if (page != null && near.scale() <= wholePage().scale()) {
            fit();
        } else {
            look(near);
        }
    }

    void look(View next) {
        whole = false;
        view.set(next);
        whenMoved.run();
    }
}
