package neattrace.goods.wrap;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.geom.Transforms;
import neattrace.goods.making.Motif;
import neattrace.job.PressSection;
import neattrace.job.pipeline.Drawing;
import neattrace.press.PressProfile;
import neattrace.press.black.BlackChoice;
import neattrace.print.Artwork;
import neattrace.print.Placement;
import neattrace.print.Plans;
import neattrace.print.PrintPage;
import neattrace.print.PrintPlan;
import neattrace.print.ready.PressArt;
import neattrace.print.ready.PressReady;
import neattrace.print.ready.PressTerms;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;

/** A wrap as a plan. */
public final class WrapPlan {

    private WrapPlan() {}

    /**
     * The plan of a wrap; what reaches beyond it is cut off by its edge.
     *
     * @param drawings that motifs are of, as the wrap counts them
     */
    public static PrintPlan of(Wrap wrap, List<Drawing> drawings, PressProfile press) {
        return of(wrap, drawings, press, (drawing, factor) -> Artwork.of(drawing, press));
    }

    /**
     * The same as printers get it, in the inks of each drawing and as the first one's job says of
     * the press; seams and pieces of black that were decided by hand count on every motif.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PrintPlan ready(
            Wrap wrap, List<Drawing> drawings, PressProfile press, Progress progress) {
        PrintPlan plan =
                of(
                        wrap,
                        drawings,
                        press,
                        (drawing, factor) -> PressArt.of(drawing).printed(factor));
        List<Point> untrapped = new ArrayList<>();
        List<BlackChoice> choices = new ArrayList<>();
        for (Motif motif : wrap.motifs()) {
            PressSection own = drawings.get(motif.drawing()).job().press();
            own.untrapped().forEach(at -> untrapped.add(onWrap(at, wrap, motif)));
            own.choices()
                    .forEach(
                            one ->
                                    choices.add(
                                            new BlackChoice(
                                                    onWrap(one.at(), wrap, motif), one.rich())));
        }
        PressSection all =
                drawings.get(0).job().press().withUntrapped(untrapped).withChoices(choices);
        PressTerms terms =
                PressTerms.of(
                        all,
                        wrap.goods().printing(),
                        wrap.goods().ground(),
                        UnaryOperator.identity());
        return PressReady.of(plan, terms, progress).plan();
    }

    private static Point onWrap(Point page, Wrap wrap, Motif motif) {
        Coordinate at =
                wrap.onWrap(motif).transform(new Coordinate(page.x(), page.y()), new Coordinate());
        return new Point(at.x, at.y);
    }

    /** The art of a drawing that comes out so many times as large as its page. */
    private interface Art {

        Artwork of(Drawing drawing, double factor);
    }

    private static PrintPlan of(Wrap wrap, List<Drawing> drawings, PressProfile press, Art artOf) {
        double width = wrap.goods().sizing().widthMm();
        double height = wrap.goods().sizing().heightMm();
        List<Placement> placed = new ArrayList<>();
        for (Motif motif : wrap.motifs()) {
            Drawing drawing = drawings.get(motif.drawing());
            double factor = wrap.factor(motif);
            PrintPlan art = Plans.of(artOf.of(drawing, factor).forFiles(factor));
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
