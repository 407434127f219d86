/** Ink values: builds in CMYK, the black rule, and colour arithmetic. */
package neattrace.press;
