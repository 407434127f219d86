package neattrace.trace.fit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A contour cut at its corners, straight runs and arcs, to be fitted part by part in any order. */
final class LoopPlan {

    private final double[] contour;
    private final double maxErrorPx;

    /** All of the loop, where it is a circle; empty otherwise. */
    private final List<Piece> circle;

    private final List<Section> sections;
    private final List<List<Piece>> fitted;

    private LoopPlan(
            double[] contour, double maxErrorPx, List<Piece> circle, List<Section> sections) {
        this.contour = contour;
        this.maxErrorPx = maxErrorPx;
        this.circle = circle;
        this.sections = sections;
        this.fitted = new ArrayList<>(Collections.nCopies(sections.size(), null));
    }

    static LoopPlan of(double[] contour, double maxErrorPx) {
        Samples samples = Samples.along(contour, LoopFitter.STEP_PX);
        List<Corner> corners =
                CornerSettler.settle(samples, CornerFinder.find(samples), maxErrorPx);
        if (corners.isEmpty()) {
            List<Piece> circle = CircleFinder.find(samples);
            List<Section> ring =
                    circle.isEmpty() ? SectionCutter.ringParts(samples, maxErrorPx) : List.of();
            return new LoopPlan(contour, maxErrorPx, circle, ring);
        }
        List<Section> sections = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Corner to = corners.get((i + 1) % corners.size());
            sections.addAll(
                    SectionCutter.parts(Sections.between(samples, corners.get(i), to), maxErrorPx));
        }
        return new LoopPlan(contour, maxErrorPx, List.of(), sections);
    }

    /** Number of parts. */
    int size() {
        return sections.size();
    }

    /** Number of samples of a part: what it takes goes with it. */
    int samples(int part) {
        return sections.get(part).last();
    }

    /** Fits a part. Others may be fitted at the same time. */
    void fit(int part) {
        fitted.set(part, SectionFitter.fit(sections.get(part), maxErrorPx));
    }

    /** The loop, once all parts are fitted; a polygon if it has collapsed. */
    FittedLoop loop() {
        List<Piece> pieces = new ArrayList<>(circle);
        fitted.forEach(pieces::addAll);
        FittedLoop loop = FittedLoop.of(pieces);
        return LoopFitter.isWhole(loop.loop(), contour) ? loop : FittedLoop.polygon(contour);
    }
}
