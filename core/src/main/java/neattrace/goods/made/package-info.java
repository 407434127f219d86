/**
 * Goods of a brief as finished things, whatever kind they are: their pages and what is told of
 * them.
 */
package neattrace.goods.made;
