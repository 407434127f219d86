/** Files for others. */
package neattrace.app.station.handover;
