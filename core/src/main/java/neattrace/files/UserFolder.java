package neattrace.files;

import java.nio.file.Path;

/** Where the program keeps what belongs to the user. */
public final class UserFolder {

    private UserFolder() {}

    /**
     * The folder: below {@code XDG_DATA_HOME} or {@code APPDATA} if one is set (XDG Base Directory
     * Specification 0.8), else below {@code ~/.local/share}.
     */
    public static Path data() {
        String home = System.getenv("XDG_DATA_HOME");
        if (home == null || home.isBlank()) {
            home = System.getenv("APPDATA");
        }
        Path base =
                home == null || home.isBlank()
                        ? Path.of(System.getProperty("user.home"), ".local", "share")
                        : Path.of(home);
        return base.resolve("neat-trace");
    }
}
