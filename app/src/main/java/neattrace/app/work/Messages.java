package neattrace.app.work;

import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** What the user is told. Belongs to the JavaFX thread. */
final class Messages {

    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper("");

    ReadOnlyStringProperty messageProperty() {
        return message.getReadOnlyProperty();
    }

    ReadOnlyStringProperty troubleProperty() {
        return trouble.getReadOnlyProperty();
    }

    void say(String text) {
        message.set(text);
    }

    /** Says plainly what went wrong. */
    void complain(Throwable e) {
        String text = plain(e);
        say(text);
        trouble.set(text);
    }

    /** Something is tried again. */
    void clearTrouble() {
        trouble.set("");
    }

    static String plain(Throwable e) {
        if (e instanceof OutOfMemoryError) {
            return "There is not enough memory for this; nothing was changed. Try a smaller scan.";
        }
        if (e instanceof StackOverflowError) {
            return "The drawing is too intricate for this; nothing was changed.";
        }
        return e.getMessage() == null ? "It did not work: " + e : e.getMessage();
    }
}
