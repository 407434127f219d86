/**
 * Makes plans ready for the press: what lies beneath black, traps, and no more ink than the paper
 * takes. It works on plans at their final size, so all lengths are on the finished thing, and all
 * goods get the same care.
 */
package neattrace.print.ready;
