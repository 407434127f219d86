/** A job's flats from a loosely coloured picture: joins, swatches and fills in one go. */
package neattrace.job.rough;
