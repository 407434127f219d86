/** Files for others: the table of formats; a package for each holds its writer. */
package neattrace.export;
