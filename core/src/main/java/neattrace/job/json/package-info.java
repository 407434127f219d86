/**
 * What was decided, as JSON: each section of a job has a writer and a reader of its own. Written
 * field by field, so that the format is what docs/job-format.md says. Ranges are checked by the
 * values themselves.
 */
package neattrace.job.json;
