/** Brief: what the drawing is called and what its scan is good for. */
package neattrace.app.station.brief;
