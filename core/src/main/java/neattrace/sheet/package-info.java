/**
 * The recipe that turns a scan into an ink map.
 *
 * <p>From scan to straight sheet: four corners by a homography (R. Hartley and A. Zisserman,
 * <i>Multiple View Geometry in Computer Vision</i>, 2nd ed., 2.3), tilt, crop and enlargement, all
 * multiplied into one map and applied in one resampling.
 */
package neattrace.sheet;
