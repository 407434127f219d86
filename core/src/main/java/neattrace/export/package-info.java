/**
 * Files for others: the table of formats, and a writer for each, all of which write a {@link
 * neattrace.print.PrintPlan}.
 *
 * <p>DXF of release 12, which cutters and plotters read: POLYLINE entities on named layers, in mm,
 * y up (Autodesk, <i>Drawing Interchange File Formats</i>, Release 12, 1992; group codes from
 * memory).
 *
 * <p>One-bit pictures straight for film, plates and laser printers: TIFF with CCITT Group 4
 * compression (ITU-T T.6; TIFF revision 6.0, section 11) and PNG of one bit a pixel.
 *
 * <p>Layered raster files for painters: OpenRaster (freedesktop.org, baseline 0.0.5: a zip whose
 * first, uncompressed entry is the media type, stack.xml with the layers from the top down, one PNG
 * for each layer, a merged image and a thumbnail).
 *
 * <p>PDF (ISO 32000-1) through PDFBox: DeviceCMYK numbers exactly as the swatches say, an optional
 * content group (8.11) for each layer, overprint (8.6.7) for the black, and the press profile as
 * the output intent (14.11.5).
 *
 * <p>Painting art into pixels with Java2D, for PNG files (ISO/IEC 15948) and for the screen. Each
 * layer is painted a hair wider than it is, so that neighbours leave no light seam where their
 * shared edge is anti-aliased; the lines cover the rest.
 *
 * <p>SVG 1.1 (W3C Recommendation, second edition, 2011) in millimetres.
 */
package neattrace.export;
