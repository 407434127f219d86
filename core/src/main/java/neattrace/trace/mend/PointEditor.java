package neattrace.trace.mend;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neattrace.geom.CubicLoop;
import neattrace.geom.Outline;
import neattrace.geom.Point;
import neattrace.trace.PointEdit;

/** Applies changes of single points. Each takes time linear in the outlines' points. */
public final class PointEditor {

    private PointEditor() {}

    /**
     * Outlines with points changed.
     *
     * @param outlines in mm
     * @param adrift changes whose point or curve is no longer there
     * @param changed loops that are not as they were, as they are now
     */
    public record Edited(List<Outline> outlines, List<PointEdit> adrift, List<CubicLoop> changed) {}

    /**
     * A point of an outline.
     *
     * @param outline which outline
     * @param loop 0 for its outer edge, then its holes
     * @param point which point
     */
    public record Place(int outline, int loop, int point) {}

    /**
     * Applies changes one after the other.
     *
     * @param outlines in mm
     * @param reachMm how far a point may lie from where it was
     */
    public static Edited apply(List<Outline> outlines, List<PointEdit> edits, double reachMm) {
        List<Outline> now = new ArrayList<>(outlines);
        List<PointEdit> adrift = new ArrayList<>();
        List<Place> touched = new ArrayList<>();
        for (PointEdit edit : edits) {
            Optional<Place> place =
                    edit instanceof PointEdit.Add
                            ? onCurve(now, edit.at(), reachMm)
                            : nearest(now, edit.at(), reachMm);
            if (place.isEmpty() || !put(now, place.get(), edit)) {
                adrift.add(edit);
            } else {
                touched.add(place.get());
            }
        }
        List<CubicLoop> changed =
                touched.stream()
                        .map(place -> new Place(place.outline, place.loop, 0))
                        .distinct()
                        .map(place -> loop(now.get(place.outline), place.loop))
                        .toList();
        return new Edited(List.copyOf(now), List.copyOf(adrift), changed);
    }

    /** A loop of an outline. */
    public static CubicLoop loop(Outline outline, int loop) {
        return loop == 0 ? outline.outer() : outline.holes().get(loop - 1);
    }

    /** The point nearest to a place, if one lies within reach. */
    public static Optional<Place> nearest(List<Outline> outlines, Point at, double reachMm) {
        Place best = null;
        double least = reachMm;
        for (int o = 0; o < outlines.size(); o++) {
            for (int l = 0; l <= outlines.get(o).holes().size(); l++) {
                CubicLoop loop = loop(outlines.get(o), l);
                for (int i = 0; i < loop.size(); i++) {
                    double away = loop.point(i).distance(at);
                    if (away <= least) {
                        least = away;
                        best = new Place(o, l, i);
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** The place on the curves nearest to a place, if one lies within reach. */
    public static Optional<Point> nearestOnCurve(List<Outline> outlines, Point at, double reachMm) {
        return onCurve(outlines, at, reachMm)
                .map(
                        place -> {
                            CubicLoop loop = loop(outlines.get(place.outline), place.loop);
                            int i = place.point;
                            return loop.at(i, LoopPoints.nearest(loop, i, at));
                        });
    }

    /** The curve nearest to a place, by its first point. */
    private static Optional<Place> onCurve(List<Outline> outlines, Point at, double reachMm) {
        Place best = null;
        double least = reachMm;
        for (int o = 0; o < outlines.size(); o++) {
            for (int l = 0; l <= outlines.get(o).holes().size(); l++) {
                CubicLoop loop = loop(outlines.get(o), l);
                if (!near(loop.bounds(), at, least)) {
                    continue;
                }
                for (int i = 0; i < loop.size(); i++) {
                    double away = loop.at(i, LoopPoints.nearest(loop, i, at)).distance(at);
                    if (away <= least) {
                        least = away;
                        best = new Place(o, l, i);
                    }
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private static boolean near(double[] box, Point at, double reach) {
        return at.x() > box[0] - reach
                && at.y() > box[1] - reach
                && at.x() < box[2] + reach
                && at.y() < box[3] + reach;
    }

    private static boolean put(List<Outline> outlines, Place place, PointEdit edit) {
        Outline outline = outlines.get(place.outline);
        CubicLoop loop = loop(outline, place.loop);
        CubicLoop next;
        if (edit instanceof PointEdit.Move move) {
            next = LoopPoints.moved(loop, place.point, move);
        } else if (edit instanceof PointEdit.Add) {
            next = LoopPoints.split(loop, place.point, edit.at());
        } else {
            if (loop.size() < 3) {
                return false;
            }
            next = LoopPoints.without(loop, place.point);
        }
        List<CubicLoop> holes = new ArrayList<>(outline.holes());
        if (place.loop > 0) {
            holes.set(place.loop - 1, next);
        }
        outlines.set(place.outline, new Outline(place.loop == 0 ? next : outline.outer(), holes));
        return true;
    }
}
