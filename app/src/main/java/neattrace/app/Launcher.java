package neattrace.app;

import javafx.application.Application;

/**
 * Starts the window. Apart from the application class, so that the program also runs from a plain
 * class path.
 */
public final class Launcher {

    private Launcher() {}

    /** Arguments: nothing, a file to open, or "demo". */
    public static void main(String[] arguments) {
        Application.launch(NeatTraceApp.class, arguments);
    }
}
