package neattrace.trace.centre;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.InkMap;
import neattrace.stage.Progress;
import neattrace.trace.LineNet;
import neattrace.trace.SolidBlack;
import neattrace.trace.Tracer;

/**
 * Finds the lines of a drawing with their widths. Time is linear in pixels plus the length of the
 * lines times their width.
 */
public final class CentrelineFinder {

    /** Ink so many times as wide as the usual line is an area and no line. */
    private static final double SOLID = 3;

    /** No ink narrower than this is a solid area, px. */
    private static final double LEAST_SOLID_PX = 8;

    /** What is so many times as long as wide is a line, however wide. */
    private static final double LEAST_SLENDER = 4;

    /** Larger sheets are looked at in half the size: their lines are many pixels wide. */
    static final int MOST_PIXELS = 60_000_000;

    private final InkMap map;
    private final Skeleton skeleton;
    private final BranchGraph web;
    private final List<SolidBlack> solids = new ArrayList<>();

    private CentrelineFinder(InkMap map, Skeleton skeleton) {
        this.map = map;
        this.skeleton = skeleton;
        this.web = BranchGraph.of(skeleton);
    }

    /**
     * Finds them; none in more pieces of ink than {@link Tracer#MOST_PIECES}.
     *
     * @throws java.util.concurrent.CancellationException if {@code progress} says so
     */
    public static LineNet find(InkMap map, Progress progress) {
        if (Tracer.isNoise(map)) {
            return LineNet.EMPTY;
        }
        if (map.coverage().length > MOST_PIXELS) {
            return Halving.doubled(find(Halving.halved(map), progress));
        }
        Skeleton skeleton = Thinner.thin(map, progress.part(0, 0.7));
        progress.report("Measuring the lines", 0.7);
        return new CentrelineFinder(map, skeleton).net(progress.part(0.7, 1));
    }

    private LineNet net(Progress progress) {
        List<Branch> branches = web.branches();
        double solid = Math.max(LEAST_SOLID_PX, SOLID * usualRadius(branches));
        List<Branch> thin = new ArrayList<>();
        for (Branch branch : branches) {
            if (isLine(branch, solid)) {
                thin.add(branch);
            }
        }
        loneNodes();
        StrandMeasurer measurer = new StrandMeasurer(map, skeleton, web);
        List<Strand> strands = thin.parallelStream().map(measurer::measure).toList();
        progress.report("Measuring the lines", 0.7);
        return NetAssembler.net(map, web, strands, solids);
    }

    /** Half the width that half of all lines' length falls short of. */
    private double usualRadius(List<Branch> branches) {
        int total = branches.stream().mapToInt(branch -> branch.pixels.length).sum();
        double[] radii = new double[total];
        int k = 0;
        for (Branch branch : branches) {
            for (int pixel : branch.pixels) {
                radii[k++] = skeleton.radius(pixel);
            }
        }
        Arrays.sort(radii);
        return total == 0 ? 1 : radii[total / 2];
    }

    /** Ink as wide as it is long, or many times as wide as a line, is an area. */
    private boolean isLine(Branch branch, double solidRadius) {
        double most = 0;
        double sum = 0;
        for (int pixel : branch.pixels) {
            double radius = skeleton.radius(pixel);
            sum += radius;
            most = Math.max(most, radius);
        }
        double mean = sum / branch.pixels.length;
        boolean wide = mean > solidRadius && branch.pixels.length < 2 * LEAST_SLENDER * mean;
        boolean tips =
                !branch.isRing()
                        && web.branchesAt.get(branch.from).size() == 1
                        && web.branchesAt.get(branch.to).size() == 1;
        boolean dot = tips && branch.pixels.length < 2 * most;
        if (wide || dot) {
            solids.add(solid(branch.pixels));
        }
        return !wide && !dot;
    }

    private SolidBlack solid(int[] pixels) {
        double[] x = new double[pixels.length];
        double[] y = new double[pixels.length];
        double[] radius = new double[pixels.length];
        for (int i = 0; i < pixels.length; i++) {
            x[i] = pixels[i] % skeleton.width() + 0.5;
            y[i] = pixels[i] / skeleton.width() + 0.5;
            radius[i] = skeleton.radius(pixels[i]);
        }
        return new SolidBlack(x, y, radius);
    }

    /** Ink that shrank to a point is a dot. */
    private void loneNodes() {
        for (int node = 0; node < web.at.size(); node++) {
            if (web.branchesAt.get(node).isEmpty() && !web.isGone(node)) {
                double[] one = {web.radius.get(node)};
                Point at = web.at.get(node);
                solids.add(new SolidBlack(new double[] {at.x()}, new double[] {at.y()}, one));
            }
        }
    }
}
