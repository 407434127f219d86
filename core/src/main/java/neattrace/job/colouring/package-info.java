/** Changes of a job that colour it: areas, swatches, groups and forms. */
package neattrace.job.colouring;
