package neattrace.goods.made;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.wrap.CupPicture;
import neattrace.job.WantedGoods;
import neattrace.press.Rgb;
import neattrace.print.PrintPlan;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Finished goods as they are looked at, and what of them can be taken in hand.
 *
 * @param pages what is seen: mostly the pages of files; a print lies on its cloth
 * @param grips what can be taken in hand, in the order in which one goes through them
 * @param adding puts something more somewhere; empty if nothing can be added
 * @param cup a cup that can be turned; empty but for mugs
 */
public record Scene(
        List<Page> pages, List<Grip> grips, Optional<Adding> adding, Optional<CupPicture> cup) {

    /**
     * A page that is seen.
     *
     * @param plan what lies on it
     * @param ground its own colour; empty if nothing is seen where nothing lies
     * @param drawing from the drawing's page to this one, mm
     */
    public record Page(PrintPlan plan, Optional<Rgb> ground, AffineTransformation drawing) {

        /** Where a place of the drawing's page lies, mm. */
        public Point place(Point onDrawing) {
            return Transforms.apply(drawing, onDrawing);
        }
    }

    /** Puts something more at a place of a page. */
    public interface Adding {

        /** What it is called on a button. */
        String label();

        /** What is wanted then; empty if nothing can be put there. */
        Optional<WantedGoods> at(WantedGoods goods, int page, Point mm);
    }

    public Scene {
        pages = List.copyOf(pages);
        grips = List.copyOf(grips);
    }

    /** Pages alone. */
    static Scene of(List<Page> pages) {
        return new Scene(pages, List.of(), Optional.empty(), Optional.empty());
    }

    Scene with(List<Grip> value) {
        return new Scene(pages, value, adding, cup);
    }

    Scene with(Adding value) {
        return new Scene(pages, grips, Optional.of(value), cup);
    }

    Scene with(CupPicture value) {
        return new Scene(pages, grips, adding, Optional.of(value));
    }
}
