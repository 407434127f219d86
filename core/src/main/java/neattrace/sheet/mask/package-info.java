/** Shapes drawn by hand on the scan, as pixels of the sheet. */
package neattrace.sheet.mask;
