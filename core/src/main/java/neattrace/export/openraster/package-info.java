/**
 * Layered raster files for painters: OpenRaster (freedesktop.org, baseline 0.0.5: a zip whose
 * first, uncompressed entry is the media type, stack.xml with the layers from the top down, one PNG
 * for each layer, a merged image and a thumbnail).
 */
package neattrace.export.openraster;
