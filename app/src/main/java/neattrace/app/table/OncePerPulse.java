package neattrace.app.table;

import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;

/** Does something before the next picture of the screen, once however often it is asked for. */
final class OncePerPulse {

    private final Runnable action;
    private final Runnable beforeLayout = this::doIfAsked;
    private boolean asked;

    /**
     * For a node in a scene; without one nothing is done.
     *
     * @param action done on the JavaFX thread
     */
    OncePerPulse(Node node, Runnable action) {
        this.action = action;
        node.sceneProperty().addListener((property, before, now) -> move(before, now));
    }

    private void move(Scene before, Scene now) {
        if (before != null) {
            before.removePreLayoutPulseListener(beforeLayout);
        }
        if (now != null) {
            now.addPreLayoutPulseListener(beforeLayout);
        }
    }

    void ask() {
        asked = true;
        Platform.requestNextPulse();
    }

    /** Does it at once if it has been asked for. */
    void doIfAsked() {
        if (asked) {
            asked = false;
            action.run();
        }
    }
}
