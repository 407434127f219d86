/**
 * What the work on a drawing was: time at the stations, tools, hours and how they were estimated,
 * proofs that came back. Noted by the program itself wherever it can.
 */
package neattrace.job.log;
