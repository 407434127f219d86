/**
 * Work in stages. A stage names, as one value, what it reads; whoever wants its outcome hands that
 * value over and gets what was made of an equal one before, or of this one now. Nobody decides by
 * hand what is still current. After A. Acar, "Self-Adjusting Computation" (CMU-CS-05-129, 2005),
 * cut down to what a fixed order of stages needs: one remembered outcome each.
 *
 * <p>Long work tells what it is doing and learns that it is no longer wanted.
 */
package neattrace.stage;
