/** Measuring how true and how fast the program is. Not run by the tests. */
package neattrace.bench;
