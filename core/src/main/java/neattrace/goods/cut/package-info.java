/**
 * Cut lines round stickers: an even border by Minkowski sums with discs (JTS buffers), inlets that
 * a blade cannot follow closed by the morphological closing and necks that tear widened by what the
 * opening takes away (J. Serra, "Image Analysis and Mathematical Morphology", 1982), blurred a
 * little along their way, and few smooth curves fitted to what comes of it.
 */
package neattrace.goods.cut;
