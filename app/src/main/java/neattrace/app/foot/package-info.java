/** The foot: where the cursor is, what is under it, zoom, running work, the last message. */
package neattrace.app.foot;
