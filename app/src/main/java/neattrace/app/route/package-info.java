/** The route along the top: the stations in the order of the work, with their state. */
package neattrace.app.route;
