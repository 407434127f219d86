package neattrace.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A folder of things that a person keeps under names, a file for each.
 *
 * @param <T> what is kept
 */
public final class Shelf<T> {

    /** File systems take 255 bytes; the ending and a number need room. */
    private static final int LONGEST_FILE_NAME = 160;

    /**
     * How things become files.
     *
     * @param <T> what is kept
     */
    public interface Form<T> {

        /** The ending of their files. */
        String ending();

        /** What a person calls one. */
        String name(T thing);

        /** Reads one. */
        T open(Path file) throws IOException;

        /** Writes one. */
        void save(Path file, T thing) throws IOException;

        /**
         * Whether a file that could not be read is whole all the same, such as one of a newer
         * program, which will be wanted again.
         */
        default boolean isWhole(IOException why) {
            return false;
        }
    }

    private final Path folder;
    private final Form<T> form;

    /** A shelf in a folder, which is made when the first thing is kept. */
    public Shelf(Path folder, Form<T> form) {
        this.folder = folder;
        this.form = form;
    }

    /** The thing of a name, without regard to capitals. */
    public Optional<T> find(String name) {
        return all().stream()
                .filter(thing -> form.name(thing).equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** Every thing that can be read, by name; damaged files are passed over. */
    public List<T> all() {
        List<T> things = new ArrayList<>();
        for (Path file : files()) {
            try {
                things.add(form.open(file));
            } catch (IOException e) {
                log(System.Logger.Level.INFO, "passed over: " + e.getMessage(), null);
            }
        }
        things.sort(Comparator.comparing(thing -> form.name(thing).toLowerCase(Locale.ROOT)));
        return things;
    }

    /**
     * Sets damaged files aside, where they are in nobody's way.
     *
     * @return the files as they are called now
     */
    public List<Path> setDamagedAside() {
        List<Path> aside = new ArrayList<>();
        for (Path file : files()) {
            try {
                form.open(file);
            } catch (IOException e) {
                if (!form.isWhole(e)) {
                    SetAside.file(file).ifPresent(aside::add);
                }
            }
        }
        return aside;
    }

    private List<Path> files() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(form.ending())).toList();
        } catch (IOException e) {
            log(System.Logger.Level.WARNING, folder + " could not be listed", e);
            return List.of();
        }
    }

    private static void log(System.Logger.Level level, String message, Throwable cause) {
        System.getLogger(Shelf.class.getName()).log(level, message, cause);
    }

    /**
     * Keeps a thing; one of the same name is replaced.
     *
     * @return its file
     */
    public Path keep(T thing) throws IOException {
        Files.createDirectories(folder);
        Path file = file(form.name(thing));
        form.save(file, thing);
        return file;
    }

    /** Takes a thing off the shelf. */
    public void discard(String name) throws IOException {
        Files.deleteIfExists(file(name));
    }

    /**
     * Letters and digits as they are, everything else by its code, so that no two names collide.
     */
    private Path file(String name) {
        StringBuilder safe = new StringBuilder();
        name.strip()
                .toLowerCase(Locale.ROOT)
                .codePoints()
                .forEach(
                        c -> {
                            if (c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-') {
                                safe.appendCodePoint(c);
                            } else {
                                safe.append(c == ' ' ? "_" : "~" + Integer.toHexString(c) + "~");
                            }
                        });
        if (safe.length() > LONGEST_FILE_NAME) {
            safe.setLength(LONGEST_FILE_NAME);
            safe.append('~').append(Integer.toHexString(name.strip().hashCode()));
        }
        return folder.resolve(safe + form.ending());
    }
}
