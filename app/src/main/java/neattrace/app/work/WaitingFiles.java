package neattrace.app.work;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/**
 * Files that wait for what is still being worked out, in the order in which they were asked for.
 * Belongs to the JavaFX thread.
 *
 * @param <T> what is worked out
 */
final class WaitingFiles<T> {

    private record Waiting<T>(String what, Consumer<T> then) {}

    private final List<Waiting<T>> waiting = new ArrayList<>();

    boolean isEmpty() {
        return waiting.isEmpty();
    }

    /** One more. */
    void add(String what, Consumer<T> then) {
        waiting.add(new Waiting<>(what, then));
    }

    /** All of them go on with what was worked out; those asked for meanwhile wait again. */
    void serve(T workedOut) {
        List<Waiting<T>> now = List.copyOf(waiting);
        waiting.clear();
        now.forEach(one -> one.then().accept(workedOut));
    }

    /** Nothing came of it: what they are called, such as "a.pdf, b.svg"; empty for none. */
    String giveUp() {
        String given = String.join(", ", waiting.stream().map(Waiting::what).toList());
        waiting.clear();
        return given;
    }
}
