/**
 * Dust and pinholes. On a scan that is left to itself they are told from the drawing's own dots by
 * all that can be seen of them: size against the pen, darkness, shape, company and place, each of
 * which adds to a score as a logarithm of odds does (naive Bayes, M. E. Maron, "Automatic
 * Indexing", J. ACM 8(3), 1961; the signs and their weights are our own, no source). With a size
 * set by hand, pieces below it go. Either way what belongs to a pattern stays: a piece does if it
 * has, among pieces of its kind, one neighbour on each side about as far away, and enough such
 * pieces hang together; stippling and broken hatching do, dust does not (our own method, no
 * source).
 */
package neattrace.sheet.speck;
