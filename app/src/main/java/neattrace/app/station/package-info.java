/** What the stations have in common. */
package neattrace.app.station;
