/**
 * Autosave: the job as it stands is kept in a folder of the user's own after every change, and
 * taken away when the job is closed in good order. What is found there at the next start was left
 * by a crash and is offered back.
 */
package neattrace.job.autosave;
