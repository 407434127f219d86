package neattrace.goods.page;

import neattrace.goods.Goods;
import neattrace.goods.Sizing;
import neattrace.job.pipeline.Extent;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Where things lie on a page or a sheet, mm.
 *
 * @param widthMm of the page
 * @param heightMm of the page
 * @param inner all that may be printed on
 * @param strip the foot of it, for key and sample; no height if there is neither
 * @param factor how many times as large as drawn the drawing comes out
 */
public record PageRoom(
        double widthMm, double heightMm, Envelope inner, Envelope strip, double factor) {

    /** Between drawing and strip, mm. */
    private static final double APART_MM = 4;

    /** Whatever margins leave, a page has something within them. */
    private static final double LEAST_MM = 5;

    /**
     * The room of a page.
     *
     * @param gutterMm clear on the inner side, if that is more than the margin
     * @param drawn how far the ink reaches, as drawn
     * @param stripMm height of what stands at the foot
     * @param innerLeft whether the book's inner side is the left one
     */
    public static PageRoom of(
            Goods goods, double gutterMm, Extent drawn, double stripMm, boolean innerLeft) {
        double margin = goods.edges().safeMm();
        double gutter = Math.max(margin, gutterMm);
        double sides = margin + gutter;
        double feet = 2 * margin + (stripMm > 0 ? stripMm + APART_MM : 0);
        Sizing sizing = goods.sizing();
        double factor = 1;
        double width = sizing.widthMm();
        double height = sizing.heightMm();
        boolean empty = !(drawn.widthMm() > 0 && drawn.heightMm() > 0);
        if (sizing.fit() == Sizing.Fit.PAGE) {
            if (!empty) {
                factor =
                        Math.min(
                                Math.max(LEAST_MM, width - sides) / drawn.widthMm(),
                                Math.max(LEAST_MM, height - feet) / drawn.heightMm());
            }
        } else {
            if (!empty && sizing.fit() == Sizing.Fit.WIDTH) {
                factor = sizing.widthMm() / drawn.widthMm();
            } else if (!empty && sizing.fit() == Sizing.Fit.HEIGHT) {
                factor = sizing.heightMm() / drawn.heightMm();
            }
            width = factor * drawn.widthMm() + sides;
            height = factor * drawn.heightMm() + feet;
        }
        double left = innerLeft ? gutter : margin;
        double right = Math.max(left + LEAST_MM, width - (innerLeft ? margin : gutter));
        double bottom = Math.max(margin + LEAST_MM, height - margin);
        return new PageRoom(
                width,
                height,
                new Envelope(left, right, margin, bottom),
                new Envelope(left, right, bottom - stripMm, bottom),
                factor);
    }

    /** Where the drawing goes: above the strip, in its middle. */
    public Envelope art() {
        double foot = strip.getHeight() > 0 ? strip.getMinY() - APART_MM : inner.getMaxY();
        return new Envelope(inner.getMinX(), inner.getMaxX(), inner.getMinY(), foot);
    }

    /** From the drawing's page to this one: the ink in the middle of its room. */
    public AffineTransformation onPage(Extent drawn) {
        double middleX = (drawn.left() + drawn.right()) / 2;
        double middleY = (drawn.top() + drawn.bottom()) / 2;
        AffineTransformation onPage = AffineTransformation.translationInstance(-middleX, -middleY);
        onPage.scale(factor, factor);
        onPage.translate(art().centre().x, art().centre().y);
        return onPage;
    }
}
