package neattrace.sheet;

import java.util.List;
import neattrace.geom.Homography;
import neattrace.geom.Point;
import neattrace.raster.GreySheet;
import neattrace.raster.Picture;
import neattrace.raster.Resampler;
import neattrace.sheet.FrameRecipe.Crop;
import neattrace.stage.Progress;

/**
 * How the sheet lies in the scan.
 *
 * @param toSheet from source px to sheet px
 * @param toSource from sheet px to source px
 * @param width of the sheet, px
 * @param height of the sheet, px
 * @param straightWidth width of the straightened sheet before crop and enlargement, px
 * @param straightHeight its height
 */
public record SheetFrame(
        Homography toSheet,
        Homography toSource,
        int width,
        int height,
        double straightWidth,
        double straightHeight) {

    /**
     * The frame of a recipe on a source of this size.
     *
     * @throws IllegalArgumentException if the corners are no convex quadrilateral, or the sheet
     *     would have more than {@code MAX} pixels
     */
    public static SheetFrame of(FrameRecipe recipe, int sourceWidth, int sourceHeight) {
        double w = sourceWidth;
        double h = sourceHeight;
        Homography straight = Homography.IDENTITY;
        if (!recipe.corners().isEmpty()) {
            w = Math.rint(side(recipe.corners(), 0, 1, 3, 2));
            h = Math.rint(side(recipe.corners(), 0, 3, 1, 2));
            straight = Homography.fromRectangle(w, h, recipe.corners()).inverse();
        }
        // A drawing that lies across is turned by quarters first: its sheet is as wide as the scan
        // is high, and quarters move pixels without blurring them.
        int across = (int) Math.rint(recipe.tiltDegrees() / 90);
        for (int k = 0; k < recipe.turns(); k++) {
            straight = quarter(h).after(straight);
            double wide = w;
            w = h;
            h = wide;
        }
        if (recipe.mirrored()) {
            straight = new Homography(-1, 0, w, 0, 1, 0, 0, 0, 1).after(straight);
        }
        for (int k = 0; k < Math.floorMod(-across, 4); k++) {
            straight = quarter(h).after(straight);
            double wide = w;
            w = h;
            h = wide;
        }
        double tilt = recipe.tiltDegrees() - 90 * across;
        if (tilt != 0) {
            straight = Homography.rotation(-tilt, new Point(w / 2, h / 2)).after(straight);
        }
        Crop crop = recipe.crop().orElse(new Crop(0, 0, Math.max(8, w), Math.max(8, h)));
        boolean whole = recipe.crop().isEmpty();
        double k = recipe.enlarge();
        Homography cut =
                whole ? straight : Homography.translation(-crop.x(), -crop.y()).after(straight);
        Homography toSheet = k == 1 ? cut : Homography.scaling(k).after(cut);
        long width = Math.max(1, Math.round((whole ? w : crop.width()) * k));
        long height = Math.max(1, Math.round((whole ? h : crop.height()) * k));
        if (width * height > MAX_PIXELS) {
            throw new IllegalArgumentException(
                    "the sheet would have more than 300 million pixels; enlarge it less");
        }
        return new SheetFrame(toSheet, toSheet.inverse(), (int) width, (int) height, w, h);
    }

    /** A quarter clockwise of what is so high. */
    private static Homography quarter(double height) {
        return new Homography(0, -1, height, 1, 0, 0, 0, 0, 1);
    }

    /** The largest sheet, px. */
    public static final long MAX_PIXELS = 300_000_000L;

    /** The mean of two opposite sides. */
    private static double side(List<Point> corners, int a, int b, int c, int d) {
        return (corners.get(a).distance(corners.get(b)) + corners.get(c).distance(corners.get(d)))
                / 2;
    }

    /** Whether the sheet is the scan, pixel for pixel. */
    public boolean isWhole(int sourceWidth, int sourceHeight) {
        return toSheet.equals(Homography.IDENTITY)
                && width == sourceWidth
                && height == sourceHeight;
    }

    /** How many sheet px a source px measures in the middle of the sheet. */
    public double scale() {
        return toSheet.scaleAt(toSource.apply(new Point(width / 2.0, height / 2.0)));
    }

    /** Lays a grey scan on the sheet's grid; beyond the scan there is white. */
    public GreySheet lay(GreySheet scan, Progress progress) {
        if (isWhole(scan.width(), scan.height())) {
            return scan;
        }
        byte[] samples =
                Resampler.resample(
                        scan.samples(),
                        scan.width(),
                        scan.height(),
                        toSource,
                        width,
                        height,
                        (byte) 255,
                        progress);
        return new GreySheet(width, height, samples);
    }

    /** The colour of the source under the middle of a sheet pixel, for looking; else white. */
    public int rgbAt(Picture picture, int x, int y) {
        Point at = toSource.apply(new Point(x + 0.5, y + 0.5));
        int sx = (int) Math.floor(at.x());
        int sy = (int) Math.floor(at.y());
        boolean inside = sx >= 0 && sy >= 0 && sx < picture.width() && sy < picture.height();
        return inside ? picture.rgbAt(sx, sy) : 0xFFFFFF;
    }
}
