package neattrace.goods.cut;

import java.util.ArrayList;
import java.util.List;
import neattrace.geom.CubicLoop;
import neattrace.geom.OutlinePolygons;
import neattrace.trace.fit.RingFitter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * Draws cut lines round what is printed: nowhere nearer to it than the border less 0.05 mm, farther
 * only where a blade could not follow, a neck would tear or a hand has pulled; no curve tighter
 * than the least radius; not more than {@link #MOST_CURVES} for each 100 mm. Where a silhouette is
 * so full of nooks that an even border takes more, its nooks are rounded more than they must.
 *
 * <p>Cost: some buffers, which grow with the corners of the silhouette, and a fit of its rings; 50
 * ms for a drawing of 60 mm.
 */
public final class CutLine {

    /** So many for each 100 mm at most. */
    public static final double MOST_CURVES = 12;

    private static final int AT_A_TIME = 2;

    /** A ring as short as may be still takes so many. */
    private static final int FEWEST = 4;

    /** Curves may be so much tighter than asked for, share of the radius. */
    private static final double TIGHTER = 0.01;

    /** Fitted with so many units for each least radius. */
    private static final double UNITS = 5;

    private static final double STEP_UNITS = 0.25;

    private CutLine() {}

    /** The cuts of a silhouette, the largest first. */
    public static List<StickerCut> of(Geometry silhouette, CutRecipe recipe) {
        return of(silhouette, recipe, List.of());
    }

    /**
     * The cuts of a silhouette, the largest first.
     *
     * @param silhouette what is printed, mm, of {@link PrintedShape}; empty for nothing
     * @param pulls places pulled elsewhere by hand
     */
    public static List<StickerCut> of(Geometry silhouette, CutRecipe recipe, List<Pull> pulls) {
        if (silhouette.isEmpty()) {
            return List.of();
        }
        Geometry additions = BladeRules.additions(silhouette, recipe);
        List<Evenness> ways = List.of(Evenness.ALL);
        Attempt best = attempt(silhouette, recipe, additions, pulls, ways.get(0));
        // What is not even enough at once is tried several ways at a time.
        for (int i = 1; i < ways.size() && best.faults > 0; i += AT_A_TIME) {
            List<Evenness> some = ways.subList(i, Math.min(ways.size(), i + AT_A_TIME));
            List<Attempt> tried =
                    some.parallelStream()
                            .map(one -> attempt(silhouette, recipe, additions, pulls, one))
                            .toList();
            for (Attempt attempt : tried) {
                best = best.faults > 0 && attempt.faults < best.faults ? attempt : best;
            }
        }
        return best.cuts;
    }

    /** Cuts, and how many of their lines have too many curves, or one that is too tight. */
    private record Attempt(List<StickerCut> cuts, double faults) {}

    private static Attempt attempt(
            Geometry silhouette,
            CutRecipe recipe,
            Geometry additions,
            List<Pull> pulls,
            Evenness evenness) {
        double radius = evenness.radius(recipe);
        Geometry body =
                BladeRules.apply(silhouette, recipe, additions, evenness.outMm(recipe), radius);
        body = Pulling.apply(body, silhouette, pulls, radius);
        // Drawings may fall into thousands of pieces.
        List<StickerCut> cuts =
                BladeRules.pieces(body).parallelStream()
                        .map(piece -> cut(piece, recipe, evenness))
                        .toList();
        double faults = 0;
        for (StickerCut cut : cuts) {
            faults += cut.loops().mapToDouble(loop -> faults(loop, recipe)).sum();
        }
        return new Attempt(cuts, faults);
    }

    /** A line that is too tight weighs more than any number of curves. */
    private static double faults(CubicLoop loop, CutRecipe recipe) {
        double most = Math.max(FEWEST, MOST_CURVES * loop.length(0.1) / 100);
        boolean tight = leastRadius(loop) < (1 - TIGHTER) * recipe.radiusMm();
        return (tight ? 1000 : 0) + Math.max(0, loop.size() - most);
    }

    private static StickerCut cut(Polygon body, CutRecipe recipe, Evenness evenness) {
        GeometryFactory factory = body.getFactory();
        CubicLoop outside = fit(body.getExteriorRing(), recipe, evenness);
        List<CubicLoop> holes = new ArrayList<>();
        List<LinearRing> rings = new ArrayList<>();
        for (int i = 0; i < body.getNumInteriorRing(); i++) {
            CubicLoop hole = fit(body.getInteriorRingN(i), recipe, evenness);
            holes.add(hole);
            rings.add(OutlinePolygons.ring(hole, StickerCut.CHORD_MM));
        }
        Polygon area =
                factory.createPolygon(
                        OutlinePolygons.ring(outside, StickerCut.CHORD_MM),
                        rings.toArray(LinearRing[]::new));
        return new StickerCut(outside, holes, area);
    }

    private static CubicLoop fit(LineString ring, CutRecipe recipe, Evenness evenness) {
        double unit = Math.min(1, recipe.radiusMm()) / UNITS;
        SmoothRing smooth = SmoothRing.of(ring, STEP_UNITS * unit).blurred(evenness.blurMm(recipe));
        return RingFitter.fit(
                        smooth.scaled(1 / unit),
                        evenness.errorMm(recipe) / unit,
                        recipe.radiusMm() / unit)
                .scaled(unit);
    }

    /** The radius of a loop's curvature where it is bent most, mm. */
    static double leastRadius(CubicLoop loop) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < loop.size(); i++) {
            least = Math.min(least, loop.leastRadius(i));
        }
        return least;
    }
}
