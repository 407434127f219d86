package neattrace.app.docket;

/**
 * Something a person can choose to do.
 *
 * @param label in their words
 * @param action does it
 */
public record Choice(String label, Runnable action) {}
