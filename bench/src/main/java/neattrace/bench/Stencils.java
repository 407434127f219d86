package neattrace.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import neattrace.goods.making.StencilRecipe;
import neattrace.goods.stencil.CutStencil;
import neattrace.goods.stencil.Tie;
import neattrace.goods.stencil.Web;
import neattrace.stage.Progress;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Cut stencils of an open set of drawings: whether the sheet stays one piece, whether each island
 * has two ties, and how much the ties take of the drawing, held against two straight ties for each
 * island, each as short as may be and the second on another side. Told by JTS from polygons, where
 * what makes stencils looks at pixels.
 */
public final class Stencils {

    private static final int DRAWINGS = 300;
    private static final int SIDE_PX = 1200;
    private static final double SHEET_MM = 210;
    private static final double RIM_MM = 25;
    private static final double WEB_MM = 2;
    private static final double ISLAND_MM2 = 1;
    private static final double NOTHING_MM2 = 1e-4;

    private Stencils() {}

    private record Result(
            String name,
            int islands,
            boolean one,
            long held,
            double ties,
            double straight,
            int hidden,
            double millis) {}

    /** Directory of drawings, anything, and optionally how many drawings. */
    public static void main(String[] arguments) throws IOException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        List<Result> results = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Path file = files.get((int) ((long) i * files.size() / count));
            Optional<VectorArt> art = VectorArt.read(file, SIDE_PX);
            art.ifPresent(one -> results.add(measured(file, placed(one.truth()))));
        }
        print(results);
    }

    private static Geometry placed(Geometry truth) {
        Envelope box = truth.getEnvelopeInternal();
        double scale = (SHEET_MM - 2 * RIM_MM) / Math.max(box.getWidth(), box.getHeight());
        AffineTransformation map =
                AffineTransformation.translationInstance(-box.centre().x, -box.centre().y);
        map.scale(scale, scale);
        map.translate(SHEET_MM / 2, SHEET_MM / 2);
        return map.transform(truth);
    }

    private static Result measured(Path file, Geometry ink) {
        long start = System.nanoTime();
        CutStencil stencil =
                CutStencil.of(
                        new Envelope(0, SHEET_MM, 0, SHEET_MM),
                        ink,
                        StencilRecipe.USUAL,
                        WEB_MM,
                        UnaryOperator.identity(),
                        Progress.SILENT);
        double millis = (System.nanoTime() - start) / 1e6;
        Geometry rest =
                OverlayNGRobust.overlay(stencil.sheet(), stencil.cut(), OverlayNG.DIFFERENCE);
        List<?> polygons = PolygonExtracter.getPolygons(rest);
        long pieces =
                polygons.stream().filter(one -> ((Polygon) one).getArea() > NOTHING_MM2).count();
        List<Polygon> before = before(stencil);
        List<Polygon> islands =
                before.subList(1, before.size()).stream()
                        .filter(one -> one.getArea() > ISLAND_MM2)
                        .toList();
        long held = islands.stream().filter(one -> ties(one, stencil) >= 2).count();
        double taken = stencil.away().getArea() - stencil.cut().getArea();
        double straight = 0;
        for (Polygon island : islands) {
            straight += StencilRecipe.USUAL.tieMm() * straight(island, before);
        }
        return new Result(
                file.getFileName().toString(),
                islands.size(),
                pieces == 1,
                held,
                taken,
                straight,
                hidden(rest, stencil.webs()),
                millis);
    }

    /** Pieces of the sheet without ties, that round everything first. */
    private static List<Polygon> before(CutStencil stencil) {
        Geometry rest =
                OverlayNGRobust.overlay(stencil.sheet(), stencil.away(), OverlayNG.DIFFERENCE);
        List<Polygon> pieces = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(rest)) {
            pieces.add((Polygon) one);
        }
        pieces.sort(Comparator.comparingDouble(one -> one.getEnvelopeInternal().getMinX()));
        return pieces;
    }

    private static long ties(Polygon island, CutStencil stencil) {
        return stencil.ties().stream().map(Tie::shape).filter(island::intersects).count();
    }

    /** How long the shortest straight tie is, and the shortest on another side. */
    private static double straight(Polygon island, List<Polygon> pieces) {
        Coordinate middle = island.getCentroid().getCoordinate();
        List<double[]> ways = new ArrayList<>();
        Coordinate[] rim = Densifier.densify(island.getExteriorRing(), 0.5).getCoordinates();
        for (Polygon piece : pieces) {
            double away = piece.getEnvelopeInternal().distance(island.getEnvelopeInternal());
            if (piece == island || away > 25) {
                continue;
            }
            IndexedFacetDistance edge = new IndexedFacetDistance(piece);
            for (Coordinate at : rim) {
                double length = edge.distance(island.getFactory().createPoint(at));
                ways.add(new double[] {length, Math.atan2(at.y - middle.y, at.x - middle.x)});
            }
        }
        ways.sort(Comparator.comparingDouble(way -> way[0]));
        double[] first = ways.get(0);
        for (double[] way : ways) {
            double turn = Math.abs(way[1] - first[1]);
            if (Math.min(turn, 2 * Math.PI - turn) >= Math.PI / 2) {
                return first[0] + way[0];
            }
        }
        return 2 * first[0];
    }

    /** Webs that an opening finds and that were not told. */
    private static int hidden(Geometry rest, List<Web> told) {
        double half = 0.95 * WEB_MM / 2;
        Geometry core = rest.buffer(-half, 12);
        Geometry lost =
                OverlayNGRobust.overlay(rest, core.buffer(1.02 * half, 12), OverlayNG.DIFFERENCE);
        int hidden = 0;
        for (Object each : PolygonExtracter.getPolygons(lost)) {
            Polygon one = (Polygon) each;
            // What touches what is wide enough at one place is a corner and holds nothing.
            boolean holds =
                    one.getArea() > 0.1
                            && core.buffer(1.03 * half, 12).intersection(one).getNumGeometries()
                                    > 1;
            boolean known =
                    told.stream()
                            .anyMatch(
                                    web ->
                                            one.distance(
                                                            one.getFactory()
                                                                    .createPoint(
                                                                            new Coordinate(
                                                                                    web.at().x(),
                                                                                    web.at().y())))
                                                    < WEB_MM);
            hidden += holds && !known ? 1 : 0;
        }
        return hidden;
    }

    private static void print(List<Result> results) {
        double ties = results.stream().mapToDouble(Result::ties).sum();
        double straight = results.stream().mapToDouble(Result::straight).sum();
        double[] ratio =
                results.stream()
                        .filter(one -> one.straight() > 0)
                        .mapToDouble(one -> one.ties() / one.straight())
                        .sorted()
                        .toArray();
        long islands = results.stream().mapToLong(Result::islands).sum();
        System.out.printf(
                Locale.ROOT,
                "%d drawings, %d islands; one piece %d; two ties %d of %d%n",
                results.size(),
                islands,
                results.stream().filter(Result::one).count(),
                results.stream().mapToLong(Result::held).sum(),
                islands);
        System.out.printf(
                Locale.ROOT,
                "ties %.3f of straight ones altogether; half of the drawings up to %.3f, 95 %% up to"
                        + " %.3f%n",
                ties / straight,
                ratio[ratio.length / 2],
                ratio[(int) (0.95 * ratio.length)]);
        System.out.printf(
                Locale.ROOT,
                "webs not told %d; %.0f ms each%n",
                results.stream().mapToInt(Result::hidden).sum(),
                results.stream().mapToDouble(Result::millis).average().orElse(0));
        results.stream()
                .filter(one -> !one.one() || one.held() < one.islands() || one.hidden() > 0)
                .limit(12)
                .forEach(System.out::println);
    }
}
