package neattrace.raster.reading;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;

/**
 * Turns the bytes of a PNG, JPEG, TIFF, BMP or GIF into a {@link Picture}. Never writes.
 *
 * <p>Transparent parts become paper; of a file with several pictures the first is taken, and that
 * is noted. A picture of more than {@link #MAX_PIXELS} pixels is refused from its header alone.
 */
public final class PictureReader {

    /** The largest picture accepted, in pixels: A3 at 1200 ppi with room to spare. */
    public static final long MAX_PIXELS = 300_000_000L;

    /** The largest file accepted, in bytes. */
    public static final long MAX_BYTES = 1_500_000_000L;

    private PictureReader() {}

    /**
     * Reads a file.
     *
     * @throws PictureException if it is missing, empty, no picture, damaged or too large
     */
    public static Picture read(Path file) throws PictureException {
        return read(bytes(file), String.valueOf(file.getFileName()));
    }

    /**
     * The bytes of a file, with messages fit for the user.
     *
     * @throws PictureException if it is missing, a folder, empty, too large or not readable
     */
    public static byte[] bytes(Path file) throws PictureException {
        try {
            if (!Files.exists(file)) {
                throw new PictureException(file + " does not exist.");
            }
            if (Files.isDirectory(file)) {
                throw new PictureException(file + " is a folder, not a picture.");
            }
            if (Files.size(file) > MAX_BYTES) {
                throw new PictureException(
                        file + " is larger than 1.5 GB, the most that is read. Save it smaller.");
            }
            return Files.readAllBytes(file);
        } catch (PictureException e) {
            throw e;
        } catch (IOException e) {
            throw new PictureException("There is no right to read " + file + ".", e);
        }
    }

    /**
     * Reads a picture from memory.
     *
     * @param name how the picture is called in messages
     * @throws PictureException if the bytes are no picture, damaged or too large
     */
    public static Picture read(byte[] bytes, String name) throws PictureException {
        return look(bytes, name, reader -> decode(reader, bytes, name));
    }

    /**
     * What a picture says of its resolution, without decoding it.
     *
     * @throws PictureException as {@link #read(byte[], String)}
     */
    public static Resolution resolution(byte[] bytes, String name) throws PictureException {
        return look(bytes, name, reader -> ResolutionReader.resolution(reader, bytes));
    }

    private interface Look<T> {
        T at(ImageReader reader) throws IOException;
    }

    private static <T> T look(byte[] bytes, String name, Look<T> look) throws PictureException {
        if (bytes.length == 0) {
            throw new PictureException(name + " is empty (0 bytes).");
        }
        ImageIO.setUseCache(false);
        try (ImageInputStream in =
                ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new PictureException(
                        name + " is not a picture this program reads (PNG, JPEG, TIFF, BMP, GIF).");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                return look.at(reader);
            } finally {
                reader.dispose();
            }
        } catch (PictureException e) {
            throw e;
        } catch (OutOfMemoryError e) {
            throw new PictureException(name + " needs more memory than there is.", e);
        } catch (IOException | RuntimeException e) {
            // Decoders throw anything from EOFException to ArrayIndexOutOfBounds on damaged data.
            throw new PictureException(name + " is damaged or cut short and could not be read.", e);
        }
    }

    private static Picture decode(ImageReader reader, byte[] bytes, String name)
            throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width < 1 || height < 1) {
            throw new PictureException(name + " has no pixels.");
        }
        if (width * height > MAX_PIXELS) {
            throw new PictureException(
                    String.format(
                            Locale.ROOT,
                            "%s is %d x %d pixels (%d million); the limit is %d million. Scan at a"
                                    + " lower resolution or crop it.",
                            name,
                            width,
                            height,
                            width * height / 1_000_000,
                            MAX_PIXELS / 1_000_000));
        }
        List<String> notes = new ArrayList<>();
        String format = reader.getFormatName().toUpperCase(Locale.ROOT);
        Resolution resolution = ResolutionReader.resolution(reader, bytes);
        if (!resolution.stated()) {
            notes.add("The file does not say its resolution; 300 ppi is assumed.");
        }
        if (reader.getNumImages(format.startsWith("GIF") || format.startsWith("TIF")) > 1) {
            notes.add("The file holds several pictures; the first one is used.");
        }
        BufferedImage image = reader.read(0);
        if (image.getColorModel().hasAlpha()) {
            notes.add("Transparent parts are taken as paper.");
        }
        return PixelReader.picture(image, resolution, format, notes);
    }
}
