/**
 * How much of each pixel a shape covers, by the JDK's scan converter (Marlin: 256 x 8 samples a
 * pixel, non-zero winding, so that overlapping parts of one shape leave no seam).
 */
package neattrace.raster.cover;
