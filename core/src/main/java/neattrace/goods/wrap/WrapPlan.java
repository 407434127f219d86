package neattrace.goods.wrap;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.Transforms;
import neattrace.goods.making.Motif;
import neattrace.job.pipeline.Drawing;
import neattrace.press.PressProfile;
import neattrace.print.Artwork;
import neattrace.print.Placement;
import neattrace.print.Plans;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;

/** A wrap as a plan. */
public final class WrapPlan {

    private WrapPlan() {}

    /**
     * The plan of a wrap; what reaches beyond it is cut off by its edge.
     *
     * @param drawings that motifs are of, as the wrap counts them
     */
    public static PrintPlan of(Wrap wrap, List<Drawing> drawings, PressProfile press) {
        double width = wrap.goods().sizing().widthMm();
        double height = wrap.goods().sizing().heightMm();
        List<Placement> placed = new ArrayList<>();
        for (Motif motif : wrap.motifs()) {
            Drawing drawing = drawings.get(motif.drawing());
            PrintPlan art = Plans.of(Artwork.of(drawing, press).forFiles(wrap.factor(motif)));
            placed.add(
                    Placement.whole(
                            PrintPage.mapped(
                                    art,
                                    Transforms.toAwt(wrap.onWrap(motif)),
                                    width,
                                    height,
                                    press)));
        }
        String title = drawings.get(0).job().title();
        return new PrintPage(title, width, height, 0, placed).plan(press);
    }
}
