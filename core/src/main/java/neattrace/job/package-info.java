/** The job: the untouched source and every decision about it. All else is computed from it. */
package neattrace.job;
