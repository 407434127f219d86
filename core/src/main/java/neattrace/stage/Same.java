package neattrace.stage;

/**
 * A part of what a stage reads that is compared by identity: the outcome of another stage, whose
 * content would take long to compare and is the same object as long as it is the same.
 *
 * @param value the part
 */
public record Same<T>(T value) {

    /** Another name for the constructor, for brevity. */
    public static <T> Same<T> of(T value) {
        return new Same<>(value);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Same<?> same && same.value == value;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(value);
    }
}
