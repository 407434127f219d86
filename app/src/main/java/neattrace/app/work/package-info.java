/** The open job, its history, the running computation, autosave and recent files. */
package neattrace.app.work;
