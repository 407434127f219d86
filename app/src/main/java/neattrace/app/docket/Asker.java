package neattrace.app.docket;

/** Asks a person something, without holding up anything else. */
@FunctionalInterface
public interface Asker {

    /** Asks; the answer that is chosen does its work. */
    void ask(String question, Choice... answers);
}
