/**
 * The job file: a zip archive (PKWARE APPNOTE 6.3) with {@code job.json}, the untouched source and
 * a preview; see docs/job-format.md. Reading trusts nothing: names, counts and sizes are checked
 * before anything is unpacked into memory, and nothing is ever unpacked to disk.
 *
 * <p>Autosave: the job as it stands is kept in a folder of the user's own after every change, and
 * taken away when the job is closed in good order. What is found there at the next start was left
 * by a crash and is offered back.
 *
 * <p>Sheet recipes as files of their own, which carry the settings for a paper and a pen from one
 * scan to the next.
 */
package neattrace.job.file;
