/**
 * PDF (ISO 32000-1) through PDFBox: DeviceCMYK numbers exactly as the swatches say, an optional
 * content group (8.11) for each layer, overprint (8.6.7) for the black, and the press profile as
 * the output intent (14.11.5).
 */
package neattrace.export.pdf;
