package neattrace.raster;

import java.util.List;

/**
 * A picture as read: grey for the ink, colour for roughs and for the look.
 *
 * @param grey brightness, transparent parts as white paper
 * @param rgb 0xRRGGBB for each pixel, or an empty array if the picture has no colour
 * @param resolution from the file or assumed
 * @param format the format's short name, such as PNG
 * @param notes what a user should know about the file, in plain words
 */
public record Picture(
        GreySheet grey, int[] rgb, Resolution resolution, String format, List<String> notes) {

    public Picture {
        notes = List.copyOf(notes);
    }

    /** Columns of pixels. */
    public int width() {
        return grey.width();
    }

    /** Rows of pixels. */
    public int height() {
        return grey.height();
    }

    /** The colour of a pixel as 0xRRGGBB, grey if the picture has no colour. */
    public int rgbAt(int x, int y) {
        if (rgb.length > 0) {
            return rgb[y * width() + x];
        }
        int value = grey.at(x, y);
        return value << 16 | value << 8 | value;
    }
}
