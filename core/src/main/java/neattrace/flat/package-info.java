/** Swatches and fills: which colour lies in which area. */
package neattrace.flat;
