package neattrace.sheet;

import java.util.List;
import java.util.Optional;
import neattrace.geom.Point;

/**
 * Which part of the scan is the sheet, and how it lies. Applied in this order, with a single
 * resampling: corners, tilt, crop, enlargement.
 *
 * @param corners the sheet's four corners in source px, from the upper left clockwise, if it was
 *     photographed askew; else empty
 * @param tiltDegrees how far the drawing lies turned, clockwise positive; it is turned back by this
 *     round the middle of the sheet; -45 to 45
 * @param crop what is kept, in px of the straightened sheet; empty keeps all
 * @param enlarge how many times larger the grey becomes before black and white are decided, 1 to 4
 */
public record FrameRecipe(
        List<Point> corners, double tiltDegrees, Optional<Crop> crop, int enlarge) {

    /** The scan as it is. */
    public static final FrameRecipe WHOLE = new FrameRecipe(List.of(), 0, Optional.empty(), 1);

    /** The most a scan is enlarged. */
    public static final int MOST_ENLARGED = 4;

    public FrameRecipe {
        corners = List.copyOf(corners);
        if (!corners.isEmpty() && corners.size() != 4) {
            throw new IllegalArgumentException("a sheet has four corners");
        }
        if (!(Math.abs(tiltDegrees) <= 45)) {
            throw new IllegalArgumentException("the tilt must lie between -45 and 45 degrees");
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
        return new FrameRecipe(next, tiltDegrees, Optional.empty(), enlarge);
    }

    /** The same with another tilt. */
    public FrameRecipe withTilt(double degrees) {
        return new FrameRecipe(corners, degrees, crop, enlarge);
    }

    /** The same with another crop. */
    public FrameRecipe withCrop(Optional<Crop> next) {
        return new FrameRecipe(corners, tiltDegrees, next, enlarge);
    }

    /** The same, enlarged so many times. */
    public FrameRecipe withEnlarge(int times) {
        return new FrameRecipe(corners, tiltDegrees, crop, times);
    }
}
