/** Ink values. */
package neattrace.app.station.press;
