package neattrace.region;

import neattrace.geom.Point;

/**
 * A narrow opening between two stretches of free paper.
 *
 * @param place its middle, source px
 * @param from the ink on one side, source px
 * @param to the ink on the other side, source px
 * @param widthPx how wide the opening is
 * @param ends how many of its two sides are ends of lines that point across it
 * @param closed whether it counts as closed
 * @param decided whether that is so because the user said so, of it or of a line at it
 * @param lesserPx paper of the smaller of the two areas that it parts, or would part, px
 * @param greaterPx paper of the larger of them, px
 */
public record Gap(
        Point place,
        Point from,
        Point to,
        double widthPx,
        int ends,
        boolean closed,
        boolean decided,
        long lesserPx,
        long greaterPx) {}
