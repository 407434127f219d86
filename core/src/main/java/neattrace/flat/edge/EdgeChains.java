package neattrace.flat.edge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neattrace.array.IntList;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** The cracks along which colours change, as chains from one meeting of cracks to the next. */
final class EdgeChains {

    /** Steps smaller than this are straightened, px. */
    private static final double TOLERANCE_PX = 0.8;

    private final int columns;

    /** Pixel corners that cracks lead on to, by pixel corner. */
    private final Map<Integer, IntList> cracks = new HashMap<>();

    private EdgeChains(int columns) {
        this.columns = columns;
    }

    /** All chains, px; a closed one ends where it starts. */
    static List<Coordinate[]> of(ColourField field, int width, int height) {
        EdgeChains chains = new EdgeChains(width + 1);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                if (x + 1 < width && field.changes(i, i + 1)) {
                    chains.crack(x + 1, y, x + 1, y + 1);
                }
                if (y + 1 < height && field.changes(i, i + width)) {
                    chains.crack(x, y + 1, x + 1, y + 1);
                }
            }
        }
        return chains.follow();
    }

    private void crack(int fromX, int fromY, int toX, int toY) {
        int a = fromY * columns + fromX;
        int b = toY * columns + toX;
        cracks.computeIfAbsent(a, key -> new IntList()).add(b);
        cracks.computeIfAbsent(b, key -> new IntList()).add(a);
    }

    private List<Coordinate[]> follow() {
        List<Coordinate[]> chains = new ArrayList<>();
        List<Integer> corners = cracks.keySet().stream().sorted().toList();
        for (int corner : corners) {
            if (cracks.get(corner).size() != 2) {
                while (cracks.get(corner).size() > 0) {
                    chains.add(chain(corner));
                }
            }
        }
        // What is left are closed chains.
        for (int corner : corners) {
            if (cracks.get(corner).size() > 0) {
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
            int next = cracks.get(at).removeLast();
            cracks.get(next).remove(at);
            places.add(place(next));
            at = next;
            goesOn = at != start && cracks.get(at).size() == 1;
        }
        LineString line = new GeometryFactory().createLineString(places.toArray(Coordinate[]::new));
        return DouglasPeuckerSimplifier.simplify(line, TOLERANCE_PX).getCoordinates();
    }

    private Coordinate place(int corner) {
        return new Coordinate(corner % columns, corner / columns);
    }
}
