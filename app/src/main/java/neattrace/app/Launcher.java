package neattrace.app;

import java.io.File;
import javafx.application.Application;

/**
 * Starts the window. Apart from the application class, so that the program also runs from a plain
 * class path.
 */
public final class Launcher {

    /** As on the command line. */
    private static final int BAD_USAGE = 2;

    private Launcher() {}

    /** Arguments: nothing, a file to open, or "demo". */
    public static void main(String[] arguments) {
        String first = arguments.length == 0 ? "demo" : arguments[0];
        if (!first.equals("demo") && !new File(first).exists()) {
            System.err.println("There is no command or file '" + first + "'.");
            System.exit(BAD_USAGE);
        }
        Application.launch(NeatTraceApp.class, arguments);
    }
}
