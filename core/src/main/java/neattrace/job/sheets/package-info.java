/** Clean sheets without a job: scans in, one-bit pictures out, one by one or a folder at a time. */
package neattrace.job.sheets;
