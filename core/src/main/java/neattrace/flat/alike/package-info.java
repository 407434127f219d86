/**
 * Areas of similar size and shape: all petals, all window panes. Compared are area, elongation
 * (from the second moments: Hu, IRE Transactions on Information Theory 8(2), 1962) and compactness
 * (4 pi times area by perimeter squared), none of which changes when a shape is turned or mirrored.
 */
package neattrace.flat.alike;
