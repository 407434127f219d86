/**
 * The job file: a zip archive (PKWARE APPNOTE 6.3) with {@code job.json}, the untouched source and
 * a preview; see docs/job-format.md. Reading trusts nothing: names, counts and sizes are checked
 * before anything is unpacked into memory, and nothing is ever unpacked to disk.
 */
package neattrace.job.file;
