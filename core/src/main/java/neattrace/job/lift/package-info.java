/**
 * Brings the JSON of older jobs up to date, one version at a time. A lift knows the two versions it
 * leads from and to and nothing of the program's values, which go on changing.
 */
package neattrace.job.lift;
