package neattrace.press.trap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neattrace.press.InkLook;
import neattrace.press.Tints;
import neattrace.press.black.BlackShapes;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Makes traps. They lie within the two colours that meet, so that no drawing's outside changes;
 * there are none where both share enough ink, and none where black covers the seam. Time grows with
 * the edges of all shapes times their logarithm.
 */
public final class TrapMaker {

    /** Segments in a quarter of the round ends of strips. */
    private static final int QUADRANT = 6;

    /** Strips of less are no strips, mm2. */
    private static final double NOTHING_MM2 = 1e-5;

    private final VisibleInks visible;
    private final Geometry black;
    private final TrapRule rule;
    private final InkLook look;

    private TrapMaker(VisibleInks visible, Geometry black, TrapRule rule, InkLook look) {
        this.visible = visible;
        this.black = black;
        this.rule = rule;
        this.look = look;
    }

    /**
     * The traps of shapes, and what else keeps paper from showing.
     *
     * @param shapes in their inks, lowest first; upper ones knock out lower ones
     * @param black pieces of solid black that print over all shapes, disjoint, mm
     * @param look what inks look like
     */
    public static Trapping of(
            List<Inked> shapes, List<Polygon> black, TrapRule rule, InkLook look) {
        if (shapes.isEmpty()) {
            return Trapping.NONE;
        }
        VisibleInks visible = VisibleInks.of(shapes);
        Geometry all = new GeometryFactory().createMultiPolygon(black.toArray(Polygon[]::new));
        Geometry core =
                BlackShapes.core(
                        black, Math.max(rule.registerMm(), rule.widestMm()) + TrapRule.HAIR_MM);
        List<Seam> seams = visible.seams();
        TrapMaker maker = new TrapMaker(visible, core, rule, look);
        List<Trap> traps =
                rule.widestMm() == 0
                        ? List.of()
                        : seams.parallelStream().flatMap(maker::traps).toList();
        BeneathBlack beneath = new BeneathBlack(visible, all, core, rule);
        List<Inked> runOn = beneath.runOn(seams);
        List<Inked> strips = laid(traps, rule.inkLimit());
        return new Trapping(traps, strips, runOn, beneath.lightened(strips, runOn));
    }

    /**
     * What lies in strips, also where several of them cross: of each ink the most of all.
     *
     * @param inkLimit percent; 0 for any
     */
    public static List<Inked> laid(List<Trap> traps, double inkLimit) {
        VisibleInks all =
                VisibleInks.together(
                        traps.stream().map(trap -> new Inked(trap.strip(), trap.tints())).toList());
        return IntStream.range(0, all.tints().size())
                .parallel()
                .mapToObj(i -> new Inked(all.united(i), limited(all.tints().get(i), inkLimit)))
                .filter(one -> !one.shape().isEmpty())
                .toList();
    }

    /** What is seen of shapes, each tint once. */
    public static List<Inked> visible(List<Inked> shapes) {
        VisibleInks visible = VisibleInks.of(shapes);
        return IntStream.range(0, visible.tints().size())
                .parallel()
                .mapToObj(i -> new Inked(visible.united(i), visible.tints().get(i)))
                .filter(one -> !one.shape().isEmpty())
                .toList();
    }

    private Stream<Trap> traps(Seam seam) {
        if (seam.second() == VisibleInks.BARE) {
            return Stream.empty();
        }
        Tints first = visible.tints().get(seam.first());
        Tints second = visible.tints().get(seam.second());
        double one = look.of(first).l();
        double other = look.of(second).l();
        double apart = hasSpot(first) || hasSpot(second) ? rule.spotMm() : rule.widthMm();
        if (apart == 0
                || first.total() == 0
                || second.total() == 0
                || shareEnough(first, second, one, other)) {
            return Stream.empty();
        }
        Geometry lines = without(seam.lines(), black);
        if (lines.isEmpty()) {
            return Stream.empty();
        }
        return parts(lines).stream().flatMap(part -> traps(seam, part, apart, one, other));
    }

    /** Each stretch by itself, so that it can be switched off by itself. */
    private static List<Geometry> parts(Geometry lines) {
        LineMerger merger = new LineMerger();
        merger.add(lines);
        List<Geometry> parts = new ArrayList<>();
        for (Object line : merger.getMergedLineStrings()) {
            parts.add((Geometry) line);
        }
        return parts;
    }

    private Stream<Trap> traps(Seam seam, Geometry lines, double apart, double one, double other) {
        double width = apart + TrapRule.HAIR_MM;
        List<Optional<Trap>> traps = new ArrayList<>();
        if (Math.abs(one - other) < TrapRule.EQUAL) {
            // Each edge needs its hair.
            double half = apart / 2 + TrapRule.HAIR_MM;
            traps.add(trap(seam, lines, seam.first(), half));
            traps.add(trap(seam, lines, seam.second(), half));
        } else {
            traps.add(trap(seam, lines, one < other ? seam.first() : seam.second(), width));
        }
        return traps.stream().flatMap(Optional::stream);
    }

    /** A strip within the darker of two colours. */
    private Optional<Trap> trap(Seam seam, Geometry lines, int within, double width) {
        Geometry strip =
                OverlayNGRobust.overlay(
                        lines.buffer(width, QUADRANT, BufferParameters.CAP_ROUND),
                        visible.united(within),
                        OverlayNG.INTERSECTION);
        if (strip.getArea() < NOTHING_MM2) {
            return Optional.empty();
        }
        // Edges of the map lie on its grid, those of what is printed beside it: over the gap.
        strip = strip.buffer(VisibleInks.GRID_MM, 1);
        Tints first = visible.tints().get(seam.first());
        Tints second = visible.tints().get(seam.second());
        return Optional.of(
                new Trap(
                        first, second, lines, strip, limited(first.most(second), rule.inkLimit())));
    }

    private static Tints limited(Tints tints, double inkLimit) {
        return inkLimit == 0 ? tints : LessInk.of(tints, inkLimit);
    }

    private boolean shareEnough(Tints first, Tints second, double one, double other) {
        Tints shared = first.shared(second);
        if (shared.total() < TrapRule.TOO_LITTLE) {
            return false;
        }
        return look.of(shared).l() <= Math.max(one, other) + TrapRule.ENOUGH;
    }

    private static boolean hasSpot(Tints tints) {
        return tints.total() > tints.process().total();
    }

    static Geometry without(Geometry lines, Geometry area) {
        return area.isEmpty() || !area.getEnvelopeInternal().intersects(lines.getEnvelopeInternal())
                ? lines
                : OverlayNGRobust.overlay(lines, area, OverlayNG.DIFFERENCE);
    }
}
