package neattrace.app.docket;

import java.util.Set;
import javafx.scene.input.KeyCode;

/** Something of the docket that keeps keys for itself while it has the focus. */
public interface OwnKeys {

    /** Arrows, more and less, and taking what is pointed at. */
    Set<KeyCode> POINTING =
            Set.of(
                    KeyCode.LEFT,
                    KeyCode.RIGHT,
                    KeyCode.UP,
                    KeyCode.DOWN,
                    KeyCode.PLUS,
                    KeyCode.EQUALS,
                    KeyCode.ADD,
                    KeyCode.MINUS,
                    KeyCode.SUBTRACT,
                    KeyCode.ENTER,
                    KeyCode.SPACE);

    /** Its keys. */
    Set<KeyCode> ownKeys();
}
