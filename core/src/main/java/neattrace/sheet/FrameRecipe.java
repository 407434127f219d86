package neattrace.sheet;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * Which part of the scan is the sheet, and how it lies. Applied in this order, with a single
 * resampling: corners, quarter turns, mirror, tilt, crop, enlargement.
 *
 * @param corners the sheet's four corners in source px, from the upper left clockwise, if it was
 *     photographed askew; else empty
 * @param tiltDegrees how far the drawing lies turned, clockwise positive; it is turned back by this
 *     round the middle of the sheet; -180 to 180. Beyond 45 degrees the sheet lies across
 * @param crop what is kept, in px of the straightened sheet; empty keeps all
 * @param enlarge how many times larger the grey becomes before black and white are decided, 1 to 4
 * @param turns how many quarters the scan is turned clockwise, 0 to 3
 * @param mirrored whether left and right change places after that
 */
public record FrameRecipe(
        List<Point> corners,
        double tiltDegrees,
        Optional<Crop> crop,
        int enlarge,
        int turns,
        boolean mirrored) {

    /** The scan as it is. */
    public static final FrameRecipe WHOLE =
            new FrameRecipe(List.of(), 0, Optional.empty(), 1, 0, false);

    /** The most a drawing can lie turned, degrees. */
    public static final double MOST_TILT = 180;

    /** The most a scan is enlarged. */
    public static final int MOST_ENLARGED = 4;

    public FrameRecipe {
        corners = List.copyOf(corners);
        if (!corners.isEmpty() && corners.size() != 4) {
            throw new IllegalArgumentException("a sheet has four corners");
        }
        if (!(Math.abs(tiltDegrees) <= MOST_TILT)) {
            throw new IllegalArgumentException("the tilt must lie between -180 and 180 degrees");
        }
        if (turns < 0 || turns > 3) {
            throw new IllegalArgumentException("a scan is turned by 0 to 3 quarters");
        }
        if (enlarge < 1 || enlarge > MOST_ENLARGED) {
            throw new IllegalArgumentException("a scan is enlarged 1 to 4 times");
        }
    }

    /**
     * A rectangle in px of the straightened sheet.
     *
     * @param x left edge
     * @param y upper edge
     */
    public record Crop(double x, double y, double width, double height) {

        /** The narrowest crop, px. */
        public static final double LEAST_PX = 8;

        public Crop {
            if (!(width >= LEAST_PX
                    && height >= LEAST_PX
                    && width < 1e6
                    && height < 1e6
                    && Math.abs(x) < 1e6
                    && Math.abs(y) < 1e6)) {
                throw new IllegalArgumentException("a crop keeps at least 8 x 8 px");
            }
        }
    }

    /** The same with other corners; a crop made for the old ones goes. */
    public FrameRecipe withCorners(List<Point> next) {
        return new FrameRecipe(next, tiltDegrees, Optional.empty(), enlarge, turns, mirrored);
    }

    /** The same with another tilt. */
    public FrameRecipe withTilt(double degrees) {
        return new FrameRecipe(corners, degrees, crop, enlarge, turns, mirrored);
    }

    /** The same with another crop. */
    public FrameRecipe withCrop(Optional<Crop> next) {
        return new FrameRecipe(corners, tiltDegrees, next, enlarge, turns, mirrored);
    }

    /** The same, enlarged so many times. */
    public FrameRecipe withEnlarge(int times) {
        return new FrameRecipe(corners, tiltDegrees, crop, times, turns, mirrored);
    }

    /**
     * The same sheet, its crop and tilt included, turned by quarters as it is seen.
     *
     * @param quarters clockwise; negative the other way
     * @param width of the straightened sheet before the turn, px
     * @param height of it, px
     */
    public FrameRecipe turned(int quarters, double width, double height) {
        int clockwise = Math.floorMod(quarters, 4);
        Optional<Crop> next = crop;
        double w = width;
        double h = height;
        for (int k = 0; k < clockwise; k++) {
            double tall = h;
            next = next.map(c -> new Crop(tall - c.y() - c.height(), c.x(), c.height(), c.width()));
            h = w;
            w = tall;
        }
        int own = Math.floorMod(turns + (mirrored ? -clockwise : clockwise), 4);
        return new FrameRecipe(corners, tiltDegrees, next, enlarge, own, mirrored);
    }

    /**
     * The same sheet, its crop and tilt included, with left and right changed as it is seen.
     *
     * @param width of the straightened sheet, px
     */
    public FrameRecipe flipped(double width) {
        Optional<Crop> next =
                crop.map(c -> new Crop(width - c.x() - c.width(), c.y(), c.width(), c.height()));
        return new FrameRecipe(corners, 0 - tiltDegrees, next, enlarge, turns, !mirrored);
    }
}
