package neattrace.app;

import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.stage.Stage;
import javafx.util.Duration;

/**
 * The size a window opens with. Some window managers answer the first request with the least size
 * the window may have, whatever was asked for; asked once more when it is there, they give it.
 */
final class FirstSize {

    /** So often a manager is asked again that has its own mind. */
    private static final int MOST = 3;

    private static final Duration PAUSE = Duration.millis(200);

    private final Stage stage;
    private final double width;
    private final double height;

    private FirstSize(Stage stage, double width, double height) {
        this.stage = stage;
        this.width = width;
        this.height = height;
    }

    /** Shows a window in a size, px. */
    static void show(Stage stage, double width, double height) {
        FirstSize size = new FirstSize(stage, width, height);
        stage.setWidth(width);
        stage.setHeight(height);
        stage.show();
        Platform.runLater(() -> size.ask(MOST));
    }

    private void ask(int left) {
        if (left < MOST && stage.getWidth() == width && stage.getHeight() == height) {
            return;
        }
        // What is as it was is not asked for.
        stage.setWidth(width + 1);
        stage.setHeight(height + 1);
        stage.setWidth(width);
        stage.setHeight(height);
        stage.centerOnScreen();
        if (left > 0) {
            PauseTransition pause = new PauseTransition(PAUSE);
            pause.setOnFinished(event -> ask(left - 1));
            pause.play();
        }
    }
}
