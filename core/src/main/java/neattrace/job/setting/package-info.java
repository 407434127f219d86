/**
 * What can be set in a job, each once: its name, unit and range, how it is read off a job and put
 * into one. Fields of the window, options of the command line and tests are made of these.
 */
package neattrace.job.setting;
