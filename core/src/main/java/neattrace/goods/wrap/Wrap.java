package neattrace.goods.wrap;

import java.util.ArrayList;
import java.util.List;
import neattrace.goods.Goods;
import neattrace.goods.making.Motif;
import neattrace.goods.making.WrapRecipe;
import neattrace.job.WantedGoods;
import neattrace.job.pipeline.Extent;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Drawings on a wrap.
 *
 * @param drawings that motifs are of, by their numbers
 * @param goods the wrap's size, and what stays clear at its ends
 * @param recipe the cup
 * @param motifs where they lie
 */
public record Wrap(List<WrapArt> drawings, Goods goods, WrapRecipe recipe, List<Motif> motifs) {

    /** Above and below a motif that is laid by itself, as a share of the wrap's height. */
    private static final double CLEAR = 0.08;

    /** What reaches farther by less is not seen. */
    private static final double SEEN_MM = 0.02;

    public Wrap {
        drawings = List.copyOf(drawings);
        motifs = List.copyOf(motifs);
    }

    /**
     * A wrap as its job says; where that says nothing, one drawing on both sides of the cup, or
     * several side by side.
     *
     * @param drawings at least one
     */
    public static Wrap of(List<WrapArt> drawings, WantedGoods wanted) {
        WrapRecipe recipe = wanted.making().wrap();
        List<Motif> kept =
                recipe.motifs().stream().filter(one -> one.drawing() < drawings.size()).toList();
        return new Wrap(
                drawings,
                wanted.goods(),
                recipe,
                kept.isEmpty() ? usual(drawings, wanted.goods(), recipe) : kept);
    }

    private static List<Motif> usual(List<WrapArt> drawings, Goods goods, WrapRecipe recipe) {
        double width = goods.sizing().widthMm();
        double height = goods.sizing().heightMm();
        double clear = goods.edges().safeMm();
        Cup cup = new Cup(width, recipe.diameterMm());
        int sides = Math.max(2, drawings.size());
        double room = Math.max(1, (width - 2 * clear) / sides);
        List<Motif> motifs = new ArrayList<>();
        for (int i = 0; i < sides; i++) {
            int drawing = drawings.size() == 1 ? 0 : i;
            Extent extent = drawings.get(drawing).extent();
            if (!(extent.widthMm() > 0)) {
                continue;
            }
            double wide =
                    Math.min(
                            Math.min(0.94 * room, cup.widestMm()),
                            height * (1 - 2 * CLEAR) * extent.widthMm() / extent.heightMm());
            double x = clear + room * (i + 0.5);
            if (drawings.size() == 1) {
                // Not so wide that who holds it sees only a part of it.
                double seen = width - clear - cup.facingMm(false) + cup.widestMm() / 2;
                wide = seen > 0 ? Math.min(wide, seen) : wide;
                // Each faces who holds the cup in one hand or the other, as far as there is room.
                double most = Math.max(width / 2, width - clear - wide / 2);
                x = Math.min(most, cup.facingMm(false));
                x = i == 0 ? width - x : x;
            }
            motifs.add(new Motif(drawing, x, height / 2, wide, 0, false));
        }
        return motifs;
    }

    /** The cup it goes round. */
    public Cup cup() {
        return new Cup(goods.sizing().widthMm(), recipe.diameterMm());
    }

    /** How many times as large as drawn a motif comes out. */
    double factor(Motif motif) {
        return motif.widthMm() / drawings.get(motif.drawing()).extent().widthMm();
    }

    /** From the page of a motif's drawing to the wrap, mm. */
    public AffineTransformation onWrap(Motif motif) {
        Extent extent = drawings.get(motif.drawing()).extent();
        double k = factor(motif);
        return new AffineTransformation()
                .translate(
                        -(extent.left() + extent.right()) / 2,
                        -(extent.top() + extent.bottom()) / 2)
                .scale(motif.mirrored() ? -k : k, k)
                .rotate(Math.toRadians(motif.turnDegrees()))
                .translate(motif.xMm(), motif.yMm());
    }

    /** The box round a motif's ink, mm on the wrap. */
    public Envelope box(Motif motif) {
        return onWrap(motif).transform(drawings.get(motif.drawing()).hull()).getEnvelopeInternal();
    }

    /** Whether a motif is cut off at the wrap's edges. */
    public boolean isCutOff(Motif motif) {
        Envelope box = box(motif);
        return box.getMinX() < -SEEN_MM
                || box.getMinY() < -SEEN_MM
                || box.getMaxX() > goods.sizing().widthMm() + SEEN_MM
                || box.getMaxY() > goods.sizing().heightMm() + SEEN_MM;
    }

    /** Whether a motif comes nearer to the handle than it should. */
    public boolean isAtHandle(Motif motif) {
        Envelope box = box(motif);
        double clear = goods.edges().safeMm() - SEEN_MM;
        return box.getMinX() < clear || box.getMaxX() > goods.sizing().widthMm() - clear;
    }

    /** A motif where the wrap has room for it, clear of the handle; smaller if it must be. */
    public Motif fitted(Motif motif) {
        double clear = goods.edges().safeMm();
        double width = goods.sizing().widthMm();
        double height = goods.sizing().heightMm();
        Envelope box = box(motif);
        double times =
                Math.min(
                        1,
                        Math.min(
                                Math.max(1, width - 2 * clear) / box.getWidth(),
                                height / box.getHeight()));
        double halfWide = times * box.getWidth() / 2;
        double halfHigh = times * box.getHeight() / 2;
        return motif.sized(times * motif.widthMm())
                .at(
                        within(motif.xMm(), clear + halfWide, width - clear - halfWide),
                        within(motif.yMm(), halfHigh, height - halfHigh));
    }

    private static double within(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    /** A motif no wider than one sees at once. */
    public Motif narrowed(Motif motif) {
        double times = Math.min(1, cup().widestMm() / box(motif).getWidth());
        return motif.sized(times * motif.widthMm());
    }

    /** A motif where who drinks sees it whole; smaller if it must be. */
    public Motif facing(Motif motif) {
        double clear = goods.edges().safeMm();
        double facing = cup().facingMm(recipe.leftHanded());
        double from = Math.max(clear, facing - cup().widestMm() / 2);
        double to = Math.min(goods.sizing().widthMm() - clear, facing + cup().widestMm() / 2);
        double times = Math.min(1, Math.max(1, to - from) / box(motif).getWidth());
        double half = times * box(motif).getWidth() / 2;
        return fitted(
                motif.sized(times * motif.widthMm())
                        .at(within(facing, from + half, to - half), motif.yMm()));
    }
}
