/** The recipe that turns a scan into an ink map. */
package neattrace.sheet;
