/**
 * The table: the drawing on its ground. One surface as large as the view is painted in the
 * background for the current zoom; while it is being painted the last one is shown, moved to where
 * it belongs, so panning and zooming never wait.
 */
package neattrace.app.table;
