/** Where on the sheet the drawing is: the extent of all pieces of ink that are no dirt. */
package neattrace.sheet.extent;
