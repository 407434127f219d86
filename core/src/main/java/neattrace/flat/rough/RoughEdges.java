package neattrace.flat.rough;

import java.util.Arrays;
import java.util.List;
import neattrace.geom.Point;
import neattrace.raster.DistanceTransform;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
import neattrace.region.AreaMap;
import neattrace.region.Join;
import org.locationtech.jts.geom.Coordinate;

/** Finds where a rough's colours change within areas. */
public final class RoughEdges {

    /**
     * A rough is followed if at least this share of its colours' edges lies beneath ink: one that
     * was dabbed on loosely has edges everywhere else.
     */
    private static final double KEEPS_TO_LINES = 0.3;

    /**
     * Where so much of what has no line of its own ends at the lines that it meets, it was drawn
     * with care, even if nearly all edges lie on open paper: a flag within one frame.
     */
    private static final double ENDS_AT_LINES = 0.8;

    /**
     * Where so much of all lines has the usual colours of both areas beside it, no dab strayed:
     * what else is there was put amid open paper. Measured on 60 coloured twins of line drawings:
     * 23 reach it, of the same smeared by 1 to 2 % of the side none goes beyond 0.82.
     */
    private static final double USUAL_AT_LINES = 0.95;

    /** With more corners in its edges than these the rough is a photo or a painting, no flats. */
    private static final int MOST_CORNERS = 40_000;

    private static final int OPEN = 0;
    private static final int BENEATH = 1;

    private RoughEdges() {}

    /**
     * Joins along which areas are to be cut; none if the rough does not keep to the lines, or is no
     * flats at all.
     *
     * @param ink the drawing's ink
     * @param side how far its paper is from it
     * @param areas its areas
     * @param rough same proportion as the drawing, any size
     * @param mmPerPx of the drawing
     */
    public static List<Join> find(
            InkMap ink, DistanceTransform side, AreaMap areas, Picture rough, double mmPerPx) {
        if (areas.areas().isEmpty()) {
            return List.of();
        }
        ColourField field = ColourField.of(ink, side, areas, rough);
        boolean keeps =
                field.endsAtLines() >= ENDS_AT_LINES
                        || field.usualAtLines() >= USUAL_AT_LINES
                        || shareBeneathInk(ink, side, field) >= KEEPS_TO_LINES;
        if (!keeps) {
            return List.of();
        }
        List<Coordinate[]> chains = EdgeChains.of(field, ink.width(), ink.height());
        if (chains.stream().mapToInt(chain -> chain.length).sum() > MOST_CORNERS) {
            return List.of();
        }
        return chains.stream()
                .map(chain -> new Join(Arrays.stream(chain).map(at -> mm(at, mmPerPx)).toList()))
                .toList();
    }

    /** Which share of all edges between colours lies beneath ink, 0 to 1; 1 if there are none. */
    private static double shareBeneathInk(InkMap ink, DistanceTransform side, ColourField field) {
        int width = ink.width();
        long[] edges = new long[2];
        for (int y = 0; y + 1 < ink.height(); y++) {
            for (int x = 0; x + 1 < width; x++) {
                int i = y * width + x;
                count(ink, side, field, i, i + 1, edges);
                count(ink, side, field, i, i + width, edges);
            }
        }
        long all = edges[OPEN] + edges[BENEATH];
        return all == 0 ? 1 : (double) edges[BENEATH] / all;
    }

    /** Counts the edge between two pixels, if there is one. */
    private static void count(
            InkMap ink, DistanceTransform side, ColourField field, int a, int b, long[] edges) {
        if (ink.isInk(a) != ink.isInk(b)) {
            return;
        }
        if (!ink.isInk(a)) {
            edges[OPEN] += field.changes(a, b) ? 1 : 0;
            return;
        }
        int first = colour(field, side.nearestPaper(a));
        int second = colour(field, side.nearestPaper(b));
        boolean known = first != ColourField.NONE && second != ColourField.NONE;
        edges[BENEATH] += known && first != second ? 1 : 0;
    }

    private static int colour(ColourField field, int pixel) {
        return pixel < 0 ? ColourField.NONE : field.colours[pixel];
    }

    private static Point mm(Coordinate place, double mmPerPx) {
        return new Point(place.x, place.y).times(mmPerPx);
    }
}
