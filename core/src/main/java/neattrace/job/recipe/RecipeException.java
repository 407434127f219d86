package neattrace.job.recipe;

import java.io.IOException;

/** A recipe that cannot be used; the message is meant for the user. */
public final class RecipeException extends IOException {

    private static final long serialVersionUID = 1;

    /** With a message for the user. */
    public RecipeException(String message) {
        super(message);
    }

    /** With a message for the user and a cause for the log. */
    public RecipeException(String message, Throwable cause) {
        super(message, cause);
    }
}
