/** Handing a drawing over: SVG, PDF and PNG, all from one description of the finished art. */
package neattrace.export;
