package neattrace.flat;

import neattrace.press.Rgb;
import neattrace.raster.Picture;

/** The colour of a picture at a place, as light mixes it: paper's grain and dots even out. */
public final class PictureColour {

    private PictureColour() {}

    /**
     * The mean of the light of a square.
     *
     * @param x its middle; brought into the picture
     * @param y its middle; brought into the picture
     * @param reachPx how far the square reaches on each side, 0 for one pixel
     */
    public static Rgb at(Picture picture, int x, int y, int reachPx) {
        int middleX = Math.max(0, Math.min(picture.width() - 1, x));
        int middleY = Math.max(0, Math.min(picture.height() - 1, y));
        int left = Math.max(0, middleX - reachPx);
        int right = Math.min(picture.width() - 1, middleX + reachPx);
        int top = Math.max(0, middleY - reachPx);
        int bottom = Math.min(picture.height() - 1, middleY + reachPx);
        double[] light = new double[3];
        for (int row = top; row <= bottom; row++) {
            for (int column = left; column <= right; column++) {
                int rgb = picture.rgbAt(column, row);
                for (int k = 0; k < 3; k++) {
                    light[k] += Rgb.linear((rgb >> 16 - 8 * k & 0xff) / 255.0);
                }
            }
        }
        int count = (right - left + 1) * (bottom - top + 1);
        return new Rgb(
                Rgb.coded(light[0] / count),
                Rgb.coded(light[1] / count),
                Rgb.coded(light[2] / count));
    }
}
