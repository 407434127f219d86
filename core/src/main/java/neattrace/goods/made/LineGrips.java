package neattrace.goods.made;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import neattrace.geom.Point;
import neattrace.goods.making.TransferRecipe;
import neattrace.goods.transfer.StencilLine;
import neattrace.goods.transfer.Tiles;
import neattrace.goods.transfer.TransferStencil;
import neattrace.job.WantedGoods;

/** Lines of transfer stencils in hand: inner edges made bold, details taken out and back. */
final class LineGrips {

    private static final double FLAT_MM = 0.1;

    /** A place that was decided about lies no farther from its line, mm on the drawing's page. */
    private static final double SAME_MM = 1;

    private final TransferStencil stencil;
    private final Set<Integer> outside = new HashSet<>();

    LineGrips(TransferStencil stencil) {
        this.stencil = stencil;
        stencil.lines().stream()
                .filter(StencilLine::bold)
                .map(StencilLine::of)
                .forEach(outside::add);
    }

    /** Details first, as they want a decision; then all others, the longest first. */
    List<Grip> grips() {
        List<Grip> grips = new ArrayList<>();
        Set<Point> details = new HashSet<>(stencil.details());
        List<StencilLine> lines =
                new ArrayList<>(stencil.lines().stream().filter(line -> !line.bold()).toList());
        lines.sort(
                Comparator.comparing((StencilLine line) -> !details.contains(line.at()))
                        .thenComparing(
                                Comparator.comparingDouble(StencilLine::lengthMm).reversed()));
        for (StencilLine line : lines) {
            grip(line, details.contains(line.at())).ifPresent(grips::add);
        }
        return grips;
    }

    private Optional<Grip> grip(StencilLine line, boolean detail) {
        List<Point> way = new ArrayList<>();
        double[] xy = line.flatten(FLAT_MM / stencil.factor());
        for (int page = 0; page < stencil.tiles().count(); page++) {
            AffineTransform map = stencil.onSheet(page);
            Point at = map(map, line.at());
            Tiles tiles = stencil.tiles();
            if (!tiles.printed().contains(at.x(), at.y())) {
                continue;
            }
            for (int i = 0; i < xy.length; i += 2) {
                way.add(map(map, new Point(xy[i], xy[i + 1])));
            }
            return Optional.of(grip(line, detail, page, at, way));
        }
        return Optional.empty();
    }

    private Grip grip(StencilLine line, boolean detail, int page, Point at, List<Point> way) {
        boolean out = stencil.isDropped(line);
        boolean chosen = stencil.recipe().edges().stream().anyMatch(edge -> isOn(line, edge));
        String what = detail ? "Detail" : "Line";
        Grip grip =
                Grip.of(
                                page,
                                at,
                                way,
                                line.closed(),
                                String.format(
                                        Locale.ROOT,
                                        "%s, %.1f mm%s",
                                        what,
                                        stencil.factor() * line.lengthMm(),
                                        out ? ", taken out" : chosen ? ", bold by hand" : ""))
                        .looking(
                                out
                                        ? Grip.Look.POSSIBLE
                                        : detail ? Grip.Look.MARKED : Grip.Look.PLAIN)
                        .with(
                                Act.REMOVE,
                                out ? "Put it back" : "Take it out",
                                (goods, fine) -> transfer(goods, one -> dropped(one, line, out)));
        boolean inner = chosen || !outside.contains(line.of());
        return out || !inner
                ? grip
                : grip.with(
                        Act.SWITCH,
                        chosen ? "As thin as others" : "As bold as the outside",
                        (goods, fine) -> transfer(goods, one -> bold(one, line, chosen)));
    }

    private static Point map(AffineTransform map, Point at) {
        Point2D place = map.transform(new Point2D.Double(at.x(), at.y()), null);
        return new Point(place.getX(), place.getY());
    }

    private static boolean isOn(StencilLine line, Point at) {
        double[] xy = line.flatten(FLAT_MM);
        for (int i = 0; i < xy.length; i += 2) {
            if (Math.hypot(xy[i] - at.x(), xy[i + 1] - at.y()) < SAME_MM) {
                return true;
            }
        }
        return line.at().distance(at) < SAME_MM;
    }

    private static TransferRecipe dropped(TransferRecipe recipe, StencilLine line, boolean back) {
        List<Point> dropped = new ArrayList<>(recipe.dropped());
        if (back) {
            dropped.removeIf(at -> TransferStencil.isAt(line, at));
        } else {
            dropped.add(line.at());
        }
        return recipe.withDropped(dropped);
    }

    private static TransferRecipe bold(TransferRecipe recipe, StencilLine line, boolean thin) {
        List<Point> edges = new ArrayList<>(recipe.edges());
        if (thin) {
            edges.removeIf(at -> isOn(line, at));
        } else {
            edges.add(line.at());
        }
        return recipe.withEdges(edges);
    }

    private static WantedGoods transfer(WantedGoods goods, UnaryOperator<TransferRecipe> change) {
        return goods.withMaking(
                goods.making().withTransfer(change.apply(goods.making().transfer())));
    }
}
