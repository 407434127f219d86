/**
 * The graph of steps from a job to its drawing. A step runs again only if what it reads changed.
 */
package neattrace.job.pipeline;
