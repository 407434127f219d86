/** The command line: arguments in, core called, files and plain words out. */
package neattrace.cli;
