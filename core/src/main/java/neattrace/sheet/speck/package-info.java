/**
 * Dust and pinholes: pieces below a size go, unless they belong to a pattern. A piece belongs to
 * one if it has, among pieces of its kind, one neighbour on each side about as far away, and enough
 * such pieces hang together; stippling and broken hatching do, dust does not (our own method, no
 * source).
 */
package neattrace.sheet.speck;
