/**
 * From a grey sheet to coverage. Otsu parts ink from paper on the evened sheet; the paper level is
 * the median of the light part, the ink level the dark quartile of the other; coverage is linear
 * between the two, so that the edge of the ink comes out at sub-pixel accuracy. One-bit pictures
 * are first blurred and held to their own black and white, which brings smooth edges back without
 * changing what is joined to what.
 */
package neattrace.sheet.ink;
