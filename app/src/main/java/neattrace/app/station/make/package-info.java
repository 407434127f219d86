/** Make: what is made of the drawing. */
package neattrace.app.station.make;
