package neattrace.stage;

import java.io.IOException;

/**
 * One stage of the work: a name and a way to make an outcome of all that it reads. Stages hold
 * nothing; {@link Stages} remembers what they made.
 *
 * @param <I> what it reads, a value whose {@code equals} says whether another outcome is to be
 *     expected; large parts that are compared by identity are {@link Same}
 * @param <O> what it makes, immutable
 */
public final class Stage<I, O> {

    /** Makes the outcome. */
    @FunctionalInterface
    public interface Maker<I, O> {

        /**
         * Makes it.
         *
         * @param run what was made before, who waits, and other stages
         * @throws IOException if what is read cannot be
         */
        O make(I input, Run<I, O> run) throws IOException;
    }

    private final String name;
    private final Maker<I, O> maker;

    /**
     * A stage.
     *
     * @param name in a person's words: what is being done
     */
    public Stage(String name, Maker<I, O> maker) {
        this.name = name;
        this.maker = maker;
    }

    Maker<I, O> maker() {
        return maker;
    }

    @Override
    public String toString() {
        return name;
    }
}
