package neattrace.job.file;

import java.io.IOException;

/** A recipe that cannot be used; the message is meant for the user. */
public final class RecipeException extends IOException {

    private static final long serialVersionUID = 2;

    private final boolean newer;

    /** With a message for the user. */
    public RecipeException(String message) {
        this(message, false);
    }

    private RecipeException(String message, boolean newer) {
        super(message);
        this.newer = newer;
    }

    /** For a whole recipe that a newer program wrote. */
    static RecipeException ofNewerProgram(String message) {
        return new RecipeException(message, true);
    }

    /** With a message for the user and a cause for the log. */
    public RecipeException(String message, Throwable cause) {
        super(message, cause);
        this.newer = false;
    }

    /** Whether the recipe is whole, and only too new for this program. */
    boolean isNewer() {
        return newer;
    }
}
