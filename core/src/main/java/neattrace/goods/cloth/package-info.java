/**
 * Prints on shirts and totes: how large and where on the cloth, which inks, and quiet places for a
 * signature. Distances from seams and steps over sizes are common practice, no source.
 */
package neattrace.goods.cloth;
