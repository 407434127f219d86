/**
 * What is doubtful about flats: colours so near that they were surely meant to be one (CIEDE2000:
 * CIE 142-2001, Sharma, Wu and Dalal, Color Research and Application 30(1), 2005), a colour used
 * once, areas too small for the goods, wide gaps that hold colours apart, colours that keep to one
 * part of the sheet.
 *
 * <p>Areas of similar size and shape: all petals, all window panes. Compared are area, elongation
 * (from the second moments: Hu, IRE Transactions on Information Theory 8(2), 1962) and compactness
 * (4 pi times area by perimeter squared), none of which changes when a shape is turned or mirrored.
 */
package neattrace.flat.review;
