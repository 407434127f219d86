package neattrace.raster.reading;

import neattrace.raster.GreySheet;
import neattrace.raster.Picture;

/** Turns pictures as their files say (TIFF 6.0, p. 36). Moves pixels and changes none. */
final class Upright {

    private Upright() {}

    /**
     * The picture as it is to be seen.
     *
     * @param orientation 1 as it is; 2 mirrored; 3 turned by half; 4 upside down; 5 to 8 with rows
     *     and columns exchanged: 6 has to be turned clockwise by a quarter, 8 the other way
     */
    static Picture turned(Picture picture, int orientation) {
        if (orientation <= 1) {
            return picture;
        }
        int w = picture.width();
        int h = picture.height();
        boolean across = orientation >= 5;
        int width = across ? h : w;
        int height = across ? w : h;
        byte[] from = picture.grey().samples();
        byte[] grey = new byte[from.length];
        int[] rgb = new int[picture.rgb().length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int source = source(orientation, x, y, w, h);
                grey[y * width + x] = from[source];
                if (rgb.length > 0) {
                    rgb[y * width + x] = picture.rgb()[source];
                }
            }
        }
        return new Picture(
                new GreySheet(width, height, grey),
                rgb,
                picture.resolution(),
                picture.format(),
                picture.notes());
    }

    private static int source(int orientation, int x, int y, int w, int h) {
        return switch (orientation) {
            case 2 -> y * w + w - 1 - x;
            case 3 -> (h - 1 - y) * w + w - 1 - x;
            case 4 -> (h - 1 - y) * w + x;
            case 5 -> x * w + y;
            case 6 -> (h - 1 - x) * w + y;
            case 7 -> (h - 1 - x) * w + w - 1 - y;
            default -> x * w + w - 1 - y;
        };
    }
}
