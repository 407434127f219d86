package neattrace.raster.reading;

import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.stage.Progress;

/** Files of pixels, by ImageIO. */
final class PixelFile {

    private PixelFile() {}

    private interface Look<T> {
        T at(ImageReader reader) throws IOException;
    }

    private static <T> T look(byte[] bytes, String name, Runnable watch, Look<T> look)
            throws IOException {
        try (ImageInputStream in = new WatchedBytes(bytes, watch)) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new PictureException(
                        name
                                + " is not a picture this program reads ("
                                + PictureReader.KINDS
                                + ").");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                return look.at(reader);
            } finally {
                reader.dispose();
            }
        }
    }

    static Resolution resolution(byte[] bytes, String name) throws IOException {
        return look(bytes, name, () -> {}, reader -> Density.of(reader, 0, bytes).resolution());
    }

    static Picture read(byte[] bytes, String name, Opening opening, Progress progress)
            throws IOException {
        ReaderListener listener = new ReaderListener(progress);
        return look(
                bytes,
                name,
                listener::stillReading,
                reader -> decode(reader, listener, bytes, name, opening, progress));
    }

    private static Picture decode(
            ImageReader reader,
            ReaderListener listener,
            byte[] bytes,
            String name,
            Opening opening,
            Progress progress)
            throws IOException {
        String format = reader.getFormatName().toUpperCase(Locale.ROOT);
        int pages = Math.max(1, pages(reader, format));
        int page = opening.page();
        if (page >= pages) {
            throw new PictureException(
                    name + " has " + pages + " pages; there is no page " + (page + 1) + ".");
        }
        PictureReader.checkSize(
                name, reader.getWidth(page), reader.getHeight(page), pixelBytes(reader, page));
        checkLength(reader, page, format, bytes.length, name);
        reader.addIIOReadWarningListener(listener);
        reader.addIIOReadProgressListener(listener);
        List<String> notes = new ArrayList<>();
        Density density = Density.of(reader, page, bytes);
        density.note().ifPresent(notes::add);
        if (pages > 1) {
            notes.add(
                    String.format(
                            Locale.ROOT,
                            "The file holds several pictures; number %d of %d is used.",
                            page + 1,
                            pages));
        }
        BufferedImage image = reader.read(page);
        if (image.getColorModel().hasAlpha()) {
            notes.add("Transparent parts are taken as paper.");
        }
        List<String> damage = new ArrayList<>(listener.damage());
        if (format.startsWith("JP") && JpegEnd.isMissing(bytes)) {
            damage.add("The file is cut short: its end is missing.");
        }
        Picture read = PixelReader.picture(image, density.resolution(), format, notes);
        Picture square = SquarePixels.of(read, density, progress);
        int orientation = opening.upright() ? ExifTags.orientation(bytes, page) : 1;
        Picture upright = Upright.turned(square, orientation);
        return new Picture(
                upright.grey(),
                upright.rgb(),
                upright.resolution(),
                format,
                upright.notes(),
                damage,
                pages);
    }

    /** Codes of 12 bits stand for at most 4096 pixels (GIF89a, appendix F). */
    private static final double GIF_PIXELS_PER_BYTE = 4096 * 8 / 12.0;

    /** A match of 258 bytes takes two bits at least (RFC 1951, 3.2.5). */
    private static final double PNG_BITS_PER_BYTE = 1032 * 8;

    /**
     * Refuses files that are far too short for what their header says: minutes would go into pixels
     * that are not there.
     */
    private static void checkLength(
            ImageReader reader, int page, String format, int length, String name)
            throws IOException {
        double pixels = (double) reader.getWidth(page) * reader.getHeight(page);
        double most = Double.POSITIVE_INFINITY;
        if (format.equals("GIF")) {
            most = GIF_PIXELS_PER_BYTE * length;
        } else if (format.equals("PNG")) {
            int bits = Math.max(1, reader.getRawImageType(page).getColorModel().getPixelSize());
            most = PNG_BITS_PER_BYTE / bits * length;
        }
        if (pixels > most) {
            throw new PictureException(
                    String.format(
                            Locale.ROOT,
                            "%s is cut short: it says that it has %d x %d pixels, and has no more"
                                    + " than %d bytes.",
                            name,
                            reader.getWidth(page),
                            reader.getHeight(page),
                            length));
        }
    }

    private static int pages(ImageReader reader, String format) throws IOException {
        return reader.getNumImages(format.startsWith("GIF") || format.startsWith("TIF"));
    }

    /** What a pixel takes while it is read: the decoder's own and ours. */
    private static int pixelBytes(ImageReader reader, int page) {
        try {
            ColorModel colours = reader.getRawImageType(page).getColorModel();
            if (colours instanceof IndexColorModel palette) {
                return PalettePixels.isColour(palette) ? 6 : 2;
            }
            int bits = colours.getPixelSize();
            return bits <= 8 ? 2 : bits <= 16 ? 3 : 9;
        } catch (IOException | RuntimeException e) {
            return 9;
        }
    }
}
