/** Colours and the areas they lie in. */
package neattrace.app.station.flats;
