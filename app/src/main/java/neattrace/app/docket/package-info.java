/** The docket: sentences with values in them, and findings that want an answer. */
package neattrace.app.docket;
