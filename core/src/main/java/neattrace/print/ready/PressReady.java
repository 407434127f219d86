package neattrace.print.ready;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neattrace.geom.Point;
import neattrace.goods.Goods;
import neattrace.job.PressSection;
import neattrace.press.BlackRule;
import neattrace.press.Cmyk;
import neattrace.press.InkLook;
import neattrace.press.Tints;
import neattrace.press.black.BlackShapes;
import neattrace.press.trap.Inked;
import neattrace.press.trap.Trap;
import neattrace.press.trap.TrapMaker;
import neattrace.press.trap.Trapping;
import neattrace.print.PrintLayer;
import neattrace.print.PrintLayer.Kind;
import neattrace.print.PrintObject;
import neattrace.print.PrintPlan;
import neattrace.print.PrintShape;
import neattrace.print.Shapes;
import neattrace.stage.Progress;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** Makes a plan ready for the press. */
public final class PressReady {

    /** Chords lie no farther from curves, mm. */
    private static final double FINE_MM = 0.003;

    /** A place this near to a trap means it, mm. */
    private static final double NEAR_MM = 1.5;

    private static final Tints SOLID = Tints.of(BlackRule.K_ONLY.over());

    private final PrintPlan plan;
    private final PressTerms terms;
    private final InkLook look;
    private final Map<Tints, Tints> lightened = new HashMap<>();

    private PressReady(PrintPlan plan, PressTerms terms) {
        this.plan = plan;
        this.terms = terms;
        this.look = new InkLook(plan.press());
    }

    /**
     * Makes a plan ready.
     *
     * @param plan at its final size; what lay beneath its black is decided anew
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static ReadyPlan of(PrintPlan plan, PressTerms terms, Progress progress) {
        return new PressReady(plan, terms).ready(progress);
    }

    /**
     * A plan of goods as printers get it, by what a job says of the press and its goods ask for.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static PrintPlan of(PrintPlan plan, PressSection press, Goods goods, Progress progress) {
        PressTerms terms = PressTerms.of(press, goods.printing(), goods.ground());
        return of(plan, terms, progress).plan();
    }

    private ReadyPlan ready(Progress progress) {
        progress.report("Keeping the ink limit", 0);
        List<PrintLayer> layers =
                plan.layers().stream()
                        .filter(layer -> layer.kind() != Kind.UNDER_BLACK)
                        .filter(layer -> layer.kind() != Kind.RUN_ON)
                        .filter(layer -> layer.kind() != Kind.TRAP)
                        .map(this::prepared)
                        .toList();
        List<Inked> colours = new ArrayList<>();
        List<Polygon> black = new ArrayList<>();
        layers.forEach(layer -> sort(layer, colours, black));
        progress.report("Making traps", 0.2);
        Trapping trapping = TrapMaker.of(colours, black, terms.trap(), look);
        progress.report("Laying colour beneath the black", 0.7);
        Geometry underlay =
                isSpotJob(colours)
                        ? new GeometryFactory().createMultiPolygon()
                        : BlackShapes.underlay(black, terms.black(), terms.choices());
        Set<Trap> off = off(trapping.traps());
        List<Inked> strips = strips(trapping, off);
        List<Inked> white =
                terms.underbase()
                        .map(one -> one.of(with(trapping.runOn(), colours, strips), black, look))
                        .orElse(List.of());
        progress.report("Ready for the press", 1);
        return new ReadyPlan(
                plan.with(arranged(layers, trapping, strips, white, underlay)),
                trapping.traps(),
                List.copyOf(off),
                underlay,
                lightened);
    }

    /**
     * Whether all colours are inks of their own. Three more screens for what lies beneath black
     * nobody wants to pay.
     */
    private static boolean isSpotJob(List<Inked> colours) {
        boolean spots = false;
        for (Inked one : colours) {
            Cmyk process = one.tints().process();
            if (process.total() > process.k()) {
                return false;
            }
            spots |= one.tints().total() > process.total();
        }
        return spots;
    }

    /** A layer whose black prints over everything, and whose inks keep the limit. */
    private PrintLayer prepared(PrintLayer layer) {
        if (!layer.prints() || layer.kind() == Kind.UNDERBASE) {
            return layer;
        }
        boolean over =
                terms.linesOver() && (layer.kind() == Kind.LINES || layer.kind() == Kind.STROKES);
        // Black flats lie beside colours, not over them, and are trapped like any other.
        boolean flat = layer.kind() == Kind.FLAT;
        return layer.with(
                layer.objects().stream().map(one -> prepared(one, over, flat)).toList(),
                layer.areas());
    }

    /** Lines that would be too much ink over the heaviest colour knock it out all the same. */
    private boolean holdsOver(Tints line) {
        double heaviest =
                plan.of(Kind.FLAT).stream()
                        .flatMap(layer -> layer.objects().stream())
                        .mapToDouble(object -> object.tints().total())
                        .max()
                        .orElse(0);
        return terms.inkLimit() == 0 || line.total() + heaviest <= terms.inkLimit();
    }

    private PrintObject prepared(PrintObject object, boolean over, boolean flat) {
        if (object.shape() instanceof PrintShape.Photo) {
            return object;
        }
        Tints own = lightened(object.tints());
        Tints tints = terms.underbase().map(one -> one.highlight(own, look)).orElse(own);
        boolean black = !flat && tints.isSameInk(SOLID);
        return new PrintObject(
                object.name(),
                object.shape(),
                tints,
                object.overprint() || black || over && holdsOver(tints),
                object.trapMm());
    }

