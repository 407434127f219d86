/** Changes of a job: closing gaps, and colouring areas, swatches, groups and forms. */
package neattrace.job.change;
