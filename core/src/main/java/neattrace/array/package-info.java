/** Arrays of primitives: growing ones, for results whose number is not known, and counts. */
package neattrace.array;
