/**
 * Takes a job as far as it goes without a person: at each station what is doubtful is decided as a
 * careful hand usually would, by a table of rules that names what is done and how doubtful that is
 * (our own judgement, no source). Nothing that a person decided is touched, no decision is hidden,
 * and each can be taken back by itself.
 */
package neattrace.proposal;
