package neattrace.flat.rough;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** The cracks along which colours change, as chains from one meeting of cracks to the next. */
final class EdgeChains {

    /** Steps smaller than this are straightened, px. */
    private static final double TOLERANCE_PX = 0.8;

    /** East, south, west, north. */
    private static final int[] DX = {1, 0, -1, 0};

    private static final int[] DY = {0, 1, 0, -1};

    private final int columns;

    /** For each pixel corner a bit for every direction in which a crack leads on. */
    private final byte[] ways;

    private EdgeChains(int columns, int rows) {
        this.columns = columns;
        this.ways = new byte[columns * rows];
    }

    /** All chains, px; a closed one ends where it starts. */
    static List<Coordinate[]> of(ColourField field, int width, int height) {
        EdgeChains chains = new EdgeChains(width + 1, height + 1);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (x + 1 < width && field.changes(i, i + 1)) {
                    chains.crack(x + 1, y, 1);
                }
                if (y + 1 < height && field.changes(i, i + width)) {
                    chains.crack(x, y + 1, 0);
                }
            }
        }
        return chains.follow();
    }

    private void crack(int x, int y, int way) {
        int from = y * columns + x;
        ways[from] |= (byte) (1 << way);
        ways[next(from, way)] |= (byte) (1 << (way + 2) % 4);
    }

    private int next(int corner, int way) {
        return corner + DY[way] * columns + DX[way];
    }

    private int count(int corner) {
        return Integer.bitCount(ways[corner]);
    }

    private List<Coordinate[]> follow() {
        List<Coordinate[]> chains = new ArrayList<>();
        for (int corner = 0; corner < ways.length; corner++) {
            if (count(corner) != 2) {
                while (ways[corner] != 0) {
                    chains.add(chain(corner));
                }
            }
        }
        // What is left are closed chains.
        for (int corner = 0; corner < ways.length; corner++) {
            if (ways[corner] != 0) {
                chains.add(chain(corner));
            }
        }
        return chains;
    }

    /** Takes cracks from a corner on, up to where more or fewer than two meet, or back to it. */
    private Coordinate[] chain(int start) {
        List<Coordinate> places = new ArrayList<>();
        places.add(place(start));
        int at = start;
        boolean goesOn = true;
        while (goesOn) {
            int way = Integer.numberOfTrailingZeros(ways[at]);
            int next = next(at, way);
            // Where chains meet more than two led on before this one took its own.
            boolean meeting = count(next) != 2;
            ways[at] &= (byte) ~(1 << way);
            ways[next] &= (byte) ~(1 << (way + 2) % 4);
            places.add(place(next));
            at = next;
            goesOn = at != start && !meeting;
        }
        LineString line = new GeometryFactory().createLineString(places.toArray(Coordinate[]::new));
        return DouglasPeuckerSimplifier.simplify(line, TOLERANCE_PX).getCoordinates();
    }

    private Coordinate place(int corner) {
        return new Coordinate(corner % columns, corner / columns);
    }
}
