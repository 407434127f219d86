/** The lines: curves and how close they keep to the ink. */
package neattrace.app.station.line;
