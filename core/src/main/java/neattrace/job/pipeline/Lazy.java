package neattrace.job.pipeline;

import java.util.function.Supplier;

/** A value that is computed when it is first asked for, once, by whichever thread asks. */
public final class Lazy<T> {

    private Supplier<T> maker;
    private T value;

    Lazy(Supplier<T> maker) {
        this.maker = maker;
    }

    /** The value; takes the time of computing it the first time. */
    public synchronized T get() {
        if (maker != null) {
            value = maker.get();
            maker = null;
        }
        return value;
    }
}
