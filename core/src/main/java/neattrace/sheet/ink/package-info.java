/**
 * The whole recipe, from picture to coverage: pencil, frame, light, levels, response, sharpening,
 * decision, masks, specks. Coverage is darkness moved so that the threshold lies at the edge level,
 * so the edge of the ink comes out at sub-pixel accuracy. One-bit pictures are first blurred and
 * held to their own black and white, which brings smooth edges back without changing what is joined
 * to what.
 *
 * <p>Shapes drawn by hand on the scan, as pixels of the sheet.
 *
 * <p>Slits of paper as fine as pixels. Ink is 8-connected and paper 4-connected, so a slit that
 * runs aslant would fall apart into beads wherever it steps to the next row. Where ink lies all
 * round, a saddle of the grid is decided for the paper (figure and ground change places; after the
 * decider for ambiguous cells of G. Nielson and B. Hamann, "The asymptotic decider", IEEE
 * Visualization 1991), and what is left of beads that never show clear paper is filled.
 */
package neattrace.sheet.ink;
