/**
 * Gang sheets: sheets of stickers of several drawings, each a job of its own that points at the
 * drawings' files and notices when they change, move or are gone. What was laid where, and what is
 * pinned, is kept; everything else is made of the drawings again.
 */
package neattrace.gang;
