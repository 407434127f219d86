/** The sheet: what is ink and what is paper. */
package neattrace.app.station.sheet;
