/** SVG 1.1 (W3C Recommendation, second edition, 2011) in millimetres. */
package neattrace.export.svg;
