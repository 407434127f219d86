/**
 * Reading pictures through ImageIO (JDK readers; TwelveMonkeys for TIFF and JPEG variants). Size is
 * judged from the header before any pixel is decoded. Grey is Rec. 601 luma of the stored values
 * (ITU-R BT.601-7, 2.5.1); resolution comes from the format-neutral metadata tree (JDK, "standard
 * metadata format": pixel size in mm), from the TIFF tags or from the JFIF header.
 */
package neattrace.raster.reading;
