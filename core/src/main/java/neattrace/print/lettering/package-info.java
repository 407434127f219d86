/** Lettering as shapes, in typefaces that ship with the program, so that no file needs a font. */
package neattrace.print.lettering;
