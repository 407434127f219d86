package neattrace.job.file;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import neattrace.files.AtomicFile;
import neattrace.files.ZipParts;
import neattrace.job.Job;
import neattrace.job.Source;
import neattrace.json.DamagedException;
import neattrace.raster.reading.PictureReader;

/** Saves and opens jobs. */
public final class JobFile {

    /** The ending of job files. */
    public static final String ENDING = ".ntjob";

    static final String JSON = "job.json";
    static final String PREVIEW = "preview.png";
    static final String SOURCE_FOLDER = "source/";

    private static final String BESIDE = "source-beside";
    private static final long MOST_NAME = 200;
    private static final Pattern SOURCE_NAME = Pattern.compile("[0-9a-f-]{36}-\\d+\\.source");
    private static final int MOST_ENTRIES = 16;
    private static final long MOST_JSON_BYTES = 64L << 20;

    /** Stored and deflated pictures never shrink more than this; a bomb does. */
    private static final long MOST_EXPANSION = 1100;

    private JobFile() {}

    /**
     * Saves a job. The file holds either the old content or the whole of the new one, at any
     * moment.
     *
     * @param previewPng a small picture of the drawing, or an empty array for none
     * @throws IOException with a message fit for the user; an existing file is then unchanged
     */
    public static void save(Path file, Job job, byte[] previewPng) throws IOException {
        AtomicFile.write(file, out -> write(out, job, previewPng));
    }

    /**
     * Keeps a job whose source lies beside it in a file of its own, so that it is not written again
     * at every change; for its owner alone.
     *
     * @param source named as {@link #sourceName} says, in the same folder
     */
    public static void keep(Path file, Job job, Path source) throws IOException {
        String name = source.getFileName().toString();
        AtomicFile.writePrivate(
                file,
                out -> {
                    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
                    ZipParts.packed(zip, JSON, JobJson.write(job));
                    ZipParts.stored(zip, BESIDE, name.getBytes(StandardCharsets.US_ASCII));
                    zip.finish();
                });
    }

    /** What the source of a kept job is called. */
    public static String sourceName(String id, int number) {
        return id + "-" + number + ".source";
    }

    private static void write(OutputStream out, Job job, byte[] previewPng) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        ZipParts.packed(zip, JSON, JobJson.write(job));
        ZipParts.stored(zip, SOURCE_FOLDER + job.source().name(), job.source().bytes());
        if (previewPng.length > 0) {
            ZipParts.stored(zip, PREVIEW, previewPng);
        }
        zip.finish();
    }

    /**
     * Opens a job.
     *
     * @throws JobFileException if the file is missing, no job file, cut short, of an unknown
     *     version or unsafe; nothing is changed then
     */
    public static Job open(Path file) throws JobFileException {
        return open(file, true);
    }

    /**
     * A job of a file, or a new one of a picture.
     *
     * @throws IOException with a message fit for the user
     */
    public static Job ofAny(Path file) throws IOException {
        String name = String.valueOf(file.getFileName());
        return name.endsWith(ENDING)
                ? open(file)
                : Job.of(new Source(name, PictureReader.bytes(file)));
    }

    private static Job open(Path file, boolean whole) throws JobFileException {
        if (!Files.exists(file)) {
            throw new JobFileException(file + " does not exist.");
        }
        if (!Files.isRegularFile(file)) {
            throw new JobFileException(file + " is no job file.");
        }
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            return read(zip, file, whole);
        } catch (JobFileException e) {
            throw e;
        } catch (DamagedException e) {
            throw new JobFileException(file + " is damaged: " + e.getMessage() + ".", e);
        } catch (JsonProcessingException e) {
            throw new JobFileException(file + ": its job.json is damaged.", e);
        } catch (OutOfMemoryError e) {
            throw new JobFileException(file + " needs more memory than there is.", e);
        } catch (ZipException | RuntimeException | StackOverflowError e) {
            throw new JobFileException(file + " is no job file, or it is damaged or cut short.", e);
        } catch (IOException e) {
            throw new JobFileException(file + " could not be read: " + e.getMessage(), e);
        }
    }

    /**
     * A job's decisions alone, as quickly as may be: its source is empty, so it is for looking up
     * what was decided and logged, not for opening.
     *
     * @throws JobFileException as {@link #open}
     */
    public static Job peek(Path file) throws JobFileException {
        return open(file, false);
    }

    /**
     * A job whose decisions and source are kept apart, such as one that the program brings along.
     *
     * @param decisions as a job file's {@code job.json}
     * @throws IOException if they are damaged or of an unknown version
     */
    public static Job of(byte[] decisions, byte[] source) throws IOException {
        Job job = JobJson.read(decisions);
        Source bare = job.source();
        return job.withSource(new Source(bare.name(), source, bare.opening()));
    }

    /** The decisions of a job, for {@link #of}. */
    public static byte[] decisions(Job job) throws IOException {
        return JobJson.write(job);
    }

    private static Job read(ZipFile zip, Path file, boolean whole) throws IOException {
        if (zip.size() > MOST_ENTRIES) {
            throw new JobFileException(file + " has more entries than a job file can have.");
        }
        for (ZipEntry entry : zip.stream().toList()) {
            checkName(entry.getName(), file);
        }
        byte[] json = bytes(zip, JSON, MOST_JSON_BYTES, file);
        Job job = JobJson.read(json);
        Source bare = job.source();
        if (!whole) {
            return job;
        }
        return job.withSource(
                new Source(bare.name(), source(zip, bare.name(), file), bare.opening()));
    }

    private static byte[] source(ZipFile zip, String name, Path file) throws IOException {
        ZipEntry beside = zip.getEntry(BESIDE);
        if (beside == null) {
            return bytes(zip, SOURCE_FOLDER + name, PictureReader.MAX_BYTES, file);
        }
        String other = new String(bytes(zip, BESIDE, MOST_NAME, file), StandardCharsets.US_ASCII);
        if (!SOURCE_NAME.matcher(other).matches()) {
            throw new JobFileException(file + " is unsafe: it asks for another file.");
        }
        return PictureReader.bytes(file.toAbsolutePath().resolveSibling(other));
    }

    private static void checkName(String name, Path file) throws JobFileException {
        boolean safe =
                !name.startsWith("/")
                        && !name.contains("\\")
                        && !name.contains(":")
                        && !("/" + name + "/").contains("/../");
        if (!safe) {
            throw new JobFileException(
                    file + " is unsafe: it has an entry that points outside the file.");
        }
    }

    private static byte[] bytes(ZipFile zip, String name, long most, Path file) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new JobFileException(file + " is incomplete: " + name + " is missing.");
        }
        boolean bomb =
                entry.getSize() > most
                        || entry.getSize()
                                > MOST_EXPANSION * Math.max(1, entry.getCompressedSize()) + 4096;
        if (bomb) {
            throw new JobFileException(
                    file + " is unsafe: " + name + " would unpack to more than is allowed.");
        }
        Runtime runtime = Runtime.getRuntime();
        long free = runtime.maxMemory() - runtime.totalMemory() + runtime.freeMemory();
        if (entry.getSize() > free) {
            throw new JobFileException(file + " needs more memory than there is.");
        }
        try (var in = zip.getInputStream(entry)) {
            // The size in the header may lie; never read past the limit.
            byte[] bytes = in.readNBytes((int) Math.min(most + 1, Integer.MAX_VALUE - 16));
            if (bytes.length > most || bytes.length != entry.getSize()) {
                throw new JobFileException(file + " is damaged: " + name + " has another size.");
            }
            return bytes;
        }
    }
}
