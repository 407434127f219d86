/** The findings' room at the right: what needs a decision, kind by kind, and the answers. */
package neattrace.app.findings;
