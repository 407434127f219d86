/**
 * What needs a decision, as values: how serious, where, how much, why, and what can be done about
 * it. The same for the window, for the command line and for tests; found by {@code
 * neattrace.inspection}.
 */
package neattrace.finding;
