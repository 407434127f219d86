package neattrace.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import neattrace.flat.exchange.PaletteException;
import neattrace.flat.exchange.PaletteFile;
import neattrace.flat.rough.RoughFitting;
import neattrace.gang.GangException;
import neattrace.gang.GangFile;
import neattrace.goods.GoodsException;
import neattrace.goods.GoodsFile;
import neattrace.goods.sheet.LayoutException;
import neattrace.goods.sheet.LayoutFile;
import neattrace.job.file.JobFile;
import neattrace.job.file.JobFileException;
import neattrace.job.file.RecipeException;
import neattrace.job.file.RecipeFile;
import neattrace.press.Cmyk;
import neattrace.press.PressProfile;
import neattrace.press.ProfileException;
import neattrace.press.Rgb;
import neattrace.raster.InkMap;
import neattrace.raster.Picture;
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
    GOODS(GoodsFile.ENDING, Set.of(GoodsException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            inFile(bytes, this, GoodsFile::open);
        }
    },
    LAYOUT(LayoutFile.ENDING, Set.of(LayoutException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            inFile(bytes, this, LayoutFile::open);
        }
    },
    SHEET(GangFile.ENDING, Set.of(GangException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            inFile(bytes, this, GangFile::open);
        }
    },
    PROFILE("", Set.of(ProfileException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            PressProfile read = PressProfile.of(bytes);
            read.preview(new Cmyk(60, 40, 40, 100));
            read.nearest(new Rgb(10, 200, 90));
        }
    },
    /** A picture whose colours are looked for. */
    ROUGH("", Set.of(PictureException.class)) {
        @Override
        void read(byte[] bytes) throws IOException {
            Picture rough = PictureReader.read(bytes, "fuzz");
            try {
                RoughFitting.fit(rough, INK);
            } catch (IllegalArgumentException e) {
                throw new PictureException(e.getMessage());
            }
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

    private static final InkMap INK = new InkMap(16, 16, new byte[256]);

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
