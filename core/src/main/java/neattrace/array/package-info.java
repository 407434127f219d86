/** Growing arrays of primitives, for results whose number is not known beforehand. */
package neattrace.array;
