package neattrace.raster.reading;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CancellationException;
import neattrace.raster.Picture;
import neattrace.raster.Resolution;
import neattrace.stage.Progress;

/**
 * Turns the bytes of a PNG, JPEG, TIFF, WebP, BMP or GIF, of a page of a PDF or of an SVG into a
 * {@link Picture}. Never writes.
 *
 * <p>A picture is turned the way up its file says. Transparent parts become paper; of a file with
 * several pictures one is taken. A picture of more than {@link #MAX_PIXELS} pixels, or of more than
 * the memory holds, is refused from its header alone.
 */
public final class PictureReader {

    /** The largest picture accepted, in pixels: A3 at 1200 ppi with room to spare. */
    public static final long MAX_PIXELS = 300_000_000L;

    /** The largest file accepted, in bytes. */
    public static final long MAX_BYTES = 1_500_000_000L;

    /** What is read, in words. */
    public static final String KINDS = "PNG, JPEG, TIFF, WebP, BMP, GIF, PDF, SVG";

    /** What the names of such files end in, small letters, without the dot. */
    public static final List<String> ENDINGS =
            List.of("png", "jpg", "jpeg", "tif", "tiff", "webp", "bmp", "gif", "pdf", "svg");

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
     * @throws PictureException if it is missing, no plain file, empty, too large or not readable
     */
    public static byte[] bytes(Path file) throws PictureException {
        try {
            if (!Files.exists(file)) {
                throw new PictureException(file + " does not exist.");
            }
            if (Files.isDirectory(file)) {
                throw new PictureException(file + " is a folder, not a picture.");
            }
            if (!Files.isRegularFile(file)) {
                throw new PictureException(file + " is no file that holds a picture.");
            }
            if (Files.size(file) > MAX_BYTES) {
                throw new PictureException(
                        file + " is larger than 1.5 GB, the most that is read. Save it smaller.");
            }
            Memory.check(String.valueOf(file.getFileName()), Files.size(file));
            return Files.readAllBytes(file);
        } catch (PictureException e) {
            throw e;
        } catch (IOException e) {
            throw new PictureException("There is no right to read " + file + ".", e);
        }
    }

    /**
     * Reads a picture from memory, its first page the right way up.
     *
     * @param name how the picture is called in messages
     * @throws PictureException if the bytes are no picture, damaged or too large
     */
    public static Picture read(byte[] bytes, String name) throws PictureException {
        return read(bytes, name, Opening.USUAL, Progress.SILENT);
    }

    /**
     * Reads a picture from memory.
     *
     * @param name how the picture is called in messages
     * @param opening which page is taken, and how
     * @throws PictureException if the bytes are no picture, damaged or too large, or there is no
     *     such page
     * @throws CancellationException if {@code progress} says so
     */
    public static Picture read(byte[] bytes, String name, Opening opening, Progress progress)
            throws PictureException {
        return guarded(
                bytes,
                name,
                () ->
                        switch (FileKind.of(bytes)) {
                            case PDF -> PdfPages.read(bytes, name, opening, progress);
                            case SVG -> SvgFile.read(bytes, name, opening);
                            case PIXELS -> PixelFile.read(bytes, name, opening, progress);
                        });
    }

    /**
     * What a picture says of its resolution, without decoding it.
     *
     * @throws PictureException as {@link #read(byte[], String)}
     */
    public static Resolution resolution(byte[] bytes, String name) throws PictureException {
        return guarded(
                bytes,
                name,
                () ->
                        FileKind.of(bytes) == FileKind.PIXELS
                                ? PixelFile.resolution(bytes, name)
                                : read(bytes, name).resolution());
    }

    private interface Reading<T> {
        T read() throws IOException;
    }

    private static <T> T guarded(byte[] bytes, String name, Reading<T> reading)
            throws PictureException {
        if (bytes.length == 0) {
            throw new PictureException(name + " is empty (0 bytes).");
        }
        try {
            return reading.read();
        } catch (PictureException | CancellationException e) {
            throw e;
        } catch (OutOfMemoryError e) {
            throw new PictureException(name + " needs more memory than there is.", e);
        } catch (IOException | RuntimeException | StackOverflowError e) {
            // Decoders throw anything from EOFException to ArrayIndexOutOfBounds on damaged data.
            throw new PictureException(name + " is damaged or cut short and could not be read.", e);
        }
    }

    /**
     * Refuses what is too large.
     *
     * @param bytesPerPixel that reading takes
     */
    static void checkSize(String name, long width, long height, int bytesPerPixel)
            throws PictureException {
        if (width < 1 || height < 1) {
            throw new PictureException(name + " has no pixels.");
        }
        if (width * height > MAX_PIXELS || width > MAX_PIXELS || height > MAX_PIXELS) {
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
        Memory.check(name, width * height * bytesPerPixel);
    }
}
