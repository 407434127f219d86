/**
 * Sheet recipes as JSON: as part of a job, and as files of their own that carry the settings for a
 * paper and a pen from one scan to the next. The format is documented in docs/job-format.md.
 */
package neattrace.job.recipe;
