/**
 * Slits of paper as fine as pixels. Ink is 8-connected and paper 4-connected, so a slit that runs
 * aslant would fall apart into beads wherever it steps to the next row. Where ink lies all round, a
 * saddle of the grid is decided for the paper (figure and ground change places; after the decider
 * for ambiguous cells of G. Nielson and B. Hamann, "The asymptotic decider", IEEE Visualization
 * 1991), and what is left of beads that never show clear paper is filled.
 */
package neattrace.sheet.slit;
