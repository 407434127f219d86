/**
 * Inks: which colours share one, and a drawing in a single one.
 *
 * <p>Merging colours to fewer inks is a partition of their adjacency graph, found from several
 * greedy ones by moves of single colours (Kernighan and Lin, Bell System Technical Journal 49,
 * 1970). One colour is a maximum cut of that graph into a few tones, weighted by shared boundary
 * (Frieze and Jerrum, Algorithmica 18, 1997, for the problem), by local search.
 */
package neattrace.press.separate;
