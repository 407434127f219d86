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
 * @param damage what the file's reader found wrong, in plain words; empty if nothing
 * @param pages how many pictures or pages the file has
 */
public record Picture(
        GreySheet grey,
        int[] rgb,
        Resolution resolution,
        String format,
        List<String> notes,
        List<String> damage,
        int pages) {

    public Picture {
        notes = List.copyOf(notes);
        damage = List.copyOf(damage);
    }

    /** A whole picture, alone in its file. */
    public Picture(
            GreySheet grey, int[] rgb, Resolution resolution, String format, List<String> notes) {
        this(grey, rgb, resolution, format, notes, List.of(), 1);
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
