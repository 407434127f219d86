package neattrace.raster.reading;

import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.awt.image.Raster;
import neattrace.raster.GreySheet;

/** Pixels that are numbers in a table of colours, as those of GIF and of one-bit scans are. */
final class PalettePixels {

    private final int[] rgb;
    private final byte[] grey;
    private final boolean[] isColour;

    private PalettePixels(IndexColorModel palette) {
        int size = palette.getMapSize();
        int[] argb = new int[size];
        palette.getRGBs(argb);
        rgb = new int[size];
        grey = new byte[size];
        isColour = new boolean[size];
        for (int k = 0; k < size; k++) {
            rgb[k] = PixelReader.overPaper(argb[k]);
            grey[k] = PixelReader.luma(rgb[k]);
            isColour[k] = PixelReader.isColour(rgb[k]);
        }
    }

    /** The pixels of an image that has a table of colours. */
    static Pixels of(BufferedImage image) {
        return new PalettePixels((IndexColorModel) image.getColorModel()).read(image.getRaster());
    }

    /** Whether some of a table's colours are not grey. */
    static boolean isColour(IndexColorModel palette) {
        boolean any = false;
        for (boolean colour : new PalettePixels(palette).isColour) {
            any |= colour;
        }
        return any;
    }

    private Pixels read(Raster raster) {
        int width = raster.getWidth();
        int height = raster.getHeight();
        byte[] greys = new byte[width * height];
        boolean anyColour = false;
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            raster.getSamples(0, y, width, 1, 0, row);
            for (int x = 0; x < width; x++) {
                int number = known(row[x]);
                greys[y * width + x] = grey[number];
                anyColour |= isColour[number];
            }
        }
        int[] colours = anyColour ? colours(raster) : new int[0];
        return new Pixels(new GreySheet(width, height, greys), colours);
    }

    private int[] colours(Raster raster) {
        int width = raster.getWidth();
        int[] colours = new int[width * raster.getHeight()];
        int[] row = new int[width];
        for (int y = 0; y < raster.getHeight(); y++) {
            raster.getSamples(0, y, width, 1, 0, row);
            for (int x = 0; x < width; x++) {
                colours[y * width + x] = rgb[known(row[x])];
            }
        }
        return colours;
    }

    /** Damaged files have numbers beyond the table. */
    private int known(int number) {
        return Math.min(number, rgb.length - 1);
    }
}
