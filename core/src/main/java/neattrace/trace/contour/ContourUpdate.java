package neattrace.trace.contour;

import java.awt.Rectangle;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import neattrace.raster.InkMap;
import neattrace.raster.RunLabels;
import neattrace.stage.Progress;

/**
 * Brings contours up to date where ink has changed. A border depends on the pixels beside it, a
 * vertex on those within the reach of {@link EdgePlacer}; so a contour that stays farther from the
 * changed part than that is what it was, and every other one passes through the part's
 * surroundings, from where it is followed.
 */
final class ContourUpdate {

    private final InkMap map;
    private final RunLabels parts;
    private final Rectangle near;
    private final EdgePlacer placer;

    /**
     * An update.
     *
     * @param changed pixels outside are what they were
     * @param placer null for the middles of pixel sides
     */
    ContourUpdate(InkMap map, RunLabels parts, Rectangle changed, EdgePlacer placer) {
        this.map = map;
        this.parts = parts;
        this.near = new Rectangle(changed);
        this.near.grow(EdgePlacer.READS + 1, EdgePlacer.READS + 1);
        this.placer = placer;
    }

    /** A contour and the pixel it begins at, which tells its place among the others. */
    private record Placed(int pixel, Contour contour) {}

    List<Contour> of(List<Contour> before, Progress progress) {
        progress.report("Following the edges of the ink", 0);
        List<Placed> all = new ArrayList<>(before.size() + 16);
        for (Contour contour : before) {
            if (!passesNear(contour.xy())) {
                all.add(kept(contour));
            }
        }
        fresh(all);
        all.sort(Comparator.comparingInt(Placed::pixel));
        return all.stream().map(Placed::contour).toList();
    }

    private boolean passesNear(double[] xy) {
        double left = near.x;
        double top = near.y;
        double right = left + near.width;
        double bottom = top + near.height;
        for (int i = 0; i < xy.length; i += 2) {
            if (xy[i] >= left && xy[i] <= right && xy[i + 1] >= top && xy[i + 1] <= bottom) {
                return true;
            }
        }
        return false;
    }

    /** Every contour begins at a western side, less than a pixel left of its pixel's middle. */
    private Placed kept(Contour contour) {
        int x = (int) Math.floor(contour.xy()[0] + 0.5);
        int y = (int) Math.floor(contour.xy()[1]);
        Contour now = new Contour(contour.xy(), contour.hole(), parts.at(x, y));
        return new Placed(y * map.width() + x, now);
    }

    /** Follows what passes near the changed part. */
    private void fresh(List<Placed> all) {
        Border.Follower follower = new Border.Follower(map);
        Rectangle look = new Rectangle(near);
        // A vertex lies up to a pixel beside the pixel whose side it is on.
        look.grow(1, 1);
        look = look.intersection(new Rectangle(map.width(), map.height()));
        BitSet seen = new BitSet(4 * look.width * look.height);
        for (int y = look.y; y < look.y + look.height; y++) {
            for (int x = look.x; x < look.x + look.width; x++) {
                for (int side = 0; side < 4 && map.isInk(x, y); side++) {
                    boolean border = !map.isInk(x + Border.dx(side), y + Border.dy(side));
                    if (border && !seen.get(within(look, x, y) | side)) {
                        Border followed = follower.from(y * map.width() + x << 2 | side);
                        mark(followed, look, seen);
                        Border turned = followed.fromFirst();
                        Contour contour =
                                ContourTracer.contour(turned, parts.at(x, y), map.width(), placer);
                        if (passesNear(contour.xy())) {
                            all.add(new Placed(turned.pixel(), contour));
                        }
                    }
                }
            }
        }
    }

    private static int within(Rectangle look, int x, int y) {
        return (y - look.y) * look.width + x - look.x << 2;
    }

    private void mark(Border border, Rectangle look, BitSet seen) {
        for (int side : border.sides()) {
            int x = (side >>> 2) % map.width();
            int y = (side >>> 2) / map.width();
            if (look.contains(x, y)) {
                seen.set(within(look, x, y) | side & 3);
            }
        }
    }
}
