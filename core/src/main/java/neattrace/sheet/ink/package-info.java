/**
 * The whole recipe, from picture to coverage: pencil, frame, light, levels, response, sharpening,
 * decision, masks, specks. Coverage is darkness moved so that the threshold lies at the edge level,
 * so the edge of the ink comes out at sub-pixel accuracy. One-bit pictures are first blurred and
 * held to their own black and white, which brings smooth edges back without changing what is joined
 * to what.
 */
package neattrace.sheet.ink;
