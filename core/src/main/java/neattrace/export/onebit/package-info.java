/**
 * One-bit pictures straight for film, plates and laser printers: TIFF with CCITT Group 4
 * compression (ITU-T T.6; TIFF revision 6.0, section 11) and PNG of one bit a pixel.
 */
package neattrace.export.onebit;
