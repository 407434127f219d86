/** Ends of lines that thin out as a flexible pen lets them (common practice, no source). */
package neattrace.trace.taper;
