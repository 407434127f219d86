package neattrace.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import neattrace.flat.exchange.PaletteException;
import neattrace.flat.exchange.PaletteFile;
import neattrace.job.file.JobFile;
import neattrace.job.file.JobFileException;
import neattrace.job.file.RecipeException;
import neattrace.job.file.RecipeFile;
import neattrace.press.PressProfile;
import neattrace.raster.reading.PictureException;
import neattrace.raster.reading.PictureReader;

/** Everything that reads what a stranger may have written. */
enum Reader {
    PICTURE("", Set.of(PictureException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            PictureReader.read(bytes, "fuzz");
        }
    },
    JOB(JobFile.ENDING, Set.of(JobFileException.class, PictureException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            inFile(bytes, this, JobFile::open);
        }
    },
    RECIPE(RecipeFile.ENDING, Set.of(RecipeException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            inFile(bytes, this, RecipeFile::open);
        }
    },
    /** The first byte chooses the format. */
    PALETTE("", Set.of(PaletteException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            PaletteFile.Format[] formats = PaletteFile.Format.values();
            int format = bytes.length == 0 ? 0 : Math.floorMod(bytes[0], formats.length);
            byte[] rest =
                    java.util.Arrays.copyOfRange(bytes, Math.min(1, bytes.length), bytes.length);
            PaletteFile.read(rest, "fuzz" + formats[format].ending(), PressProfile.bundled());
        }
    };

    private final String ending;
    private final Set<Class<? extends IOException>> plain;

    Reader(String ending, Set<Class<? extends IOException>> plain) {
        this.ending = ending;
        this.plain = plain;
    }

    private interface Opening {
        void open(Path file) throws IOException;
    }

    private static void inFile(byte[] bytes, Reader reader, Opening opening) throws IOException {
        Path file = Files.createTempFile("fuzz", reader.ending);
        try {
            Files.write(file, bytes);
            opening.open(file);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    abstract void read(byte[] bytes) throws IOException;

    /** Reads; whatever comes out but one plain sentence is a fault. */
    void check(byte[] bytes) {
        try {
            read(bytes);
        } catch (IOException e) {
            boolean sentence = plain.contains(e.getClass()) && e.getMessage() != null;
            if (!sentence || e.getMessage().isBlank() || e.getMessage().contains("\n")) {
                throw new IllegalStateException("no plain sentence: " + e, e);
            }
        }
    }
}
