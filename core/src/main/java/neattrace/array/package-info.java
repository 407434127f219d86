/**
 * Arrays of primitives: growing ones, for results whose number is not known, and counts.
 *
 * <p>Work shared out among the processors: list scheduling by longest processing time first (R. L.
 * Graham, "Bounds on multiprocessing timing anomalies", SIAM Journal on Applied Mathematics 17,
 * 1969).
 */
package neattrace.array;
