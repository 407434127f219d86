/** Gaps: what is closed and what stays open. */
package neattrace.app.station.close;
