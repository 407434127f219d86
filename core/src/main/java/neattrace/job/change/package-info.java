/**
 * Changes of a job: closing gaps, and colouring areas, swatches, groups and forms.
 *
 * <p>A job's flats from a loosely coloured picture: joins, swatches and fills in one go.
 */
package neattrace.job.change;
