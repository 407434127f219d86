package neattrace.stage;

/**
 * What a stage made, and of what.
 *
 * @param input what it read
 * @param output what it made
 */
public record Made<I, O>(I input, O output) {}
