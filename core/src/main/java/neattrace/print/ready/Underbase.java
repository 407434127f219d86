package neattrace.print.ready;

import java.util.ArrayList;
import java.util.List;
import neattrace.goods.Ground;
import neattrace.press.Colorant;
import neattrace.press.InkLook;
import neattrace.press.Lab;
import neattrace.press.Rgb;
import neattrace.press.Tints;
import neattrace.press.black.BlackShapes;
import neattrace.press.trap.Inked;
import neattrace.press.trap.TrapMaker;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * White beneath inks that dark cloth would swallow. It is choked, so that none of it shows beside
 * them when it lies off; what is white in the drawing is printed by it alone.
 *
 * @param cloth its colour
 * @param chokeMm how far it stays back from the edges of what it carries
 */
public record Underbase(Rgb cloth, double chokeMm) {

    /** Cloth is dark from here on down, L* (common practice, no source). */
    public static final double DARK = 55;

    private static final int QUADRANT = 6;
    private static final double WHITE_L = 93;
    private static final double WHITE_CHROMA = 6;

    /** Whether cloth of a colour wants white beneath. */
    public static boolean isWanted(Rgb cloth) {
        return cloth.toLabD50().l() < DARK;
    }

    /** Whether a ground wants white beneath: dark cloth does. */
    public static boolean isWanted(Ground ground) {
        return ground.material() == Ground.Material.CLOTH && isWanted(ground.colour());
    }

    /** White alone for what is white in the drawing; other tints as they are. */
    Tints highlight(Tints tints, InkLook look) {
        Lab seen = look.of(tints);
        boolean white = seen.l() > WHITE_L && seen.chroma() < WHITE_CHROMA;
        return white && tints.total() > 0 ? Tints.full(Colorant.WHITE) : tints;
    }

    /**
     * The parts of colours that have white beneath them, with it.
     *
     * @param colours as they are laid down, lowest first
     * @param black that prints over them, and carries no white but near its edge
     */
    List<Inked> of(List<Inked> colours, List<Polygon> black, InkLook look) {
        double ground = cloth.toLabD50().l();
        List<Inked> light =
                TrapMaker.visible(colours).stream()
                        .filter(one -> one.tints().of(Colorant.WHITE) == 0)
                        .filter(one -> look.of(one.tints()).l() > ground)
                        .toList();
        if (light.isEmpty()) {
            return List.of();
        }
        List<Geometry> shapes = new ArrayList<>();
        light.forEach(one -> shapes.add(one.shape()));
        Geometry base =
                OverlayNGRobust.union(shapes)
                        .buffer(-chokeMm, QUADRANT, BufferParameters.CAP_ROUND);
        Geometry beneathBlack = BlackShapes.core(black, chokeMm);
        Geometry white =
                beneathBlack.isEmpty()
                        ? base
                        : OverlayNGRobust.overlay(base, beneathBlack, OverlayNG.DIFFERENCE);
        return light.parallelStream()
                .map(
                        one ->
                                new Inked(
                                        OverlayNGRobust.overlay(
                                                one.shape(), white, OverlayNG.INTERSECTION),
                                        one.tints().with(Colorant.WHITE, 100)))
                .filter(one -> !one.shape().isEmpty())
                .toList();
    }
}
