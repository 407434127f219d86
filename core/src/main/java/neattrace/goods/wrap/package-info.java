/**
 * What goes round a mug: motifs on the flat wrap, and what of them is seen of the cup. A place on
 * the wrap lies at an angle round the cup (way divided by radius); from far away it is seen at the
 * sine of that angle, squeezed by its cosine. A third of the way round is seen at once (common
 * practice, no source).
 */
package neattrace.goods.wrap;
