/** Writing PNG files (ISO/IEC 15948) with their resolution in the pHYs chunk. */
package neattrace.raster.writing;
