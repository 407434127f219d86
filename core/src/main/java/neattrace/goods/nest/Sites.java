package neattrace.goods.nest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;

/**
 * Middles for pieces so that all share the room alike, each by its size: centroidal Voronoi sites
 * with additive weights (S. P. Lloyd, "Least squares quantization in PCM", IEEE Trans. Information
 * Theory 28, 1982; Q. Du, V. Faber, M. Gunzburger, "Centroidal Voronoi tessellations", SIAM Review
 * 41, 1999).
 */
final class Sites {

    private static final int CELLS = 2500;
    private static final int ROUNDS = 40;

    private final double[] cellX;
    private final double[] cellY;
    private final List<NestPiece> pieces;
    private final Laid[] sites;

    private Sites(List<NestPiece> pieces, List<Laid> pinned, NestSheet sheet, Random random) {
        this.pieces = pieces;
        this.sites = new Laid[pieces.size()];
        List<Coordinate> cells = cells(sheet);
        cellX = cells.stream().mapToDouble(Coordinate::getX).toArray();
        cellY = cells.stream().mapToDouble(Coordinate::getY).toArray();
        pinned.forEach(one -> sites[one.piece()] = one);
        for (int i = 0; i < sites.length && !cells.isEmpty(); i++) {
            if (sites[i] == null) {
                Coordinate at = cells.get(random.nextInt(cells.size()));
                sites[i] = new Laid(i, at.x, at.y, 0, false);
            }
        }
    }

    /** Where pieces may lie, upright and whatever lies near; empty if there is no room at all. */
    static List<Laid> of(
            List<NestPiece> pieces, List<Laid> pinned, NestSheet sheet, Random random) {
        Sites sites = new Sites(pieces, pinned, sheet, random);
        if (sites.cellX.length == 0) {
            return List.of();
        }
        for (int round = 0; round < ROUNDS; round++) {
            sites.relax();
        }
        return new ArrayList<>(Arrays.asList(sites.sites));
    }

    private static List<Coordinate> cells(NestSheet sheet) {
        Geometry room = sheet.inside();
        for (Geometry kept : sheet.kept()) {
            room = room.difference(kept);
        }
        List<Coordinate> cells = new ArrayList<>();
        if (room.isEmpty()) {
            return cells;
        }
        Envelope box = room.getEnvelopeInternal();
        double step = Math.sqrt(box.getArea() / CELLS);
        IndexedPointInAreaLocator locator = new IndexedPointInAreaLocator(room);
        for (double y = box.getMinY() + step / 2; y < box.getMaxY(); y += step) {
            for (double x = box.getMinX() + step / 2; x < box.getMaxX(); x += step) {
                Coordinate at = new Coordinate(x, y);
                if (locator.locate(at) != Location.EXTERIOR) {
                    cells.add(at);
                }
            }
        }
        return cells;
    }

    /** Each site that is not pinned goes to the middle of what is nearest to it. */
    private void relax() {
        int n = sites.length;
        double[] radius = new double[n];
        for (int i = 0; i < n; i++) {
            radius[i] = Math.sqrt(pieces.get(i).shape().getArea() / Math.PI);
        }
        double[] sumX = new double[n];
        double[] sumY = new double[n];
        int[] count = new int[n];
        for (int k = 0; k < cellX.length; k++) {
            int best = 0;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < n; i++) {
                double way =
                        Math.hypot(cellX[k] - sites[i].xMm(), cellY[k] - sites[i].yMm())
                                - radius[i];
                if (way < least) {
                    least = way;
                    best = i;
                }
            }
            sumX[best] += cellX[k];
            sumY[best] += cellY[k];
            count[best]++;
        }
        for (int i = 0; i < n; i++) {
            if (!sites[i].pinned() && count[i] > 0) {
                sites[i] = sites[i].at(sumX[i] / count[i], sumY[i] / count[i]);
            }
        }
    }
}