    private Tints lightened(Tints tints) {
        double limit = terms.inkLimit();
        if (limit == 0 || tints.total() <= limit) {
            return tints;
        }
        return lightened.computeIfAbsent(
                tints,
                one -> {
                    Cmyk process = one.process();
                    double others = one.total() - process.total();
                    return one.withProcess(
                            plan.press().under(process, Math.max(0, limit - others)));
                });
    }

    private static void sort(PrintLayer layer, List<Inked> colours, List<Polygon> black) {
        if (!layer.prints() || layer.kind() == Kind.UNDERBASE) {
            return;
        }
        boolean lines = layer.kind() == Kind.LINES || layer.kind() == Kind.STROKES;
        for (PrintObject object : layer.objects()) {
            if (object.shape() instanceof PrintShape.Photo
                    || object.shape() instanceof PrintShape.Bitmap) {
                continue;
            }
            if (!object.overprint()) {
                for (Polygon one : Shapes.toPolygons(object.shape(), FINE_MM)) {
                    colours.add(new Inked(one, object.tints()));
                }
            } else if (lines && object.tints().isSameInk(SOLID)) {
                black.addAll(Shapes.toPolygons(object.shape(), FINE_MM));
            }
        }
    }

    private Set<Trap> off(List<Trap> traps) {
        Set<Trap> off = new HashSet<>();
        for (Point place : terms.untrapped()) {
            nearest(traps, place)
                    .ifPresent(
                            there ->
                                    // Colours of one lightness have a strip on either side.
                                    traps.stream()
                                            .filter(one -> one.seam() == there.seam())
                                            .forEach(off::add));
        }
        return off;
    }

    /** The trap that a place beside a seam means; empty if none is near. */
    static Optional<Trap> nearest(List<Trap> traps, Point place) {
        Geometry point = new GeometryFactory().createPoint(new Coordinate(place.x(), place.y()));
        Trap nearest = null;
        double best = NEAR_MM;
        for (Trap trap : traps) {
            double distance = IndexedFacetDistance.distance(trap.seam(), point);
            if (distance < best) {
                best = distance;
                nearest = trap;
            }
        }
        return Optional.ofNullable(nearest);
    }

    /** Beneath the flats what runs on, over all colours the traps, then black upon its colours. */
    private List<PrintLayer> arranged(
            List<PrintLayer> layers,
            Trapping trapping,
            List<Inked> strips,
            List<Inked> white,
            Geometry underlay) {
        List<PrintLayer> lower = new ArrayList<>();
        List<PrintLayer> upper = new ArrayList<>();
        for (PrintLayer layer : layers) {
            boolean over =
                    !layer.objects().isEmpty()
                            && layer.objects().stream().allMatch(PrintObject::overprint);
            (over || !layer.prints() ? upper : lower).add(layer);
        }
        List<PrintLayer> all = new ArrayList<>();
        int flats = 0;
        while (flats < lower.size() && !isArt(lower.get(flats))) {
            all.add(lower.get(flats++));
        }
        layer("Running on beneath lines", Kind.RUN_ON, trapping.runOn(), all);
        all.addAll(lower.subList(flats, lower.size()));
        layer("Traps", Kind.TRAP, strips, all);
        layer("White beneath", Kind.TRAP, white, all);
        layer("Less ink under the black", Kind.UNDER_BLACK, trapping.lightened(), all);
        if (!underlay.isEmpty()) {
            Cmyk build = terms.black().underlay();
            double room = terms.inkLimit() == 0 ? 400 : Math.max(0, terms.inkLimit() - 100);
            Cmyk laid = build.limitedTo(room);
            layer(
                    "Under the black " + laid,
                    Kind.UNDER_BLACK,
                    List.of(new Inked(underlay, Tints.of(laid))),
                    all);
        }
        all.addAll(upper);
        return all;
    }

    /** What is laid in the traps that are not switched off. */
    private List<Inked> strips(Trapping trapping, Set<Trap> off) {
        if (off.isEmpty()) {
            return trapping.strips();
        }
        return TrapMaker.laid(
                trapping.traps().stream().filter(trap -> !off.contains(trap)).toList(),
                terms.inkLimit());
    }

    /** All colours as they come to lie. */
    private static List<Inked> with(List<Inked> runOn, List<Inked> colours, List<Inked> strips) {
        return Stream.of(runOn, colours, strips).flatMap(List::stream).toList();
    }

    private static boolean isArt(PrintLayer layer) {
        return switch (layer.kind()) {
            case UNDERBASE, GROUND, UNDERLAY, BLEED -> false;
            default -> true;
        };
    }

    private void layer(String name, Kind kind, List<Inked> shapes, List<PrintLayer> all) {
        if (shapes.isEmpty()) {
            return;
        }
        all.add(
                new PrintLayer(
                        name,
                        kind,
                        look.screen(shapes.get(0).tints()),
                        "",
                        shapes.stream()
                                .map(
                                        one ->
                                                PrintObject.of(
                                                        new PrintShape.Filled(one.shape()),
                                                        one.tints()))
                                .toList(),
                        List.of()));
    }
}
