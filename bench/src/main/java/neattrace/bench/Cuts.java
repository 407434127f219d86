package neattrace.bench;

import java.awt.geom.Line2D;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neattrace.geom.CubicLoop;
import neattrace.geom.Point;
import neattrace.goods.cut.CutLine;
import neattrace.goods.cut.CutRecipe;
import neattrace.goods.cut.StickerCut;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Cut lines round drawings of an open set: how near they come, how tight they turn, how many curves
 * they have. Measured by the JDK's distance of points from segments and by circles through three
 * points, not by what made them.
 */
public final class Cuts {

    private static final int DRAWINGS = 300;
    private static final int SIDE_PX = 600;
    private static final double WIDTH_MM = 60;

    private Cuts() {}

    private record Result(
            double nearest, double radius, double curves, boolean simple, double millis) {}

    /** Directory of drawings, anything, and optionally how many drawings. */
    public static void main(String[] arguments) throws IOException {
        int count = arguments.length > 2 ? Integer.parseInt(arguments[2]) : DRAWINGS;
        List<Path> files;
        try (Stream<Path> listed = Files.list(Path.of(arguments[0]))) {
            files = listed.filter(p -> p.toString().endsWith(".svg")).sorted().toList();
        }
        System.out.printf(
                Locale.ROOT,
                "%6s %6s %5s %9s %9s %9s %9s %7s %8s%n",
                "border",
                "radius",
                "n",
                "nearest",
                "tightest",
                "seg/100",
                "worst",
                "simple",
                "ms each");
        for (double[] values : new double[][] {{2.5, 1}, {4, 1}, {2, 0.5}, {3, 2}, {1, 1}}) {
            CutRecipe recipe = CutRecipe.USUAL.withBorderMm(values[0]).withRadiusMm(values[1]);
            List<Result> results = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                Path file = files.get((int) ((long) i * files.size() / count));
                Optional<VectorArt> art = VectorArt.read(file, SIDE_PX);
                art.ifPresent(one -> results.add(measured(silhouette(one.truth()), recipe)));
            }
            print(recipe, results);
        }
    }

    private static Geometry silhouette(Geometry truth) {
        double scale = WIDTH_MM / truth.getEnvelopeInternal().getWidth();
        List<Polygon> outer = new ArrayList<>();
        for (Object one : PolygonExtracter.getPolygons(truth)) {
            outer.add(truth.getFactory().createPolygon(((Polygon) one).getExteriorRing()));
        }
        Geometry union = OverlayNGRobust.union(truth.getFactory().buildGeometry(outer));
        return AffineTransformation.scaleInstance(scale, scale).transform(union);
    }

    private static Result measured(Geometry silhouette, CutRecipe recipe) {
        long start = System.nanoTime();
        List<StickerCut> cuts = CutLine.of(silhouette, recipe);
        double millis = (System.nanoTime() - start) / 1e6;
        double nearest = Double.MAX_VALUE;
        double radius = Double.MAX_VALUE;
        double most = 0;
        boolean simple = true;
        for (StickerCut cut : cuts) {
            for (CubicLoop loop : cut.loops().toList()) {
                nearest = Math.min(nearest, nearest(loop, silhouette));
                radius = Math.min(radius, radius(loop));
                double curves = 100 * loop.size() / loop.length(0.01);
                most = loop.size() > 4 ? Math.max(most, curves) : most;
            }
            simple &= cut.area().isValid();
        }
        return new Result(nearest, radius, most, simple, millis);
    }

    private static double nearest(CubicLoop loop, Geometry silhouette) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < loop.size(); i++) {
            for (int k = 0; k < 8; k++) {
                Point at = loop.at(i, k / 8.0);
                for (Object one : PolygonExtracter.getPolygons(silhouette)) {
                    Coordinate[] ring = ((Polygon) one).getExteriorRing().getCoordinates();
                    for (int j = 0; j + 1 < ring.length; j++) {
                        least =
                                Math.min(
                                        least,
                                        Line2D.ptSegDistSq(
                                                ring[j].x,
                                                ring[j].y,
                                                ring[j + 1].x,
                                                ring[j + 1].y,
                                                at.x(),
                                                at.y()));
                    }
                }
            }
        }
        return Math.sqrt(least);
    }

    private static double radius(CubicLoop loop) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i < loop.size(); i++) {
            for (int k = 1; k < 80; k++) {
                Point a = loop.at(i, (k - 0.9) / 80);
                Point b = loop.at(i, k / 80.0);
                Point c = loop.at(i, (k + 0.9) / 80);
                double twice = Math.abs(b.minus(a).cross(c.minus(a)));
                double sides = a.distance(b) * b.distance(c) * c.distance(a);
                least = twice > 1e-12 ? Math.min(least, sides / (2 * twice)) : least;
            }
        }
        return least;
    }

    private static void print(CutRecipe recipe, List<Result> results) {
        double[] curves = results.stream().mapToDouble(Result::curves).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%6.1f %6.1f %5d %9.3f %9.3f %9.1f %9.1f %3d/%-3d %8.0f%n",
                recipe.borderMm(),
                recipe.radiusMm(),
                results.size(),
                results.stream().mapToDouble(Result::nearest).min().orElse(0),
                results.stream().mapToDouble(Result::radius).min().orElse(0),
                curves[curves.length / 2],
                Arrays.stream(curves).max().orElse(0),
                results.stream().filter(Result::simple).count(),
                results.size(),
                results.stream().mapToDouble(Result::millis).average().orElse(0));
    }
}
