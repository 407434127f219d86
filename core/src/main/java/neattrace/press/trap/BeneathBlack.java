package neattrace.press.trap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neattrace.press.Colorant;
import neattrace.press.Tints;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What colours do beneath black that prints over them. */
final class BeneathBlack {

    private static final int QUADRANT = 6;

    private final VisibleInks visible;
    private final Geometry black;
    private final Geometry core;
    private final TrapRule rule;

    /**
     * What lies beneath black.
     *
     * @param core of the black, as far from its edge as plates may lie off
     */
    BeneathBlack(VisibleInks visible, Geometry black, Geometry core, TrapRule rule) {
        this.visible = visible;
        this.black = black;
        this.core = core;
        this.rule = rule;
    }

    /**
     * Colours that end beneath black nearer to its edge than plates may lie off run on to the far
     * edge, or as far as need be; never beyond the black.
     */
    List<Inked> runOn(List<Seam> seams) {
        double reach = rule.registerMm();
        if (reach == 0 || black.isEmpty()) {
            return List.of();
        }
        return seams.parallelStream()
                .filter(seam -> seam.second() == VisibleInks.BARE)
                .flatMap(seam -> runOn(seam, reach).stream())
                .toList();
    }

    private Optional<Inked> runOn(Seam seam, double reach) {
        Geometry near = TrapMaker.without(seam.lines(), core);
        Geometry ends = overlay(near, black, OverlayNG.INTERSECTION);
        if (ends.isEmpty()) {
            return Optional.empty();
        }
        Geometry own =
                overlay(
                        visible.united(seam.first()),
                        ends.buffer(2 * reach, QUADRANT),
                        OverlayNG.INTERSECTION);
        Geometry seen = overlay(own, black, OverlayNG.DIFFERENCE);
        Geometry reached = seen.buffer(reach + TrapRule.HAIR_MM, QUADRANT);
        Geometry run = overlay(reached, black, OverlayNG.INTERSECTION);
        return run.isEmpty()
                ? Optional.empty()
                : Optional.of(new Inked(run, visible.tints().get(seam.first())));
    }

    /**
     * Colours and traps that would be too much ink with solid black over them.
     *
     * @param strips what lies in traps
     */
    List<Inked> lightened(List<Inked> strips, List<Inked> runOn) {
        if (rule.inkLimit() == 0 || black.isEmpty()) {
            return List.of();
        }
        List<Inked> all = new ArrayList<>(runOn);
        IntStream.range(0, visible.tints().size())
                .filter(i -> isTooMuch(visible.tints().get(i)))
                .mapToObj(i -> new Inked(visible.united(i), visible.tints().get(i)))
                .forEach(all::add);
        all.addAll(strips);
        all.removeIf(one -> !isTooMuch(one.tints()));
        if (all.isEmpty()) {
            return List.of();
        }
        // Chords do not quite reach the curves they stand for, nor faces their neighbours.
        Geometry covered = black.buffer(TrapRule.HAIR_MM, QUADRANT);
        return all.parallelStream()
                .map(
                        one ->
                                new Inked(
                                        overlay(
                                                one.shape().buffer(TrapRule.HAIR_MM, QUADRANT),
                                                covered,
                                                OverlayNG.INTERSECTION),
                                        less(one.tints())))
                .filter(one -> !one.shape().isEmpty())
                .toList();
    }

    private boolean isTooMuch(Tints tints) {
        return tints.with(Colorant.BLACK, 100).total() > rule.inkLimit();
    }

    private Tints less(Tints tints) {
        return LessInk.of(tints.with(Colorant.BLACK, 0), Math.max(0, rule.inkLimit() - 100));
    }

    private static Geometry overlay(Geometry one, Geometry other, int how) {
        return OverlayNGRobust.overlay(one, other, how);
    }
}
